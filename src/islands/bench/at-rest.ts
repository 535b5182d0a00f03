/** This part of the bench is loaded as one, once the plan is on the screen and the page is at rest. */
export { checkOpenPiece, keepInStep, noteOpen, watchRefingering } from '../../state/bench/index.ts';
export { watchCorrections } from '../../state/school/index.ts';
export { NumberOrigins } from '../parts/index.ts';
export { ChangedNotice } from './ChangedNotice.tsx';
export { FirstSteps } from './FirstSteps.tsx';
export { Alternatives } from './others/Alternatives.tsx';
export { PlayBar } from './play/PlayBar.tsx';
export { RuleOffer } from './RuleOffer.tsx';
export { BowSection } from './tables/BowSection.tsx';
export { Effects } from './tables/Effects.tsx';
export { HandDetails } from './tables/HandDetails.tsx';
export { NoteRows } from './tables/NoteRows.tsx';
export { PlanSummary } from './tables/PlanSummary.tsx';
export { ShiftList } from './tables/ShiftList.tsx';
