import { create } from 'zustand';
import { keepBeside, textBeside } from '../storage/beside/index.ts';
import type { FirstStep } from '../words/first-steps.ts';

interface FirstSteps {
  /** Whether the introduction is on the bench. */
  readonly shown: boolean;
  readonly tried: readonly FirstStep[];
}

/** The key that is set once the introduction was shown in this browser: it comes by itself on the first visit alone. */
const KEY = 'dove-path/first-steps';

/** The progress of the introduction; without a page there is none. */
export const firstStepsStore = create<FirstSteps>()(() => ({
  shown: typeof document !== 'undefined' && textBeside(KEY) === null,
  tried: [],
}));

/** Ticks off the step the teacher has just taken. */
export function triedStep(step: FirstStep): void {
  const { shown, tried } = firstStepsStore.getState();
  if (shown && !tried.includes(step)) firstStepsStore.setState({ tried: [...tried, step] });
}

/** Notes that the introduction has been shown. */
export function noteFirstSteps(): void {
  keepBeside(KEY, 'done');
}

/** Puts the introduction away, or brings it back from its beginning. */
export function showFirstSteps(shown: boolean): void {
  firstStepsStore.setState({ shown, tried: [] });
}
