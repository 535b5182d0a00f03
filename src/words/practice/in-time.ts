import { countText } from '#core/messages';
import type { SessionSums } from '#core/practice/session';
import { clockText } from './session.ts';

/** The sentence that tells how a block is moved, for the keyboard and the screen reader. */
export const MOVE_BY_KEYS =
  'Press the space bar to lift it, the arrow keys to move it, the space bar again to put it down, Escape to leave it where it was.';

/** Writes for a screen reader that something is lifted, to be moved. */
export function liftedText(name: string): string {
  return `${name} is lifted.`;
}

/** Writes for a screen reader where something that is lifted would be put down: "Over Thursday 3 Dec". */
export function overText(place: string | null): string {
  return place === null ? 'Over nothing.' : `Over ${place}.`;
}

/** Writes a place on the line of a session: "place 2". */
export function placeText(number: number): string {
  return `place ${number}`;
}

/** The words for a screen reader when something that was lifted is put down, and when it is left where it was. */
export const PUT_DOWN = { there: 'Put down.', back: 'It stays where it was.' } as const;

/** Writes that an item was moved on the line: "B♭ major is item 2 now." */
export function movedItemText(name: string, number: number): string {
  return `${name} is item ${number} now.`;
}

/** Writes that an item was made longer or shorter: "B♭ major has 7 minutes now." */
export function lengthenedText(name: string, minutes: number): string {
  return `${name} has ${countText(minutes, 'minute', 'minutes')} now.`;
}

/** The legend of the line of a session. */
export const TIME_LEGEND =
  'Drawn as if every run is good. Each bar is a set, as long as it lasts and as high as its tempo; the gaps are rests. A set that has begun is played to its end.';

/** The legend of the sets in which the hand is opened wide. */
export const WIDE_LEGEND = 'Ochre: the hand is opened wide.';

/** The facts that a session adds up to, as pairs of a name and a figure. */
export function sumFacts(sums: SessionSums): readonly (readonly [string, string])[] {
  return [
    ['Planned', countText(sums.minutes, 'minute', 'minutes')],
    ['Playing', clockText(sums.playedSeconds)],
    ['Rests between sets', clockText(sums.restedSeconds)],
    ['Longest without a rest', clockText(sums.longestSeconds)],
    ...(sums.wideReaches > 0 ? [['Hand opened wide', countText(sums.wideReaches, 'note', 'notes')] as const] : []),
  ];
}

/** The number of strained minutes in a row from which a light item between is advised; our own figure, on the careful side. */
const STRAINED_LONG = 8;

/** Advises a light item where strained ones follow each other for long; null where they do not. */
export function strainedText({ strainedMinutes }: Pick<SessionSums, 'strainedMinutes'>): string | null {
  if (strainedMinutes < STRAINED_LONG) return null;
  return (
    `The hand is strained for ${strainedMinutes} minutes in a row: by wide reaches, double stops or the thumb. ` +
    'Put something light in between, and stop at any pain or tingling; ask your teacher.'
  );
}
