import { oneOf } from '#core/result';

/** The ways down: fingered by itself, or with the same fingers and strings as the way up. */
export const WAYS_DOWN = ['own', 'as-up'] as const;

/** A way to finger the way down. */
export type WayDown = (typeof WAYS_DOWN)[number];

/** The schema of how the way down is fingered. */
export const WayDownName = oneOf(WAYS_DOWN);

/** The name of each way down in the sentence. */
export const WAY_DOWN_LABELS: Readonly<Record<WayDown, string>> = {
  own: 'fingered separately each way',
  'as-up': 'fingered the same both ways',
};

/** The words for the rule: as one of the things asked for, and as it follows "without". */
export const WAY_DOWN_WORDS = {
  asked: 'the same fingering both ways',
  free: 'a separate fingering each way',
  whole: 'the same fingering both ways',
} as const;
