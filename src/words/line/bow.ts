import type { BowCount, BowMoment, BowPart, BowPlan, CureStep } from '#core/bow';
import { countText, listText } from '#core/messages';
import { bowLabel, numberWord } from './bowing.ts';
import { bowsLabel } from './rhythm.ts';

/** The words for the ends of the bow beside its lane. */
export const BOW_PLACES = { frog: 'frog', tip: 'tip' } as const;

/** The words for the parts of the bow. */
export const BOW_PARTS: Readonly<Record<BowPart, string>> = {
  frog: 'at the frog',
  'lower-half': 'in the lower half',
  middle: 'in the middle',
  'upper-half': 'in the upper half',
  tip: 'at the tip',
};

/** Writes the count of notes and bows: "29 notes, four to a bow: one left over". */
export function bowCountText({ notes, asked, leftOver }: BowCount): string {
  const count = countText(notes, 'note', 'notes');
  if (asked === null) return `${count}, slurred as written`;
  const bowing = asked.length === 1 ? bowLabel(asked[0] ?? 1) : bowsLabel(asked);
  const left = leftOver === 0 ? (asked.length === 1 && asked[0] === 1 ? '' : ': none left over') : `: ${numberWord(leftOver)} left over`;
  return `${count}, ${bowing}${left}`;
}

/** Writes the number and the ends of bows: "8 bows: the first down, the last up". */
export function bowEndsText({ bows }: BowPlan): string {
  const [first, last] = [bows[0], bows[bows.length - 1]];
  if (!first || !last) return '';
  return bows.length === 1
    ? `one bow, ${first.direction}`
    : `${bows.length} bows: the first ${first.direction}, the last ${last.direction}`;
}

/** Writes what happens at a note: "shift and crossing". */
export function bowMomentText({ shift, crossing }: BowMoment): string {
  return [shift ? 'shift' : '', crossing ? 'crossing' : ''].filter(Boolean).join(' and ');
}

/** Writes whether the bow changes there. */
export function bowChangeText({ changes }: BowMoment): string {
  return changes ? 'at the bow change' : 'inside the bow';
}

const CURE_STEPS: Readonly<Record<CureStep, string>> = {
  'top-twice': 'play the top note twice',
  turn: 'add a turn at the bottom',
  'begin-up': 'begin with an up bow',
  'last-joined': 'put what is left over into the bow before',
  'last-alone': 'give the last note a bow of its own',
  'first-alone': 'give the first note a bow of its own',
};

/** Writes a way to make a bowing come out: "Begin with an up bow, and give the first note a bow of its own". */
export function bowCureText(steps: readonly CureStep[]): string {
  const words = listText(steps.map((step) => CURE_STEPS[step]));
  return words.slice(0, 1).toUpperCase() + words.slice(1);
}

/** Writes why something is proposed. */
export function endsWrongText({ count }: BowPlan): string {
  return count.leftOver > 0 ? 'The bowing does not come out evenly. What helps:' : 'The line ends with an up bow. To end with a down bow:';
}

/**
 * Writes where short bows have to come back over the whole way of a long one: "The short bows come back quickly, 3 times as fast."; null
 * for none.
 */
export function quickBowsText({ bows }: BowPlan): string | null {
  const fastest = bows.reduce((most, { pace }) => Math.max(most, pace), 1);
  return fastest < QUICK ? null : `The short bows come back quickly, up to ${Number(fastest.toFixed(1))} times as fast.`;
}

/** The factor of speed that a player notices. */
const QUICK = 1.5;
