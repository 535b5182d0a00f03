import { preferredWeights } from '#core/brief/parts/rules';
import type { Task } from './read-brief.ts';
import type { ReadPassage } from './read-passages.ts';

/**
 * The task as it stands at each note of its line: with the limits and the weights of the passages the note lies in. Notes for
 * which the same is asked share one task; where nothing more is asked it is the task itself.
 */
export function taskAt(task: Task): (index: number) => Task {
  const known = new Map<string, Task>([['', task]]);
  return (index) => {
    const here = task.stretches.filter(({ from, to }) => index >= from && index <= to);
    const key = here.map((passage) => task.stretches.indexOf(passage)).join(' ');
    const found = known.get(key) ?? here.reduce(withinPassage, task);
    known.set(key, found);
    return found;
  };
}

function withinPassage(task: Task, { limits, wishes }: ReadPassage): Task {
  return { ...task, limits: [...task.limits, ...limits], weights: preferredWeights(task.weights, null, wishes) };
}
