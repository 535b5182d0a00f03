import { type Brief, readBrief, type Task } from '#core/brief';
import type { Issue } from '#core/messages';
import { layTask, type Laid, solve, type Solved } from './solve.ts';

/** The attempt at solving a brief: a fingering, or the obstacle. */
export type Attempt =
  | { readonly kind: 'solved'; readonly solved: Solved }
  /** The brief itself does not read. */
  | { readonly kind: 'unread'; readonly issues: readonly Issue[] }
  /** A note has no placement; `index` is its place in the line. */
  | { readonly kind: 'blocked'; readonly task: Task; readonly index: number }
  /** Every note can be played, but no way keeps all that is asked of the whole line. */
  | { readonly kind: 'no-way'; readonly laid: Laid };

/** Reads, lays out and solves a brief, without asking why it fails where it does. */
export function attempt(brief: Brief, onProgress?: (share: number) => void): Attempt {
  const task = readBrief(brief);
  if (!task.ok) return { kind: 'unread', issues: task.issues };
  const layers = layTask(task.value, { onProgress });
  if (!layers.ok) return { kind: 'blocked', task: task.value, index: layers.index };
  const solved = solve(layers.layOut);
  return solved ? { kind: 'solved', solved } : { kind: 'no-way', laid: layers.layOut };
}
