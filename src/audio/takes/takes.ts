import type { Sound } from '#core/listening';
import { type Remote, wrap } from 'comlink';
import type { TakeReading } from '#core/listening/reading';
import type { LivePlace } from '#core/listening/live';
import type { StandHearing, StandNow } from '#core/listening/stand';
import type { Flaw, PairNotes } from '#core/listening/simulated';
import type { Plan } from '#core/plan/describe';
import type { ReadHow, SimulatedTask, TakeWorker } from './protocol.ts';

let remote: Remote<TakeWorker> | null = null;

/** The worker starts with the first take. */
function takeWorker(): Remote<TakeWorker> {
  remote ??= wrap<TakeWorker>(new Worker(new URL('./take.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/** Lets a simulated player play a plan, in a worker. */
export function simulateTake(plan: Plan, task: SimulatedTask): Promise<Sound> {
  return takeWorker().simulate(plan, task);
}

/** Renders two notes right or with a flaw, in a worker. */
export function soundOfPair(notes: PairNotes, flaw: Flaw | null, seed: number): Promise<Sound> {
  return takeWorker().renderPair(notes, flaw, seed);
}

/** Begins to follow a player through a plan, at a number of samples a second, in a worker. */
export function beginLive(plan: Plan, sampleRate: number): Promise<void> {
  return takeWorker().beginLive(plan, sampleRate);
}

/** Hears the next samples of the player who is followed, in a worker. */
export function hearLive(samples: Float32Array): Promise<LivePlace> {
  return takeWorker().hearLive(samples);
}

/** Begins to listen on the music stand, in a worker. */
export function beginOnStand(hearing: StandHearing): Promise<void> {
  return takeWorker().beginOnStand(hearing);
}

/** Hears the next samples on the music stand, in a worker. */
export function hearOnStand(samples: Float32Array): Promise<StandNow> {
  return takeWorker().hearOnStand(samples);
}

/** Reads a take of a plan, or of some of its notes, in which something known sounds along, in a worker. */
export function readTakeOf(plan: Plan, sound: Sound, how: ReadHow): Promise<TakeReading> {
  return takeWorker().read(plan, sound, how);
}
