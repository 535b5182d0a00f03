import { releaseProxy, type Remote, wrap } from 'comlink';
import type { Brief } from '#core/brief';
import type { PlanOutcome } from '#core/plan';
import type { Answer, Question, QuestionKind } from '#core/session';
import { type Engine, isProgress, type QuestionCalls, type Report } from './protocol.ts';

/** A worker as the client needs it. */
export type EngineWorker = Pick<Worker, 'addEventListener' | 'removeEventListener' | 'postMessage' | 'terminate'>;

/** The time that a plan waits for a step of something cancelled before the worker is ended and started again, ms. */
const PATIENCE_MS = 250;

/** The least time that a cancelled call is given to end by itself, ms. */
const LEAST_PATIENCE_MS = 20;

/** The number of briefs that the worker keeps solved; the one asked about longest ago makes room. */
const MOST_SESSIONS = 8;

/** The interval at which a busy worker is asked whether it still answers, ms. */
const LOOK_EVERY_MS = 5000;

/**
 * The number of checks in a row for which a worker may be silent; after more it is stuck, and is ended. A machine that was asleep misses
 * only one.
 */
const MOST_MISSED = 4;

/** The error of a call without an answer: nobody wants it any more, or the worker died, or was stuck and had to be ended. */
export class Unanswered extends Error {
  constructor(readonly why: 'cancelled' | 'died') {
    super(`The question was not answered: ${why}`);
  }
}

/** A question of one kind. */
export type QuestionOf<Kind extends QuestionKind> = Question<Kind> & { readonly kind: Kind };

/** The options of a request. */
export interface AskOptions {
  /** The signal that cancels the question. */
  readonly signal?: AbortSignal | undefined;
  /** Receives the share of a long line that is laid out, 0 to 1. */
  readonly report?: Report | undefined;
}

/** A call in flight. */
interface Call {
  readonly kind: QuestionKind;
  readonly since: number;
  /** Whether nobody waits for it any more, although the worker has not said that it stopped. */
  readonly cancelled: boolean;
  readonly report: Report | undefined;
  /** Sends the call to the worker, or to the one that replaces it. */
  readonly send: () => void;
  readonly reject: (reason: Error) => void;
}

/** The worker that is running, and the briefs open in it, the one asked about last at the end. */
interface Connection {
  readonly worker: EngineWorker;
  readonly remote: Remote<Engine>;
  readonly questions: QuestionCalls;
  open: readonly number[];
  /** The number of checks in a row for which the worker has been silent. */
  missed: number;
}

/**
 * The client of the engine's worker, the one place that talks to it. Every brief is solved once: every question about the same brief builds
 * on that. A worker that dies or is stuck rejects every call in flight, and the next question starts another.
 */
export class EngineClient {
  private connection: Connection | null = null;
  private readonly calls = new Map<number, Call>();
  private readonly sessions = new WeakMap<Brief, number>();
  private lastNumber = 0;
  private looking: ReturnType<typeof setInterval> | undefined;

  constructor(
    private readonly start: () => EngineWorker,
    private readonly lookEveryMs = LOOK_EVERY_MS,
  ) {}

  /** Plans a brief: the best plan, or why there is none and what would help. */
  async plan(brief: Brief, options: AskOptions = {}): Promise<PlanOutcome> {
    const outcome = await this.ask(brief, { kind: 'plan' }, options);
    // The plan came over with a copy of its brief: questions about that copy go to the same session.
    if (outcome.ok) this.sessions.set(outcome.value.best.brief, this.sessionOf(brief));
    return outcome;
  }

  /** Asks about a brief; rejects with `Unanswered` where the question is cancelled or the worker dies. */
  ask<Kind extends QuestionKind>(brief: Brief, question: QuestionOf<Kind>, options: AskOptions = {}): Promise<Answer<Kind>> {
    const { signal, report } = options;
    if (signal?.aborted === true) return Promise.reject(new Unanswered('cancelled'));
    const number = this.nextNumber();
    return new Promise<Answer<Kind>>((resolve, reject) => {
      const send = (): void => {
        const connection = this.connect();
        const ask = connection.questions[question.kind];
        const said = ask({ number, session: this.openSession(connection, brief) }, question);
        said.then((come) => (come === null ? undefined : resolve(come.answer)), reject).finally(() => this.settleCall(connection, number));
      };
      this.calls.set(number, { kind: question.kind, since: performance.now(), cancelled: false, report, send, reject });
      signal?.addEventListener('abort', () => this.cancel(number), { once: true });
      send();
      if (question.kind === 'plan' && this.isOverdue()) this.endSoonIfOverdue(0);
    });
  }

