import { type Static, Type } from '@sinclair/typebox';

/** A way of setting the hand: `standard` (violin, viola), `neck` (cello), `124` (double bass). */
export const School = Type.Union([Type.Literal('standard'), Type.Literal('neck'), Type.Literal('124')]);

/** A way of setting the hand: `standard` (violin, viola), `neck` (cello), `124` (double bass). */
export type School = Static<typeof School>;
