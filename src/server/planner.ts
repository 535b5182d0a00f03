import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import type { Job, JobAnswer, Planner, Queue, Refused } from '../endpoints/index.ts';

/** The limits of one job. */
export interface Budget {
  /** The time from when a thread begins with it, ms. */
  readonly jobMs: number;
  /** The memory of its thread, MB. */
  readonly jobMb: number;
  /** The number of threads that plan at one time. */
  readonly threads: number;
  /** The largest number of jobs that wait. */
  readonly mostWaiting: number;
}

/** The number of threads: one core is left for the thread that answers. */
const THREADS = Math.max(1, availableParallelism() - 1);

/** The usual limits of a job. */
export const USUAL_BUDGET: Budget = { jobMs: 5000, jobMb: 512, threads: THREADS, mostWaiting: THREADS * 8 };

/** The time after which an idle thread ends, ms. */
const IDLE_MS = 30_000;

/** A job that waits for a thread. */
interface Waiting {
  readonly begin: () => void;
}

/**
 * A planner that works in threads, so that a long job delays nobody but those after it: each has its time and memory, and its thread is
 * ended when it goes over or when nobody waits for the answer any more. Requests that come while the queue is full are sent away.
 */
export class ThreadPlanner implements Planner {
  private readonly threads: Piscina<Job, JobAnswer>;
  private readonly waiting = new Set<Waiting>();
  private running = 0;

  constructor(
    file: string,
    private readonly budget: Budget = USUAL_BUDGET,
  ) {
    this.threads = new Piscina<Job, JobAnswer>({
      filename: file,
      minThreads: 1,
      maxThreads: budget.threads,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxOldGenerationSizeMb: budget.jobMb },
    });
  }

  queue(): Queue {
    return { running: this.running, waiting: this.waiting.size, mostWaiting: this.budget.mostWaiting };
  }

  async run(job: Job, gone: AbortSignal): Promise<JobAnswer | Refused> {
    if (gone.aborted) return 'gone';
    if (this.running >= this.budget.threads) {
      if (this.waiting.size >= this.budget.mostWaiting) return 'busy';
      if (!(await this.turn(gone))) return 'gone';
    }
    this.running += 1;
    try {
      return await this.answerJob(job, gone);
    } finally {
      this.running -= 1;
      const [next] = this.waiting;
      next?.begin();
    }
  }

  /** Ends all threads. */
  async close(): Promise<void> {
    await this.threads.destroy();
  }

  /** Waits for a thread; false where nobody waits for the answer any more. */
  private async turn(gone: AbortSignal): Promise<boolean> {
    return await new Promise<boolean>((resolve) => {
      const settle = (comes: boolean): void => {
        this.waiting.delete(entry);
        gone.removeEventListener('abort', leave);
        resolve(comes);
      };
      const leave = (): void => settle(false);
      const entry: Waiting = { begin: () => settle(true) };
      this.waiting.add(entry);
      gone.addEventListener('abort', leave, { once: true });
    });
  }

  /**
   * Answers a job in a thread, within its time and memory.
   *
   * @throws the error of the thread, unless its budget or the one who asked has ended it
   */
  private async answerJob(job: Job, gone: AbortSignal): Promise<JobAnswer | Refused> {
    const late = AbortSignal.timeout(this.budget.jobMs);
    try {
      return await this.threads.run(job, { signal: AbortSignal.any([gone, late]) });
    } catch (error) {
      if (gone.aborted) return 'gone';
      if (late.aborted || isOutOfMemory(error)) return 'too-expensive';
      throw error;
    }
  }
}

function isOutOfMemory(error: unknown): boolean {
  return error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
}
