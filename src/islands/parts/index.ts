export { BriefPath, useSeen } from './BriefPath.tsx';
export { Caution } from './Caution.tsx';
export { ChangeWords } from './ChangeWords.tsx';
export { NumberOrigins } from './NumberOrigins.tsx';
export { PlayerChoice } from './PlayerChoice.tsx';
export { PracticeOfNobody } from './PracticeOfNobody.tsx';
export { SystemChoice } from './SystemChoice.tsx';
export { instrumentLike } from './instrument-like.ts';
export type { Run } from './run.ts';
