import type { Sound } from '#core/listening';
import { type Remote, wrap } from 'comlink';
import type { KnownSounds } from '#core/listening/along';
import type { TakeReading } from '#core/listening/reading';
import type { Plan } from '#core/plan/describe';
import type { SimulatedTask, TakeWorker } from './protocol.ts';

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

/** Reads a take of a plan, in which something known sounds along, in a worker. */
export function readTakeOf(plan: Plan, sound: Sound, along: KnownSounds): Promise<TakeReading> {
  return takeWorker().read(plan, sound, along);
}
