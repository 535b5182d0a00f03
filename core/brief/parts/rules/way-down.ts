import { oneOf } from '#core/result';

/** Down as its own line, or by the same fingers and strings as up. */
export const WAYS_DOWN = ['own', 'as-up'] as const;

/** How the way down is fingered. */
export type WayDown = (typeof WAYS_DOWN)[number];

/** How the way down is fingered, as documents carry it. */
export const WayDownName = oneOf(WAYS_DOWN);

/** What each way down is called in the sentence. */
export const WAY_DOWN_LABELS: Readonly<Record<WayDown, string>> = {
  own: 'fingered separately each way',
  'as-up': 'fingered the same both ways',
};

/** What the rule is called: as one of the things asked for, and as it follows "without". */
export const WAY_DOWN_WORDS = {
  asked: 'the same fingering both ways',
  free: 'a separate fingering each way',
  whole: 'the same fingering both ways',
} as const;
