export { isRecorded, judgeStage } from './judge-stage.ts';
export { type JudgedTry, judgeTry, type TryFault } from './judge-try.ts';
export { standEar, type StandEar, type StandNow } from './stand-ear.ts';
