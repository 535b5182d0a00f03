import type { Asker } from '../endpoints/index.ts';

/** A job's claim to a place: places are shared fairly among clients. */
export type Turn = Pick<Asker, 'client' | 'inBatch' | 'gone'>;

/** The limits of a queue. */
export interface QueueLimits {
  /** The number of jobs that run at one time. */
  readonly places: number;
  /** The number of places that one client may hold at one time. */
  readonly placesOfClient: number;
  /** The number of places that all batches together may hold. */
  readonly placesOfBatches: number;
  /** The largest number of single requests that wait. */
  readonly mostWaiting: number;
  /** The largest number of single requests of one client that wait. */
  readonly mostOfClient: number;
  /** The longest time that a single request waits, ms. */
  readonly longestWaitMs: number;
}

/** The end of a wait: a place, or the reason why there is none. */
export type Entry = 'begin' | 'busy' | 'gone';

/** The number of clients whose turn is remembered. */
const REMEMBERED = 1000;

/** A job that waits for a place. */
interface Waiting extends Turn {
  readonly settle: (entry: Entry) => void;
}

/**
 * A queue that shares its places among clients. A free place goes to a single request before any brief of a batch, then to the client with
 * the fewest jobs running, then to the one that was served longest ago. No client holds more than its places, so that one which asks for
 * what takes longest leaves the others theirs.
 */
export class FairQueue {
  private readonly entries = new Set<Waiting>();
  private readonly held: Turn[] = [];
  /** The clients in the order in which they were served, the last one at the end. */
  private readonly served = new Set<string>();

  constructor(private readonly limits: QueueLimits) {}

  /** The number of jobs that run. */
  get running(): number {
    return this.held.length;
  }

  /** The number of jobs that wait, briefs of batches among them. */
  get waiting(): number {
    return this.entries.size;
  }

  /** Tells whether a single request of a client would be sent away now. */
  isFullFor(client: string): boolean {
    if (this.mayBegin({ client, inBatch: false })) return false;
    const singles = [...this.entries].filter(({ inBatch }) => !inBatch);
    const own = singles.filter((entry) => entry.client === client);
    return singles.length >= this.limits.mostWaiting || own.length >= this.limits.mostOfClient;
  }

  /** Waits for a place. A brief of a batch waits as long as it takes: its batch has only a few of them here at a time. */
  async enter(turn: Turn): Promise<Entry> {
    if (turn.gone.aborted) return 'gone';
    if (this.mayBegin(turn)) return this.begin(turn);
    if (!turn.inBatch && this.isFullFor(turn.client)) return 'busy';
    return await this.wait(turn);
  }

  /** Gives a place back, and fills it. */
  leave(turn: Turn): void {
    const index = this.held.indexOf(turn);
    if (index >= 0) this.held.splice(index, 1);
    this.fill();
  }

  private async wait(turn: Turn): Promise<Entry> {
    return await new Promise<Entry>((resolve) => {
      const settle = (entry: Entry): void => {
        this.entries.delete(waiting);
        clearTimeout(timer);
        turn.gone.removeEventListener('abort', leave);
        resolve(entry === 'begin' ? this.begin(turn) : entry);
      };
      const leave = (): void => settle('gone');
      const waiting: Waiting = { ...turn, settle };
      const timer = turn.inBatch ? undefined : setTimeout(() => settle('busy'), this.limits.longestWaitMs);
      this.entries.add(waiting);
      turn.gone.addEventListener('abort', leave, { once: true });
    });
  }

  private begin(turn: Turn): 'begin' {
    this.held.push(turn);
    this.served.delete(turn.client);
    this.served.add(turn.client);
    const [longestAgo] = this.served;
    if (this.served.size > REMEMBERED && longestAgo !== undefined) this.served.delete(longestAgo);
    return 'begin';
  }

  private mayBegin({ client, inBatch }: Pick<Turn, 'client' | 'inBatch'>): boolean {
    const { places, placesOfClient, placesOfBatches } = this.limits;
    if (this.held.length >= places || this.countHeldBy(client) >= placesOfClient) return false;
    return !inBatch || this.held.filter((turn) => turn.inBatch).length < placesOfBatches;
  }

  private fill(): void {
    for (let next = this.next(); next !== null; next = this.next()) next.settle('begin');
  }

  /** Finds the job whose turn it is; null where no place is free for any. */
  private next(): Waiting | null {
    const may = [...this.entries].filter((entry) => this.mayBegin(entry));
    const order = [...this.served];
    const rank = ({ client, inBatch }: Turn): readonly number[] => [Number(inBatch), this.countHeldBy(client), order.indexOf(client)];
    return may.toSorted((one, other) => compareRows(rank(one), rank(other)))[0] ?? null;
  }

  private countHeldBy(client: string): number {
    return this.held.filter((turn) => turn.client === client).length;
  }
}

function compareRows(one: readonly number[], other: readonly number[]): number {
  for (const [index, value] of one.entries()) {
    const difference = value - (other[index] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}
