import { type Static } from '@sinclair/typebox';
import { oneOf } from '#core/result';

/** The fingers that may lead the hand in a shift: the one that leaves, the one that arrives, or the first. */
export const LEADING_FINGERS = ['old-finger', 'new-finger', 'first-finger'] as const;

/** The schema of the leading finger. */
export const LeadingFinger = oneOf(LEADING_FINGERS);

/** The finger that leads the hand in a shift. */
export type LeadingFinger = Static<typeof LeadingFinger>;
