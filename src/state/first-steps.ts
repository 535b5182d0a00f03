import { create } from 'zustand';
import { keepBeside, textBeside } from '../storage/beside/beside.ts';
import type { FirstStep } from '../words/first-steps.ts';

interface FirstSteps {
  /** Whether the introduction is on the bench. */
  readonly shown: boolean;
  readonly tried: readonly FirstStep[];
}

/** Set once the introduction was read or skipped, in this browser. */
const KEY = 'dove-path/first-steps';

/** How far the introduction has come; without a page there is none. */
export const firstStepsStore = create<FirstSteps>()(() => ({
  shown: typeof document !== 'undefined' && textBeside(KEY) === null,
  tried: [],
}));

/** Ticks off what the teacher has just done. */
export function triedStep(step: FirstStep): void {
  const { shown, tried } = firstStepsStore.getState();
  if (shown && !tried.includes(step)) firstStepsStore.setState({ tried: [...tried, step] });
}

/** Puts the introduction away for good, or brings it back from its beginning. */
export function showFirstSteps(shown: boolean): void {
  if (!shown) keepBeside(KEY, 'done');
  firstStepsStore.setState({ shown, tried: [] });
}
