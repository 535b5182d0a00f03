import type { Steps } from '#core/result';

/** What becomes of work that was dropped. */
export const DROPPED = 'dropped';

/** One piece of work that waits for its next step. */
interface Entry {
  readonly number: number;
  /** The lower goes first. */
  readonly rank: number;
  /** Takes the next step; true when that was the last. */
  readonly step: () => boolean;
  readonly drop: () => void;
}

/**
 * Takes the steps of several pieces of work one at a time: always of the one with the lowest rank, and among equals of the
 * one that came first. Between two steps `breathe` lets new work and cancellations arrive, so that urgent work waits for
 * one step of other work at most.
 */
export class StepQueue {
  private entries: readonly Entry[] = [];
  private running = false;

  constructor(private readonly breathe: () => Promise<void>) {}

  /** Adds work under a number; its value, or that it was dropped. */
  add<Value>(number: number, rank: number, steps: Steps<Value>): Promise<Value | typeof DROPPED> {
    return new Promise((resolve, reject) => {
      const step = (): boolean => {
        try {
          const taken = steps.next();
          if (taken.done === true) resolve(taken.value);
          return taken.done === true;
        } catch (error) {
          reject(error instanceof Error ? error : new Error(String(error)));
          return true;
        }
      };
      this.entries = [...this.entries, { number, rank, step, drop: () => resolve(DROPPED) }];
      void this.run();
    });
  }

  /** Drops the work of that number: it takes no further step. */
  drop(number: number): void {
    for (const entry of this.entries) if (entry.number === number) entry.drop();
    this.entries = this.entries.filter((entry) => entry.number !== number);
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    for (;;) {
      await this.breathe();
      const next = this.mostUrgent();
      if (!next) break;
      if (next.step()) this.entries = this.entries.filter((entry) => entry !== next);
    }
    this.running = false;
  }

  private mostUrgent(): Entry | null {
    return this.entries.reduce<Entry | null>((first, entry) => (first === null || entry.rank < first.rank ? entry : first), null);
  }
}
