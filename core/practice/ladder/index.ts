export { type Miss, MISSES, MISSES_SAID, type Voice, VOICES } from './miss.ts';
export {
  afterSet,
  AT_THE_FOOT,
  Ladder,
  LADDER_RULES,
  ladderTo,
  type OnLadder,
  type Rung,
  rungsOf,
  secondsOfLadder,
  secondsOfRun,
  setsARung,
} from './ladder.ts';
export { goodSoFar, MOST_RUNS, SET_RULES, SetRule, setStanding, spoilsRun, USUAL_SET, goodOnesWanted, runsOfSet } from './set.ts';
