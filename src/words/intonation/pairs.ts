import type { Flaw, PairKind } from '#core/listening/simulated';

/** The words for hearing something right and wrong. */
export const PAIRS = {
  title: 'Hear it right and wrong',
  choose: 'Of this line',
  flaw: 'The flaw',
  right: 'Hear it right',
  wrong: 'Hear it wrong',
  ask: 'Ask me',
  again: 'Hear both again',
  which: 'Which was wrong?',
  what: 'What was wrong with it?',
  first: 'the first',
  second: 'the second',
  none: 'This line has no shift, octave or change of string to hear.',
  note: 'These sounds are computed, not recorded; each shows one flaw, larger than in real playing.',
} as const;

/** The names of pairs, before their places. */
export const PAIR_LABELS: Readonly<Record<PairKind, string>> = {
  shift: 'the shift to',
  octave: 'the octave at',
  crossing: 'the change of string to',
};

/** The flaws, in the sentence. */
export const FLAW_LABELS: Readonly<Record<Flaw, string>> = {
  short: 'short of its place',
  beyond: 'beyond its place',
  squeezed: 'squeezed: the hand leaves late and rushes',
  late: 'late',
  'slide-too-light': 'with a slide too light to lead',
  'slide-too-heavy': 'with a slide too heavy',
  'upper-out': 'with the upper voice out',
  'lower-out': 'with the lower voice out',
  balance: 'with too much bow on the lower string',
  cut: 'with the string before it cut short',
};

/** Writes what a pair was, after an answer: "Right: the second was short of its place." */
export function pairVerdict(right: boolean, wrongFirst: boolean, flaw: Flaw): string {
  return `${right ? 'Right' : 'No'}: ${wrongFirst ? PAIRS.first : PAIRS.second} was ${FLAW_LABELS[flaw]}.`;
}
