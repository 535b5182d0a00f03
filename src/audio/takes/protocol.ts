import type { Finger } from '#core/hand/placement';
import type { Sound, TakeReading } from '#core/listening/reading';
import type { Plan } from '#core/plan/describe';

/** The samples a second at which takes are read: enough for the partials of the highest note. */
export const TAKE_RATE = 22_050;

/** The fault of a simulated player. */
export type Fault =
  | { readonly kind: 'none' | 'shifts' | 'slips' }
  /** The finger that lies flat. */
  | { readonly kind: 'finger'; readonly finger: Finger };

/** The interface of the worker that makes and reads takes. */
export interface TakeWorker {
  /** Lets a simulated player play a plan; the same for the same seed. */
  readonly simulate: (plan: Plan, fault: Fault, seed: number) => Sound;
  /** Reads a take of a plan. */
  readonly read: (plan: Plan, sound: Sound) => TakeReading;
}
