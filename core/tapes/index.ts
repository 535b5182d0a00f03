export { type AgainstTapes, againstTapes, tapeOfFinger } from './against-tapes.ts';
export { CHECK_BAR_MM, sectionMm, STRIP_TOP_MM, type Tape, tapePages } from './tape-pages.ts';