  private cancel(number: number): void {
    const call = this.calls.get(number);
    if (!call || call.cancelled) return;
    this.calls.set(number, { ...call, cancelled: true });
    call.reject(new Unanswered('cancelled'));
    void this.connection?.remote.cancel(number);
    this.endSoonIfOverdue(performance.now() - call.since);
  }

  /** Settles a call that the worker has answered or dropped; results of a worker that was ended meanwhile no longer count. */
  private settleCall(connection: Connection, number: number): void {
    if (this.connection === connection) this.calls.delete(number);
  }

  /** Tells whether the worker is busy with a plan nobody wants, or keeps a plan waiting for something nobody wants. */
  private isOverdue(): boolean {
    const calls = [...this.calls.values()];
    const dropped = calls.filter(({ cancelled }) => cancelled);
    const planWaits = calls.some(({ kind, cancelled }) => kind === 'plan' && !cancelled);
    return dropped.some(({ kind }) => kind === 'plan' || planWaits);
  }

  /** Gives a cancelled call time to end by itself between two steps: only a long step is ended with its worker. */
  private endSoonIfOverdue(overdueMs: number): void {
    setTimeout(() => this.isOverdue() && this.startAgain(), Math.max(LEAST_PATIENCE_MS, PATIENCE_MS - overdueMs));
  }

  /** Ends the worker; calls that are still wanted are sent to a new one. */
  private startAgain(): void {
    this.end();
    for (const [number, { cancelled }] of this.calls) if (cancelled) this.calls.delete(number);
    for (const { send } of [...this.calls.values()]) send();
  }

  private rejectCalls(connection: Connection): void {
    if (this.connection !== connection) return;
    this.end();
    const lost = [...this.calls.values()];
    this.calls.clear();
    for (const { reject } of lost) reject(new Unanswered('died'));
  }

  /** Ends the worker; the next question starts another. */
  end(): void {
    clearInterval(this.looking);
    // A proxy that is not released would keep the calls that wait for the worker in memory.
    this.connection?.remote[releaseProxy]();
    this.connection?.worker.terminate();
    this.connection = null;
  }

  /** Asks a busy worker for a sign of life; ends one that gives none. */
  private look(connection: Connection): void {
    connection.missed = this.calls.size === 0 ? 0 : connection.missed + 1;
    if (connection.missed > MOST_MISSED) this.rejectCalls(connection);
    else if (connection.missed > 0) void connection.remote.answers();
  }

  /** Notes that the worker has given a sign of life. */
  private noteMessage(connection: Connection, message: unknown): void {
    connection.missed = 0;
    if (!isProgress(message)) return;
    const call = this.calls.get(message.call);
    if (call?.cancelled === false) call.report?.(message.share);
  }

  private connect(): Connection {
    if (this.connection) return this.connection;
    const worker = this.start();
    const remote = wrap<Engine>(worker);
    const connection: Connection = { worker, remote, questions: remote, open: [], missed: 0 };
    worker.addEventListener('error', () => this.rejectCalls(connection));
    worker.addEventListener('messageerror', () => this.rejectCalls(connection));
    worker.addEventListener('message', ({ data }: MessageEvent<unknown>) => this.noteMessage(connection, data));
    this.looking = setInterval(() => this.look(connection), this.lookEveryMs);
    this.connection = connection;
    return connection;
  }

  /** Gives the number of the brief's session, which is open in the worker from then on. */
  private openSession(connection: Connection, brief: Brief): number {
    const session = this.sessionOf(brief);
    if (!connection.open.includes(session)) void connection.remote.open(session, brief);
    const open = [...connection.open.filter((value) => value !== session), session];
    for (const closed of open.slice(0, -MOST_SESSIONS)) void connection.remote.close(closed);
    connection.open = open.slice(-MOST_SESSIONS);
    return session;
  }

  /** Finds the number of a brief's session: the same brief, by identity, has the same, so that undo finds it solved. */
  sessionOf(brief: Brief): number {
    const known = this.sessions.get(brief);
    if (known !== undefined) return known;
    const session = this.nextNumber();
    this.sessions.set(brief, session);
    return session;
  }

  private nextNumber(): number {
    this.lastNumber += 1;
    return this.lastNumber;
  }
}

/** The page's engine. */
export const engine = new EngineClient(() => new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' }));
