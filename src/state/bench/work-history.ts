import { useStore } from 'zustand';
import { decisionsOf, type Work, workStore } from './work.ts';

/** The states of the work since it was opened, and the present one. */
export interface WorkHistory {
  /** The states, the oldest first; those undone stand at the end. */
  readonly states: readonly Work[];
  /** The index of the present state. */
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

/** Begins the history again: the present state cannot be undone. */
export function forgetHistory(): void {
  workStore.temporal.getState().clear();
}

/** Gives the states of the work, for a list of what was done. */
export function useWorkHistory(): WorkHistory {
  const past = useStore(workStore.temporal, (history) => history.pastStates);
  const future = useStore(workStore.temporal, (history) => history.futureStates);
  const now = decisionsOf(workStore());
  return { states: [...past, now, ...future.toReversed()].filter(isWork), current: past.length };
}

/** Undo keeps whole states of the teacher's decisions. */
function isWork(state: Partial<Work>): state is Work {
  return state.brief !== undefined && state.name !== undefined && state.lineText !== undefined;
}
