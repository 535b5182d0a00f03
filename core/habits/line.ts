import { type Brief, readBrief, type Task } from '#core/brief';
import { givenLocks } from '#core/given';
import type { Placement } from '#core/hand/placement';
import { keepsLock } from '#core/search/candidates';
import { layOutAgain, layTask, type Laid, solve } from '#core/solve';
import type { Leanings } from './leanings.ts';

/** A line that a teacher has fingered: the brief carries the fingering, given or locked. */
export interface LineOfTeacher {
  /** The id of the piece. */
  readonly id: string;
  /** The line, which carries the fingering, given or locked. */
  readonly brief: Brief;
}

/** Whether a placement of a note, by its order among the sounding notes, is as the teacher fingers it; null where nothing is given there. */
export type AsTaught = (placement: Placement, order: number) => boolean | null;

/** A line of a teacher, laid out once, to be fingered by one school after another. */
export interface ReadLine {
  /** The id of the piece. */
  readonly id: string;
  /** Tells whether a placement is the teacher's. */
  readonly asTaught: AsTaught;
  /** The line indexes of the sounding notes. */
  readonly indexes: readonly number[];
  /** Gives the fingering of a teacher with some leanings; null where the line has none. */
  readonly under: (leanings: Leanings) => readonly Placement[] | null;
}

/**
 * Reads a line of a teacher; null where it cannot be planned, or nothing is given. The answers of the school, of the player and of the
 * piece are left out, since they are what is asked.
 */
export function readLine({ id, brief }: LineOfTeacher): ReadLine | null {
  const { locks: _, given: __, school: ___, ways: ____, ...bare } = brief;
  const own = withoutWays(bare);
  const task = readBrief(own);
  if (!task.ok) return null;
  const locks = givenLocks(brief, task.value);
  const laid = layTask(task.value);
  if (!laid.ok || locks.size === 0) return null;
  const { steps } = laid.layOut;
  return {
    id,
    indexes: steps.map(({ index }) => index),
    asTaught: (placement, order) => {
      const lock = locks.get(steps[order]?.index ?? -1);
      return lock === undefined ? null : keepsLock(task.value.hand, placement, lock);
    },
    under: remembering((leanings) => placementsUnder(laid.layOut, own, leanings)),
  };
}

/** Keeps of a player the hand, and leaves the answers out. */
function withoutWays({ player = {}, ...others }: Brief): Brief {
  const { school, hand, thumbFrom, pivots } = player;
  const kept = {
    ...(school === undefined ? {} : { school }),
    ...(hand === undefined ? {} : { hand }),
    ...(thumbFrom === undefined ? {} : { thumbFrom }),
    ...(pivots === undefined ? {} : { pivots }),
  };
  return { ...others, player: kept };
}

function placementsUnder(laid: Laid, brief: Brief, { ways, weights }: Leanings): readonly Placement[] | null {
  const task = readBrief({ ...brief, ways, school: { weights: { [brief.instrument.kind]: weights } } });
  return task.ok ? (solve(layOutAgain(laid, withHomes(task.value, laid.task)))?.placements ?? null) : null;
}

/** Keeps the homes of a line, which its answers do not change. */
function withHomes(task: Task, { homes }: Task): Task {
  return { ...task, homes };
}

function remembering<Value>(find: (leanings: Leanings) => Value): (leanings: Leanings) => Value {
  const known = new Map<string, Value>();
  return (leanings) => {
    const key = JSON.stringify([leanings.ways, leanings.weights].map((entries) => Object.entries(entries).toSorted()));
    const before = known.get(key);
    if (before !== undefined) return before;
    const found = find(leanings);
    known.set(key, found);
    return found;
  };
}
