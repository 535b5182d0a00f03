export { hitsWith, judgeHeldOut, partsByFamily, tablesHeldOut } from './held-out.ts';
export { canBeRight, type Learner, learnerFor, learn, learnFromMany, type Learnt, startOf } from './learn.ts';
export {
  bestIsRight,
  isFingeredAs,
  type FingeredLine,
  type FingeredNote,
  type LineInSearch,
  lineInSearch,
  type RightFingering,
  type Searched,
  searchLine,
  type StringAndFinger,
} from './line-in-search.ts';
export { type Parameter, parametersOf, tableWith } from './parameters.ts';
export { type Demand, settle, type Settled } from './settle.ts';
