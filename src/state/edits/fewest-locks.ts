import type { Brief, Lock } from '#core/brief';
import { withLock } from '#core/brief/locks';
import type { Plan } from '#core/plan/describe';
import { engine } from '../../engine/index.ts';
import { replaceBrief } from '../planning-actions.ts';
import { workStore } from '../bench/index.ts';

/** The number of plans that are asked for before every note stays locked. */
const MOST_PLANS = 12;

/** The locks with which another fingering was taken. */
interface Locked {
  /** The brief before them. */
  readonly free: Brief;
  /** The brief with all of them. */
  readonly locked: Brief;
  /** All that were set. */
  readonly locks: readonly Lock[];
}

/**
 * Loosens the locks with which another fingering was taken: those of the notes on which the hand arrives stay, for they make it what it is,
 * and of the others the first of each run of notes that the engine would finger differently. It is part of the same step of the history;
 * where the teacher goes on meanwhile, or takes it back, all stays as it is then.
 */
export async function loosenLocks(target: Plan, { free, locked, locks }: Locked): Promise<void> {
  const needed = new Set(locks.filter(({ note }) => arrivesOn(target, note)).map(({ note }) => note));
  for (let plans = 0; plans < MOST_PLANS && needed.size < locks.length; plans += 1) {
    const brief = locks.filter(({ note }) => needed.has(note)).reduce(withLock, free);
    const outcome = await engine.ask(brief, { kind: 'plan' }).catch(() => null);
    if (outcome === null || workStore.getState().brief !== locked) return;
    const apart = outcome.ok ? runsApart(outcome.value.best, target) : null;
    if (apart?.length === 0) return replaceBrief(brief);
    if (!addNext(needed, locks, apart ?? [0])) return;
  }
}

/** Adds to the needed notes the next lock from each place on; false where there is none. */
function addNext(needed: Set<number>, locks: readonly Lock[], places: readonly number[]): boolean {
  const before = needed.size;
  for (const from of places) {
    const next = locks.find(({ note }) => note >= from && !needed.has(note));
    if (next) needed.add(next.note);
  }
  return needed.size > before;
}

function arrivesOn({ notes }: Plan, index: number): boolean {
  const note = notes[index];
  return note?.kind === 'note' && note.beginsStay;
}

/** Lists where two plans of a line begin to differ: the first note of each run of notes that they finger differently. */
function runsApart(one: Plan, other: Plan): readonly number[] {
  const differs = one.notes.map((_, index) => fingersAt(one, index) !== fingersAt(other, index));
  return differs.flatMap((is, index) => (is && differs[index - 1] !== true ? [index] : []));
}

function fingersAt({ notes }: Plan, index: number): string {
  const note = notes[index];
  return note?.kind === 'note' ? note.stops.map(({ string, finger }) => `${string}${finger}`).join('+') : '';
}
