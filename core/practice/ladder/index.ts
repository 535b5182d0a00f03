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
} from './ladder.ts';
export { goodSoFar, SET_RULES, SetRule, setStanding, USUAL_SET, goodOnesWanted } from './set.ts';
