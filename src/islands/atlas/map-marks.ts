import type { MappedFinger, MappedString, PositionMap } from '#core/atlas';
import { type Instrument, writtenOnString } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { displayPitch, noteLabel, parsePitch, semitonesOf } from '#core/pitch';
import { parseKey } from '#core/key';
import { type BoardPlace, pitchAtPlace } from './board-place.ts';
import type { BoardMark, BoardTouch } from '../measurements/BoardDrawing.tsx';

/** Marks the fingers of a position on the board with the open strings that belong to it, their notes above them; the tonic stands out. */
export function mapMarks({ strings }: PositionMap, musicKey: string): readonly BoardMark[] {
  const key = parseKey(musicKey);
  return strings.flatMap((string) =>
    [...openOf(string), ...string.fingers].map(({ finger, pitch, written, semitonesAboveOpen, mmFromNut: mm, rings }): BoardMark => {
      const sounding = parsePitch(pitch);
      const isTonic = key.ok && sounding.ok && semitonesOf(sounding.value) % 12 === semitonesOf(key.value.tonic) % 12;
      return {
        id: `${string.stringIndex} ${semitonesAboveOpen}`,
        stringIndex: string.stringIndex,
        mm,
        text: finger,
        // An open string has its name beside the nut.
        name: finger === '0' ? '' : noteLabel(written.replace(/-?[0-9]$/, '')),
        look: isTonic ? 'chosen' : 'plays',
        rings,
      };
    }),
  );
}

function openOf({ open, openWritten, openBelongs }: MappedString): readonly MappedFinger[] {
  return openBelongs ? [{ finger: '0', pitch: open, written: openWritten, semitonesAboveOpen: 0, mmFromNut: 0, rings: false }] : [];
}

/** Finds fingers that touch: a semitone apart. */
export function mapTouches({ strings }: PositionMap): readonly BoardTouch[] {
  return strings.flatMap(({ stringIndex, fingers, gaps }) =>
    gaps.flatMap(({ semitones }, order): readonly BoardTouch[] => {
      const [from, to] = [fingers[order], fingers[order + 1]];
      return semitones === 1 && from && to ? [{ stringIndex, fromMm: from.mmFromNut, toMm: to.mmFromNut }] : [];
    }),
  );
}

/** Marks every place of a note on the board, open strings apart, each with the finger of the lowest position that has it. */
export function placeMarks(instrument: Instrument, text: string, maps: readonly PositionMap[]): readonly BoardMark[] {
  const pitch = parsePitch(text);
  if (!pitch.ok) return [];
  return instrument.strings.flatMap(({ semitones: open }, stringIndex): readonly BoardMark[] => {
    const above = semitonesOf(pitch.value) - open;
    if (above < 1 || above > instrument.highestSemitone) return [];
    return [
      {
        id: `place ${stringIndex}`,
        stringIndex,
        mm: mmFromNut(instrument.stringLengthMm, above),
        text: fingerAt(maps, { stringIndex, semitonesAboveOpen: above }),
        name: displayPitch(writtenOnString(instrument, stringIndex, pitch.value)),
        look: 'rests',
        rings: false,
      },
    ];
  });
}

/** Finds the finger that plays a place in the lowest position that has it; empty where none does. */
function fingerAt(maps: readonly PositionMap[], { stringIndex, semitonesAboveOpen }: BoardPlace): string {
  const fingers = maps.flatMap(({ strings }) =>
    strings.filter((string) => string.stringIndex === stringIndex).flatMap(({ fingers }) => fingers),
  );
  return fingers.find((finger) => finger.semitonesAboveOpen === semitonesAboveOpen)?.finger ?? '';
}

/** Rings the place that was pressed: a finger there keeps its number, and a place without one gets its name. */
export function withPicked(
  marks: readonly BoardMark[],
  instrument: Instrument,
  musicKey: string,
  place: BoardPlace | null,
): readonly BoardMark[] {
  const pitch = place && pitchAtPlace(instrument, musicKey, place);
  if (!place || pitch === null) return marks;
  const { stringIndex, semitonesAboveOpen } = place;
  const mm = mmFromNut(instrument.stringLengthMm, semitonesAboveOpen);
  const isThere = (mark: BoardMark): boolean => mark.stringIndex === stringIndex && Math.abs(mark.mm - mm) < SAME_PLACE_MM;
  if (marks.some(isThere)) return marks.map((mark) => (isThere(mark) ? { ...mark, picked: true } : mark));
  const name = noteLabel(pitch);
  return [...marks, { id: 'picked place', stringIndex, mm, text: '', name, look: 'rests', rings: false, picked: true }];
}

/** The distance below which two marks are the same place, mm. */
const SAME_PLACE_MM = 0.5;
