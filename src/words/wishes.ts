import type { Preference } from '#core/search';

/** What each wish does, in a line. */
export const PREFERENCE_HINTS: Readonly<Record<Preference, string>> = {
  'fewest-shifts': 'At full strength the number of shifts goes before everything else.',
  'strong-fingers': 'Long and top notes keep away from 4.',
  'train-fourth': '4 instead of the open string, and more of it elsewhere.',
  'open-strings-ring': 'Open strings wherever they fit.',
  'open-strings-covered': 'A finger instead of the open string.',
  'one-string': 'The line stays on one string as far as it can.',
  'no-extensions': 'The hand keeps its shape; it shifts instead.',
  'low-positions': 'The older way: low on the neck.',
  connected: 'Slides are welcome, no crossing inside a bow.',
  'finger-a-semitone': 'In runs of semitones one finger each, no slides.',
};

/** Strengths offered, 0 to 1. */
export const STRENGTHS = ['0', '0.35', '0.7', '1'] as const;

/** "no", "a little", "rather", "above all". */
export function strengthLabel(strength: (typeof STRENGTHS)[number]): string {
  return { '0': 'no', '0.35': 'a little', '0.7': 'rather', '1': 'above all' }[strength];
}
