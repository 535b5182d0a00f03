import { type Static } from '@sinclair/typebox';
import { oneOf } from '#core/result';

const SCHOOLS = ['standard', 'neck', 'thumb', '124', '1234'] as const;

/** The schema of a way of setting the hand. */
export const HandSchool = oneOf(
  SCHOOLS,
  'standard (violin, viola), neck or thumb (cello), 124, 1234 or thumb (double bass); thumb adds the thumb position to the usual hand',
);

/** A way of setting the hand: `standard` (violin, viola), `neck`, `thumb` (cello), `124`, `1234`, `thumb` (double bass). */
export type HandSchool = Static<typeof HandSchool>;
