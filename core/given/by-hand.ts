import { type Brief, type GivenFinger, readBrief, type Task } from '#core/brief';
import type { NoteLock } from '#core/brief/parts/limits';
import { schoolsOf } from '#core/hand';
import { LOWEST_THUMB } from '#core/hand/models';
import { presetHand } from '#core/hand/reach';
import { goodReading, type Reading, type Steps } from '#core/result';
import { handBreaks, layTask, solve, type Solved, solvedOrWhy, soundingNotes } from '#core/solve';
import { CLEAR_FROM } from '#core/weights';
import { type ReadFinger, readFinger } from './doubts.ts';

/** A fingering read by one hand, and the line solved with it. */
export interface ReadByHand {
  readonly task: Task;
  readonly read: readonly ReadFinger[];
  readonly solved: Solved;
  /** The number of notes that this hand does not play as they are given. */
  readonly misses: number;
}

/**
 * Reads a fingering by every hand of the instrument: the one that misses fewest notes decides, and of equal ones the one for which the line
 * is clearly easier; the hand of the player goes before others. Where every string is written, a hand that misses nothing is taken at once.
 * Refused where no hand plays the line at all.
 */
export function* readByBestHand(bare: Brief, given: readonly GivenFinger[]): Steps<Reading<ReadByHand>> {
  const stringsWritten = given.every(({ string, finger }) => string !== undefined || finger === undefined || finger === '0');
  let best = readBy(bare, given);
  for (const player of otherHands(bare)) {
    if (stringsWritten && best.ok && best.value.misses === 0) return best;
    yield;
    const tried = readBy({ ...bare, player }, given);
    if (tried.ok && (!best.ok || isBetter(tried.value, best.value))) best = tried;
  }
  return best;
}

function isBetter(one: ReadByHand, other: ReadByHand): boolean {
  if (one.misses !== other.misses) return one.misses < other.misses;
  return one.solved.way.cost < other.solved.way.cost - CLEAR_FROM;
}

/** Lists the hands of an instrument other than that of the player: each school with and without its options. */
function otherHands({ instrument: { kind }, player = {} }: Brief): readonly NonNullable<Brief['player']>[] {
  const taught = schoolsOf(kind).flatMap((school): readonly NonNullable<Brief['player']>[] => {
    const lowThumb = school === 'thumb' ? [{ ...player, school, thumbFrom: LOWEST_THUMB }] : [];
    const rolling = kind === 'bass' ? [{ ...player, school, pivots: true }] : [];
    return [{ ...player, school }, ...lowThumb, ...rolling];
  });
  return taught.filter((hand) => JSON.stringify(hand) !== JSON.stringify(player));
}

function readBy(brief: Brief, given: readonly GivenFinger[]): Reading<ReadByHand> {
  const task = readBrief(brief);
  if (!task.ok) return task;
  const first = readAll(task.value, given);
  const taken = solveGiven(task.value, first);
  if (!taken.ok) return taken;
  const { read, solved } = withLikelierSigns(task.value, first, taken.value);
  const doubted = read.filter(({ doubt }) => doubt !== null).length;
  const breaks = handBreaks(task.value.hand, solved.placements).length;
  return goodReading({ task: task.value, read, solved, misses: doubted + breaks });
}

/** The number of pairs of finger and string that do not go together for which both are tried. */
const MOST_TRIED = 8;

/** Keeps, where a finger and a string do not go together, the one with which the line is easier: the other is the likelier misprint. */
function withLikelierSigns(task: Task, first: readonly ReadFinger[], taken: Solved): Pick<ReadByHand, 'read' | 'solved'> {
  let [read, solved] = [first, taken];
  for (const { order, otherLock } of first.filter((entry) => entry.otherLock !== null).slice(0, MOST_TRIED)) {
    const changed = read.map((entry) => (entry.order === order ? { ...entry, lock: otherLock } : entry));
    const tried = solveGiven(task, changed);
    if (tried.ok && tried.value.way.cost < solved.way.cost) [read, solved] = [changed, tried.value];
  }
  return { read, solved };
}

function readAll(task: Task, given: readonly GivenFinger[]): readonly ReadFinger[] {
  const orders = new Map(soundingNotes(task).map(({ index }, order) => [index, order]));
  const anyReach = withAnyReach(task);
  return given.flatMap((entry) => {
    const order = orders.get(entry.note);
    return order === undefined ? [] : [readFinger(anyReach, entry, order)];
  });
}

/** Lets the hand of the player reach everything: what is beyond it is told, and not refused. */
function withAnyReach(task: Task): Task {
  return { ...task, playerHand: null, doubleStopHand: presetHand('large', task.instrument) };
}

/** Solves a line with the part of a fingering that was read, whatever the reach of the player. */
export function solveGiven(task: Task, read: readonly ReadFinger[]): Reading<Solved> {
  const locks = new Map<number, NoteLock>(read.flatMap(({ given, lock }) => (lock ? [[given.note, lock] as const] : [])));
  const locked: Task = { ...withAnyReach(task), locks };
  const laid = layTask(locked, { wherever: true });
  if (!laid.ok) return solvedOrWhy({ kind: 'blocked', task: locked, index: laid.index });
  const solved = solve(laid.layOut);
  return solvedOrWhy(solved ? { kind: 'solved', solved } : { kind: 'no-way', laid: laid.layOut });
}
