import type { BeforePiece, NearMeasure, Need, PieceForNeed, SoughtShift, Unlike } from '#core/books';
import { countText, listText } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel, pitchLabel } from '#core/pitch';
import { gapsOfKey } from '#core/plan/describe';
import { gapsText } from '../hand/patterns.ts';
import { intervalName } from '../names/intervals.ts';
import { distanceText, positionText } from './families.ts';

/** The words for what is found in the teacher’s books. */
export const IN_BOOKS = {
  nearest: 'Nearest in your books',
  looking: 'Looking through your books …',
  noBooks: 'Bring in your etudes as files, and the measure that comes nearest to a shift is found in them.',
  toBooks: 'Your books',
  none: 'No measure of your books comes near it.',
  whole: 'The whole piece',
  otherFingers: 'In these measures this hand takes other fingers.',
  keep: 'Open these measures',
  before: 'Before this piece',
  beforeNone: 'No piece of your books has it.',
  beforeNoBooks:
    'Bring in your etudes as files, and what this piece asks for is found in them: its keys, finger patterns, positions and shifts.',
} as const;

/** Tells how far the books are read: "12 of 100 pieces in your books read so far …" */
export function readingText(done: number, all: number): string {
  return `${done} of ${countText(all, 'piece', 'pieces')} in your books read so far …`;
}

/** Writes the measures in which a shift lies: "measure 5", "measures 5–6". */
export function measuresText(from: number, to: number): string {
  if (from === to) return to === 0 ? 'the pick-up' : `measure ${to}`;
  if (from === 0) return `the pick-up and ${measuresText(1, to)}`;
  return `measures ${from}–${to}`;
}

/** Writes a move of music: "up a perfect fifth"; empty where it stays. */
export function movedText({ moved: { steps, semitones } }: Pick<NearMeasure, 'moved'>): string {
  if (semitones === 0) return '';
  const way = semitones > 0 ? 'up' : 'down';
  return `${way} ${intervalName(Math.abs(steps), Math.abs(semitones))}`;
}

/** Tells how near a measure is to the shift that is sought: what is the same, what differs, which note is missing. */
export function nearText(near: NearMeasure, sought: SoughtShift): string {
  const move = movedText(near);
  const lead = move === '' ? '' : `Moved ${move}: `;
  const differing = near.unlike.map((what) => unlikeText(what, near, sought));
  const missing = missingText(near.missing);
  if (differing.length === 0 && missing === '') {
    const same = sought.written === null ? 'the same shift' : 'the same shift with the same notes';
    return lead === '' ? `${same.charAt(0).toUpperCase()}${same.slice(1)}.` : `${lead}${same}.`;
  }
  const told = differing.length === 0 ? 'the same shift' : listText(differing);
  const sentence = `${lead}${told}.`;
  return [`${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}`, ...(missing === '' ? [] : [missing])].join(' ');
}

function missingText(missing: readonly string[]): string {
  const [one, other] = missing.map(pitchLabel);
  if (one === undefined) return '';
  return other === undefined ? `${one} is missing.` : `${one} and ${other} are missing.`;
}

/** Writes how a shift differs: "finger 2 leaves, not 1". */
function unlikeText(what: Unlike, { shift: { shiftClass: there } }: NearMeasure, { shiftClass: wanted }: SoughtShift): string {
  switch (what) {
    case 'from-finger':
      return `finger ${there.fromFinger} leaves, not ${wanted.fromFinger}`;
    case 'to-finger':
      return `finger ${there.toFinger} arrives, not ${wanted.toFinger}`;
    case 'distance':
      return `the hand goes ${distanceText(there.distance)}, not ${distanceText(wanted.distance)}`;
    case 'way':
      return `the hand goes ${there.way}, not ${wanted.way}`;
    case 'string':
      if (there.fromString === there.toString && wanted.fromString === wanted.toString)
        return `on the ${noteLabel(there.toString)} string, not on the ${noteLabel(wanted.toString)} string`;
      return there.fromString === there.toString ? 'it stays on one string' : 'it crosses to another string';
  }
}

/** Tells which notes of moved measures lie below the lowest string. */
export function belowText(missing: readonly string[]): string {
  const names = listText(missing.map(pitchLabel));
  return `${names} ${missing.length === 1 ? 'lies' : 'lie'} below the lowest string: a rest stands instead.`;
}

/** Names a need: "D major", "2 and 3 close", "third position", "1–3 up 2 positions". */
export function needName(need: Need): string {
  switch (need.need) {
    case 'key':
      return keyLabel(need.key);
    case 'pattern':
      return `The pattern: ${gapsText(gapsOfKey(need.pattern))}`;
    case 'position': {
      const name = positionText(need.position);
      return `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
    }
    case 'shift': {
      const { fromFinger, toFinger, way, distance } = need.shiftClass;
      return `The shift ${fromFinger}–${toFinger} ${way} ${distanceText(distance)}`;
    }
  }
}

/** Tells how much of a piece asks for something: "38 of its 52 notes". */
export function needShareText(
  { need, times }: BeforePiece,
  { notes, shifts }: { readonly notes: number; readonly shifts: number },
): string {
  return need.need === 'shift' ? shareText(times, shifts, 'shift', 'shifts') : shareText(times, notes, 'note', 'notes');
}

/** Tells why a piece practises a need: "All 24 notes." "7 of its 9 shifts, first in measure 3; it also goes to fifth position." */
export function forNeedText({ times, among, measure, otherPositions }: PieceForNeed, need: Need): string {
  const share = need.need === 'shift' ? shareText(times, among, 'shift', 'shifts') : shareText(times, among, 'note', 'notes');
  const where = times === among ? '' : `, first in ${measuresText(measure, measure)}`;
  const also = otherPositions.length === 0 ? '' : `; it also goes to ${listText(otherPositions.map(positionText))}`;
  return `${share}${where}${also}.`;
}

function shareText(times: number, among: number, one: string, many: string): string {
  if (times === among) return among === 1 ? `Its one ${one}` : `All ${countText(among, one, many)}`;
  return `${times} of its ${countText(among, one, many)}`;
}
