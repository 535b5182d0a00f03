export { EarlierVersions } from './EarlierVersions.tsx';
export { PiecePage } from './PiecePage.tsx';
export { PlannedPage, titleOfPlanned } from './PlannedPage.tsx';
export { openOnBench } from './open-on-bench.ts';
export { useOpenedPiece } from './use-opened-piece.ts';
export { type PlannedPiece, usePlanned } from './use-planned.ts';
