export { isRecorded, judgeStage } from './judge-stage.ts';
export { type JudgedTry, judgeTry, type TryFault } from './judge-try.ts';
export { dueInGroup, pauseAfter } from './due-in-group.ts';
export { NOTHING_HEARD, standEar, type StandEar, type StandHearing, type StandNow } from './stand-ear.ts';
