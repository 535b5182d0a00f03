import type { Brief, Task } from '#core/brief';
import { fingeringIn } from '#core/brief/locks';
import type { NoteLock } from '#core/brief/parts/limits';
import { soundingNotes } from '#core/solve';
import { lockOf } from './doubts.ts';

/** Gives what the fingering of a brief says of each note, by line index; empty where it carries none. Misprints are in it. */
export function givenLocks(brief: Brief, task: Task): ReadonlyMap<number, NoteLock> {
  const given = fingeringIn(brief, soundingNotes(task).length);
  return new Map(given.map((entry) => [entry.note, lockOf(task, entry)]));
}
