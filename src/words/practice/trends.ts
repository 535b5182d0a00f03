import { format } from 'date-fns/format';
import { countText, listText } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { ComparedBy, CountedBy, MissCounts, MissedPlace, PointsTo, Statement, Week } from '#core/trends';
import { positionName } from '../names/atlas.ts';
import { noteAtText, type TellNote, type ToldNote } from '../line/note-places.ts';

/** The subject of a statement with its verb: "The third finger on the A string is", "Downward shifts from the third finger are". */
const SUBJECTS: Readonly<Record<ComparedBy, (one: string, others: readonly string[]) => string>> = {
  finger: (finger) => `${capital(fingerWords(finger))} is`,
  string: (string) => `The ${noteLabel(string)} string is`,
  'finger-and-string': (finger, strings) => `${capital(fingerWords(finger))} on the ${listText(strings.map(noteLabel))} string is`,
  'finger-on-two-strings': (finger, strings) => `${capital(fingerWords(finger))} on the ${listText(strings.map(noteLabel))} strings is`,
  position: (position) => `${capital(positionName(position))} is`,
  shift: (way) => `${SHIFTS[way] ?? ''} are`,
  'shift-from-finger': (way, fingers) => `${SHIFTS[way] ?? ''} from ${listText(fingers.map(fingerWords))} are`,
  'shift-to-finger': (way, fingers) => `${SHIFTS[way] ?? ''} to ${listText(fingers.map(fingerWords))} are`,
};

function subjectOf({ by, group }: Statement): string {
  const [one = '', ...others] = group.split(' ');
  return SUBJECTS[by](one, others);
}

const SHIFTS: Readonly<Record<string, string>> = { up: 'Upward shifts', down: 'Downward shifts' };

/** The names of fingers. */
const FINGERS: Readonly<Record<string, string>> = {
  T: 'the thumb',
  '1': 'the first finger',
  '2': 'the second finger',
  '3': 'the third finger',
  '4': 'the fourth finger',
};

function fingerWords(finger: string): string {
  return FINGERS[finger] ?? finger;
}

/** The names of the features by which misses are counted. */
export const COUNTED_BY_WORDS: Readonly<Record<CountedBy, string>> = {
  finger: 'finger',
  string: 'string',
  position: 'position',
  shift: 'shifts up and down',
  'shift-from-finger': 'shifts by the finger that leaves',
  'shift-to-finger': 'shifts by the finger that arrives',
  'shift-fingers': 'shifts by both fingers',
};

/** Names a group of misses, with a capital: "First finger", "A string", "Upward shifts from the first to the third finger". */
export function groupText(by: CountedBy, group: string): string {
  switch (by) {
    case 'finger':
      return capital(fingerWords(group).replace(/^the /, ''));
    case 'string':
      return `${noteLabel(group)} string`;
    case 'position':
      return capital(positionName(group));
    case 'shift':
    case 'shift-from-finger':
    case 'shift-to-finger':
    case 'shift-fingers':
      return shiftGroupText(by, group.split(' '));
  }
}

/** Names a group of shifts from its parts: the direction, and the fingers it is counted by. */
function shiftGroupText(by: CountedBy, [direction = '', ...fingers]: readonly string[]): string {
  const ends = { 'shift-from-finger': ['from'], 'shift-to-finger': ['to'], 'shift-fingers': ['from', 'to'] };
  const prepositions: readonly string[] = Object.entries(ends).find(([name]) => name === by)?.[1] ?? [];
  return [SHIFTS[direction] ?? '', ...prepositions.map((word, order) => `${word} ${fingerWords(fingers[order] ?? '')}`)].join(' ');
}

/** Writes counts of misses: "4 flat, 1 sharp"; a dash where it was played and did not miss; empty where it was not played. */
export function missCountsText({ flat, sharp, played }: MissCounts): string {
  if (played === 0) return '';
  const told = [flat > 0 ? `${flat} flat` : '', sharp > 0 ? `${sharp} sharp` : ''].filter((text) => text !== '');
  return told.length === 0 ? '–' : told.join(', ');
}

function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}

/** Writes a statement: "Downward shifts from the third finger are flat in 3 pieces: 14 of 19 misses out of tune, played 52 times." */
export function statementText(statement: Statement): string {
  const { direction, times, of, played, places } = statement;
  const pieces = new Set(places.map(({ piece }) => piece)).size;
  return `${subjectOf(statement)} ${direction} in ${countText(pieces, 'piece', 'pieces')}: ${times} of ${countText(of, 'miss', 'misses')} out of tune, played ${countText(played, 'time', 'times')}.`;
}

/** Writes a place: "Evening line, measure 3, beat 2 (A♭5): 5 times". */
export function missedPlaceText({ piece, title, note, times }: MissedPlace, tell: TellNote): string {
  return `${title}, ${noteAtText(tell(piece, note), note)}: ${countText(times, 'time', 'times')}`;
}

/** Writes the cause to which a note that fails points back. */
export function pointsBackText(points: PointsTo, tell: (note: number) => ToldNote | null): string {
  switch (points.to) {
    case 'slide':
      return `Look first at the slide before it, with ${points.finger} from ${noteAtText(tell(points.note), points.note)}.`;
    case 'block':
      return 'Look first at the block: are the fingers below the fourth set down with it?';
    case 'finger':
      return `Look first at ${points.finger} before it, at ${noteAtText(tell(points.note), points.note)}: is it where it belongs?`;
  }
}

/** Writes a week by its first day: "9 Mar". */
export function weekText({ begins }: Week): string {
  return format(begins, 'd MMM');
}

/** Writes the width of the semitones of a chromatic octave, where a number of steps was counted. */
export function chromaticText(steps: number, cents: number): string {
  if (steps === 12) return 'Twelve: the semitones are as wide as they should be on average.';
  const off = Math.abs(100 - cents);
  return `${countText(steps, 'step', 'steps')}: each semitone is ${Math.round(cents)} cents wide on average, ${off.toFixed(0)} too ${cents < 100 ? 'small' : 'large'}.`;
}

/** The words of the trends. */
export const TRENDS_WORDS = {
  waiting: 'Going through the record …',
  nothing: 'Nothing can be said yet: the misses that were logged with their note could be chance.',
  rule: 'A statement stands only where flat and sharp misses are so uneven that chance is ruled out, all comparisons and all looks counted together (five players of a hundred without weakness at most). Misses count where the note was pointed at.',
  weeks: 'Week by week',
  statements: 'What the record says',
  misses: 'Misses out of tune',
  missesHow: 'Misses count where the note was pointed at. A dash: played, and none missed.',
  chromatic: 'A chromatic octave, counted',
  chromaticHow: 'Count the steps you play from a note to its octave. Twelve is right.',
} as const;
