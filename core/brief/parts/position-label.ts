import { Type } from '@sinclair/typebox';

/** The schema of a position's name in documents. */
export const PositionLabel = Type.String({
  maxLength: 8,
  description: '"half", "1", "2" … or, on the bass, "half", "I", "II-III" …; "thumb"',
});
