import { availableParallelism } from 'node:os';
import { Piscina } from 'piscina';
import type { Asker, JobAnswer, Job, Planner, Queue, Refused } from '../endpoints/index.ts';
import { FairQueue, type QueueLimits } from './fair-queue.ts';
import { type ThreadMeter, newMeter, processorMs } from './thread-time.ts';

/** The limits of jobs and of their queue. */
export interface Budget extends QueueLimits {
  /** The processor time of a job, ms: on a busy machine it takes longer by the clock, and is not refused for that. */
  readonly processorMs: number;
  /** The longest time of a job by the clock, ms, for a thread that hangs, and for systems that do not count the time of threads. */
  readonly clockMs: number;
  /** The memory of its thread, MB. */
  readonly jobMb: number;
  /** The largest number of batches that are open at one time. */
  readonly mostBatches: number;
  /** The largest number of batches of one client that are open at one time. */
  readonly batchesOfClient: number;
}

/** The least number of places: the system shares its processors among threads, so that one long job does not hold up all others. */
export const LEAST_PLACES = 4;

const PLACES = Math.max(LEAST_PLACES, availableParallelism());

/** The usual limits. A plan of 10,000 notes with other fingerings takes about 5 s of a processor; a machine may be eight times slower. */
export const USUAL_BUDGET: Budget = {
  processorMs: 60_000,
  clockMs: 600_000,
  jobMb: 512,
  places: PLACES,
  placesOfClient: Math.max(1, Math.floor(PLACES / LEAST_PLACES)),
  placesOfBatches: PLACES - 1,
  mostWaiting: PLACES * 16,
  mostOfClient: PLACES * 4,
  longestWaitMs: 20_000,
  mostBatches: 32,
  batchesOfClient: 2,
};

/** The time after which an idle thread ends, ms. */
const IDLE_MS = 30_000;

/** The interval at which the processor time of a job is looked at, ms. */
const LOOK_MS = 100;

/** The work of a thread: a job, and the meter by which it is watched. */
export interface MeteredJob {
  readonly job: Job;
  readonly meter: ThreadMeter;
}

/**
 * A planner that works in threads, shared fairly among clients (`FairQueue`). Each job has its processor time and memory, and its thread is
 * ended when it goes over or when nobody waits for the answer any more.
 */
export class ThreadPlanner implements Planner {
  private readonly threads: Piscina<MeteredJob, JobAnswer>;
  private readonly turns: FairQueue;
  /** The client of each open batch. */
  private readonly batches: string[] = [];
  private isClosed = false;

  constructor(
    file: string,
    private readonly budget: Budget = USUAL_BUDGET,
  ) {
    this.turns = new FairQueue(budget);
    this.threads = new Piscina<MeteredJob, JobAnswer>({
      filename: file,
      minThreads: 1,
      maxThreads: budget.places,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxOldGenerationSizeMb: budget.jobMb },
    });
  }

  queue(): Queue {
    return { running: this.turns.running, waiting: this.turns.waiting, mostWaiting: this.budget.mostWaiting };
  }

  isFullFor(client: string): boolean {
    return this.turns.isFullFor(client);
  }

  openBatch(client: string): (() => void) | null {
    const { mostBatches, batchesOfClient } = this.budget;
    if (this.batches.length >= mostBatches || this.batches.filter((other) => other === client).length >= batchesOfClient) return null;
    this.batches.push(client);
    let isOpen = true;
    return () => {
      if (isOpen) this.batches.splice(this.batches.indexOf(client), 1);
      isOpen = false;
    };
  }

  async run(job: Job, asker: Asker): Promise<JobAnswer | Refused> {
    const entry = await this.turns.enter(asker);
    if (entry !== 'begin') return entry;
    try {
      return await this.answerJob(job, asker);
    } finally {
      this.turns.leave(asker);
    }
  }

  /** Ends all threads. */
  async close(): Promise<void> {
    this.isClosed = true;
    await this.threads.destroy();
  }

  /**
   * Answers a job in a thread, within its processor time and memory.
   *
   * @throws the error of the thread, unless its budget or the one who asked has ended it
   */
  private async answerJob(job: Job, { gone, onSpent }: Asker): Promise<JobAnswer | Refused> {
    const meter = newMeter();
    const over = new AbortController();
    const began = performance.now();
    let spentMs = 0;
    const look = (): void => {
      spentMs = processorMs(meter) ?? spentMs;
      if (spentMs > this.budget.processorMs || performance.now() - began > this.budget.clockMs) over.abort();
    };
    const looking = setInterval(look, LOOK_MS);
    try {
      return await this.threads.run({ job, meter }, { signal: AbortSignal.any([gone, over.signal]) });
    } catch (error) {
      if (gone.aborted || this.isClosed) return 'gone';
      if (over.signal.aborted || isOutOfMemory(error)) return 'too-expensive';
      throw error;
    } finally {
      clearInterval(looking);
      look();
      onSpent?.(spentMs);
    }
  }
}

function isOutOfMemory(error: unknown): boolean {
  return error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY';
}
