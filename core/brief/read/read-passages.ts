import type { PartSetting } from '#core/brief/parts';
import { preferredWeights } from '#core/brief/parts/rules';
import { readWishes } from '#core/brief/parts/wishes';
import type { Line } from '#core/material';
import { limitIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Passage } from '../schema/passage.ts';
import type { Task } from './read-brief.ts';
import { type ReadLimit, readLimits } from './read-limits.ts';

/** What is asked from one note of the line to another, read. */
export interface ReadPassage extends Pick<Passage, 'from' | 'to'> {
  /** What must hold there. */
  readonly limits: readonly ReadLimit[];
  /** What is wished for there. */
  readonly wishes: Task['wishes'];
}

/** Reads what is asked of parts of a line; refuses one that does not lie in it. */
export function readPassages(stretches: readonly Passage[] = [], setting: PartSetting, line: Line): Reading<readonly ReadPassage[]> {
  const read: ReadPassage[] = [];
  for (const [index, { from, to, limits, preferences }] of stretches.entries()) {
    if (from > to || to >= line.notes.length) {
      return badReading(limitIssue('passage-outside-line', { from, to, count: line.notes.length }, { pointer: `/stretches/${index}` }));
    }
    const rules = readLimits(limits, setting);
    if (!rules.ok) return rules;
    read.push({ from, to, limits: rules.value, wishes: readWishes(preferences) });
  }
  return goodReading(read);
}

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
