import { oneOf } from '#core/reading';
import type { Static } from '@sinclair/typebox';

const SCHOOLS = ['standard', 'neck', '124'] as const;

/** A way of setting the hand: `standard` (violin, viola), `neck` (cello), `124` (double bass). */
export const School = oneOf(SCHOOLS, 'standard (violin, viola), neck (cello), 124 (double bass)');

/** A way of setting the hand: `standard` (violin, viola), `neck` (cello), `124` (double bass). */
export type School = Static<typeof School>;
