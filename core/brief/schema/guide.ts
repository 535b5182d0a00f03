import { type Static } from '@sinclair/typebox';
import { oneOf } from '#core/result';

/** Which finger leads the hand in a shift, where more than one can. */
export const LEADING_FINGERS = ['old-finger', 'new-finger', 'first-finger'] as const;

/** Which finger leads, as documents carry it. */
export const LeadingFinger = oneOf(LEADING_FINGERS);

/** Which finger leads: the one that leaves, the one that arrives, or the first. */
export type LeadingFinger = Static<typeof LeadingFinger>;
