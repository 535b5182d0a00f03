import type { Steps } from '#core/result';

/** The result of work that was dropped. */
export const DROPPED = 'dropped';

/** One piece of work that waits for its next step. */
interface Entry {
  readonly number: number;
  /** The rank; the lower goes first. */
  readonly rank: number;
  /** Takes the next step; true when that was the last. */
  readonly step: () => boolean;
  readonly drop: () => void;
}

/**
 * A queue that takes the steps of several pieces of work one at a time: always of the one with the lowest rank, and among equals of the one
 * that came first. Between two steps `breathe` lets new work and cancellations arrive, so that urgent work waits for one step of other work
 * at most. While urgent work keeps coming, one piece after the other, the rest waits for a quiet moment, so that urgent work seldom waits
 * even for that.
 */
export class StepQueue {
  private entries: readonly Entry[] = [];
  private running = false;
  private urgentAt = -Infinity;
  /** Ends the wait for quiet, because urgent work has come. */
  private wake = (): void => undefined;

  constructor(
    private readonly breathe: () => Promise<void>,
    private readonly quietMs = 0,
  ) {}

  /** Adds work under a number; resolves to its value, or to the mark of dropped work. */
  add<Value>(number: number, rank: number, steps: Steps<Value>): Promise<Value | typeof DROPPED> {
    if (rank === 0) this.urgentHasCome();
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

  private urgentHasCome(): void {
    this.urgentAt = performance.now();
    this.wake();
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    for (;;) {
      await this.breathe();
      const next = this.mostUrgent();
      if (!next) break;
      if (next.rank > 0 && (await this.waitedForQuiet())) continue;
      if (next.step()) this.entries = this.entries.filter((entry) => entry !== next);
    }
    this.running = false;
  }

  /** Waits until urgent work has stayed away for a moment; false where there was nothing to wait for. */
  private async waitedForQuiet(): Promise<boolean> {
    const leftMs = this.urgentAt + this.quietMs - performance.now();
    if (leftMs <= 0) return false;
    await new Promise<void>((resolve) => {
      this.wake = resolve;
      setTimeout(resolve, leftMs);
    });
    return true;
  }

  private mostUrgent(): Entry | null {
    return this.entries.reduce<Entry | null>((first, entry) => (first === null || entry.rank < first.rank ? entry : first), null);
  }
}
