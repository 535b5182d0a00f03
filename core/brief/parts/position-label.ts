import { Type } from '@sinclair/typebox';

/** How documents name a position. */
export const PositionLabel = Type.String({
  maxLength: 8,
  description: '"half", "1", "2" … or, on the bass, "half", "I", "II-III" …; "thumb"',
});
