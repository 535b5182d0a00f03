import { intonedStops } from '#core/fit/intoned';
import { type Instrument, stringOf, writtenOnString } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { type Intonation, targetOn } from '#core/intonation';
import { type KeyPlace, RINGS_FROM, ringStrength } from '#core/intonation/checks';
import { displayPitch, displayPitchClass, parsePitch, semitonesOf } from '#core/pitch';
import { pitchInKey } from '#core/key';
import type { Plan, PlannedSound, Stay } from '#core/plan/describe';
import { signedMmText } from '../../words/intonation/intonation.ts';
import type { BoardMark, BoardTick, BoardTouch } from './BoardDrawing.tsx';

/** Marks the notes of a key; the tonic stands out. */
export function keyMarks(places: readonly KeyPlace[]): readonly BoardMark[] {
  return stoppedPlaces(places).map((place) => ({
    id: idOf(place.stringIndex, place.semitonesAboveOpen),
    stringIndex: place.stringIndex,
    mm: place.target.mmFromNut,
    text: displayPitchClass(place.pitch),
    look: place.degree === 1 ? 'chosen' : 'key',
    rings: place.rings,
  }));
}

/** Finds neighbouring notes of a key that touch: a semitone apart. */
export function keyTouches(places: readonly KeyPlace[]): readonly BoardTouch[] {
  return stoppedPlaces(places).flatMap((place) => {
    const next = places.find(
      (other) => other.stringIndex === place.stringIndex && other.semitonesAboveOpen === place.semitonesAboveOpen + 1,
    );
    return next ? [{ stringIndex: place.stringIndex, fromMm: place.target.mmFromNut, toMm: next.target.mmFromNut }] : [];
  });
}

/** Marks the same notes in another system: their distance from where they stand. */
export function otherTicks(instrument: Instrument, places: readonly KeyPlace[], other: Intonation): readonly BoardTick[] {
  return stoppedPlaces(places).flatMap((place, order, all): BoardTick[] => {
    const there = targetOn(instrument, place.stringIndex, place.pitch, other);
    const [fromMm, toMm] = [place.target.mmFromNut, there.mmFromNut];
    if (Math.abs(toMm - fromMm) < 0.05) return [];
    return [
      {
        id: idOf(place.stringIndex, place.semitonesAboveOpen),
        stringIndex: place.stringIndex,
        fromMm,
        toMm,
        text: signedMmText(toMm - fromMm),
        nextMm: all[order + 1]?.stringIndex === place.stringIndex ? (all[order + 1]?.target.mmFromNut ?? Infinity) : Infinity,
      },
    ];
  });
}

function stoppedPlaces(places: readonly KeyPlace[]): readonly KeyPlace[] {
  return places.filter((place) => place.semitonesAboveOpen > 0);
}

/** Marks every finger of a stay where it plays or would stand; the selected note stands out. */
export function handMarks(plan: Plan, instrument: Instrument, stay: Stay, chosen: PlannedSound | null): readonly BoardMark[] {
  const indexOf = (number: string): number => instrument.strings.findIndex((string) => string.number === number);
  const resting = stay.patterns.flatMap((pattern) =>
    pattern.places.map(({ finger, semitonesAboveOpen, played }) => ({
      stringIndex: indexOf(pattern.string),
      semitonesAboveOpen,
      text: finger,
      look: played ? ('plays' as const) : ('rests' as const),
    })),
  );
  const playing = soundsOf(plan, stay).flatMap((note) =>
    note.stops.flatMap((stop) =>
      stop.finger === '0'
        ? []
        : [
            {
              stringIndex: indexOf(stop.string),
              semitonesAboveOpen: stop.semitonesAboveOpen,
              text: stop.finger,
              look: note === chosen ? ('chosen' as const) : ('plays' as const),
            },
          ],
    ),
  );
  // Fingers that play stand over those that only rest, the chosen note over all.
  const order = { rests: 0, plays: 1, chosen: 2 } as const;
  const byPlace = new Map(
    [...resting, ...playing]
      .toSorted((one, other) => order[one.look] - order[other.look])
      .map((mark) => [idOf(mark.stringIndex, mark.semitonesAboveOpen), mark]),
  );
  return [...byPlace].map(([id, mark]) => ({
    id,
    stringIndex: mark.stringIndex,
    text: mark.text,
    look: mark.look,
    mm: mmFromNut(instrument.stringLengthMm, mark.semitonesAboveOpen),
    ...noteAt(plan, instrument, mark.stringIndex, mark.semitonesAboveOpen),
  }));
}

/** Finds neighbouring fingers of a stay that touch. */
export function handTouches(instrument: Instrument, stay: Stay): readonly BoardTouch[] {
  const at = (semitones: number): number => mmFromNut(instrument.stringLengthMm, semitones);
  return stay.patterns.flatMap((pattern) =>
    pattern.gaps.flatMap((gap, index): BoardTouch[] => {
      const place = pattern.places[index];
      if (!place || gap.semitones !== 1) return [];
      const stringIndex = instrument.strings.findIndex((string) => string.number === pattern.string);
      return [{ stringIndex, fromMm: at(place.semitonesAboveOpen), toMm: at(place.semitonesAboveOpen + 1) }];
    }),
  );
}

/** Marks the other places of a note on the fingerboard. */
export function samePitchMarks(instrument: Instrument, note: PlannedSound): readonly BoardMark[] {
  return note.stops.flatMap((stop) => {
    const pitch = parsePitch(stop.pitch);
    if (!pitch.ok) return [];
    return instrument.strings.flatMap((string, stringIndex): BoardMark[] => {
      const semitones = semitonesOf(pitch.value) - string.semitones;
      if (string.number === stop.string || semitones < 1 || semitones > instrument.highestSemitone) return [];
      return [
        {
          id: `same ${idOf(stringIndex, semitones)}`,
          stringIndex,
          mm: mmFromNut(instrument.stringLengthMm, semitones),
          text: '=',
          name: displayPitch(writtenOnString(instrument, stringIndex, pitch.value)),
          look: 'rests',
          rings: false,
        },
      ];
    });
  });
}

/** Lists the open strings that sound along with a note, by index. */
export function stringsRinging(plan: Plan, instrument: Instrument, note: PlannedSound): ReadonlySet<number> {
  const numbers = intonedStops(plan, note).flatMap(({ stop, ringsWith }) => (stop.finger === '0' ? [] : ringsWith));
  return new Set(numbers.map((number) => instrument.strings.findIndex((string) => string.number === number)));
}

/** Lists the sounding notes of a stay. */
export function soundsOf(plan: Plan, stay: Stay): readonly PlannedSound[] {
  return plan.notes.slice(stay.from, stay.to + 1).flatMap((note) => (note.kind === 'note' ? [note] : []));
}

function noteAt(plan: Plan, instrument: Instrument, stringIndex: number, semitones: number): Pick<BoardMark, 'name' | 'rings'> {
  const pitch = pitchInKey(stringOf(instrument, stringIndex).semitones + semitones, plan.line.key);
  return { name: displayPitchClass(pitch), rings: ringStrength(instrument, { stringIndex, pitch }) >= RINGS_FROM };
}

function idOf(stringIndex: number, semitones: number): string {
  return `${stringIndex} ${semitones}`;
}
