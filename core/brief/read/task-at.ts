import { preferredWeights } from '#core/brief/parts/rules';
import { keyedStrings } from '#core/hand';
import { changeBefore } from '#core/material/measures';
import type { Task } from './read-brief.ts';
import type { ReadPassage } from './read-passages.ts';

/**
 * Gives the task at each note of its line: in the key of the note, with the limits and weights of the passages it lies in. Notes with the
 * same key and passages share one task; where nothing more is asked it is the task itself.
 */
export function taskAt(task: Task): (index: number) => Task {
  const known = new Map<string, Task>([['-1', task]]);
  return (index) => {
    const here = task.stretches.filter(({ from, to }) => index >= from && index <= to);
    const change = changeBefore(task.line, index);
    const name = [change, ...here.map((passage) => task.stretches.indexOf(passage))].join(' ');
    const found = known.get(name) ?? here.reduce(withinPassage, inKeyOf(task, change));
    known.set(name, found);
    return found;
  };
}

/** Gives the task in the key that holds from a change on. */
function inKeyOf(task: Task, change: number): Task {
  const key = task.line.changes[change]?.key;
  return key === undefined || key === task.key ? task : { ...task, key, keyed: keyedStrings(task.instrument, key) };
}

function withinPassage(task: Task, { limits, wishes }: ReadPassage): Task {
  return { ...task, limits: [...task.limits, ...limits], weights: preferredWeights(task.weights, null, wishes) };
}
