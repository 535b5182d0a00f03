import { type Remote, wrap } from 'comlink';
import type { Sound, TakeReading } from '#core/listening/reading';
import type { Plan } from '#core/plan/describe';
import type { Fault, TakeWorker } from './protocol.ts';

let remote: Remote<TakeWorker> | null = null;

/** The worker starts with the first take. */
function takeWorker(): Remote<TakeWorker> {
  remote ??= wrap<TakeWorker>(new Worker(new URL('./take.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/** Lets a simulated player play a plan, in a worker. */
export function simulateTake(plan: Plan, fault: Fault, seed: number): Promise<Sound> {
  return takeWorker().simulate(plan, fault, seed);
}

/** Reads a take of a plan, in a worker. */
export function readTakeOf(plan: Plan, sound: Sound): Promise<TakeReading> {
  return takeWorker().read(plan, sound);
}
