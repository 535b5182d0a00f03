import { goodReading, type Reading } from '#core/reading';
import { readBrief } from './read-brief.ts';
import type { Brief } from './schema.ts';
import { laid, solve, type Solved } from './solve.ts';
import { whyNone, whyNoWay } from './why-none.ts';

/** Reads, lays out and solves a brief; the issues of the first of these that fails. */
export function solveBrief(brief: Brief, onProgress?: (share: number) => void): Reading<Solved> {
  const task = readBrief(brief);
  if (!task.ok) return task;
  const layers = laid(task.value, onProgress);
  if (!layers.ok) return whyNone(task.value, layers.index);
  const solved = solve(layers.laid);
  return solved ? goodReading(solved) : whyNoWay(layers.laid);
}
