import {
  bowOnTwo,
  correcting,
  elbow,
  fingerWeight,
  judging,
  liveTuner,
  padOrTip,
  slideSpeed,
  thumbCello,
  thumbViolin,
  vibrato,
  wrist,
} from './questions/advice.ts';

/** The questions whose answers are told beside a note and change no fingering. */
export const ADVICE_QUESTIONS = {
  thumbViolin,
  thumbCello,
  wrist,
  elbow,
  slideSpeed,
  fingerWeight,
  vibrato,
  padOrTip,
  bowOnTwo,
  correcting,
  judging,
  liveTuner,
} as const;
