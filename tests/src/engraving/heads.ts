import type { Head } from '../../../src/engraving/draw-measures.ts';

/** Makes the head of a note at an x, as the engraver reports it. */
export function headAt(index: number, x: number, more: Partial<Head> = {}): Head {
  const still = { y: 50, left: x - 6, right: x + 6, top: 45, bottom: 85, stemUp: false, rest: false, accidental: false };
  return {
    index,
    x,
    ...still,
    tiedFromBefore: false,
    tiedToNext: false,
    slur: null,
    octaveLine: false,
    small: false,
    passedBy: null,
    tuplet: null,
    accent: null,
    articulation: null,
    ...more,
  };
}
