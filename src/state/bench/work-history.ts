import { useStore } from 'zustand';
import { decisionsOf, type Work, workStore } from './work.ts';

/** Everything the work was since it was opened, and where it is now. */
export interface WorkHistory {
  /** The oldest first; what was undone stands at the end. */
  readonly states: readonly Work[];
  /** Index of the state it is in. */
  readonly current: number;
}

/** Steps back over the teacher's decisions. */
export function undo(): void {
  workStore.temporal.getState().undo();
}

/** Steps forward again. */
export function redo(): void {
  workStore.temporal.getState().redo();
}

/** Goes to one of the states that the work was in. */
export function goToState(index: number): void {
  const { pastStates, undo: back, redo: forth } = workStore.temporal.getState();
  const steps = index - pastStates.length;
  if (steps < 0) back(-steps);
  else if (steps > 0) forth(steps);
}

/** Begins the history again: what stands there now cannot be undone. */
export function forgetHistory(): void {
  workStore.temporal.getState().clear();
}

/** The states of the work, for a list of what was done. */
export function useWorkHistory(): WorkHistory {
  const past = useStore(workStore.temporal, (history) => history.pastStates);
  const future = useStore(workStore.temporal, (history) => history.futureStates);
  const now = decisionsOf(workStore());
  return { states: [...past, now, ...future.toReversed()].filter(isWork), current: past.length };
}

/** Undo keeps whole states of what the teacher decides. */
function isWork(state: Partial<Work>): state is Work {
  return state.brief !== undefined && state.name !== undefined && state.lineText !== undefined;
}
