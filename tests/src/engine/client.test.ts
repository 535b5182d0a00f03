import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { expose } from 'comlink';
import { withTempo } from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import { finish } from '#core/result';
import { answerTo, openSession, type Session } from '#core/session';
import type { LaidOut, Ticket } from '../../../src/engine/protocol.ts';
import { EngineClient, type EngineWorker, Unanswered } from '../../../src/engine/client.ts';

/** The requests to the worker's other end, and its replies. */
interface Staged {
  readonly worker: EngineWorker;
  readonly opened: number[];
  readonly cancelled: number[];
  /** Receives the number of a question that is cancelled. */
  hearsCancel: (call: number) => void;
  /** Receives the number of a plan that is asked for. */
  asked: (call: number) => void;
  /** Posts how much is laid out, as the worker does by itself. */
  readonly say: (progress: LaidOut) => void;
  /** Ends like a worker that runs out of memory or cannot be loaded. */
  readonly die: () => void;
  /** Resolves when it was asked a number of times whether it still answers. */
  readonly lookedAt: (times: number) => Promise<void>;
  ended: boolean;
}

/** Makes a worker whose plans are ready at once and whose other fingerings never are; with `stuck`, nothing of it ever is. */
function stageWorker(stuck: boolean): Staged {
  const { port1, port2 } = new MessageChannel();
  const sessions = new Map<number, Session>();
  const deaths = new Set<() => void>();
  const looks: { left: number; readonly resolve: () => void }[] = [];
  const stage: Staged = {
    opened: [],
    cancelled: [],
    hearsCancel: () => undefined,
    ended: false,
    asked: () => undefined,
    say: (progress) => port2.postMessage(progress),
    die: () => deaths.forEach((tell) => tell()),
    lookedAt: (times) => new Promise((resolve) => looks.push({ left: times, resolve })),
    worker: {
      postMessage: port1.postMessage.bind(port1),
      addEventListener: (type: string, listener: EventListenerOrEventListenerObject) => {
        if (type === 'error') deaths.add(() => typeof listener === 'function' && listener(new Event('error')));
        else port1.addEventListener(type, listener);
      },
      removeEventListener: (type: string, listener: EventListenerOrEventListenerObject) => port1.removeEventListener(type, listener),
      terminate: () => {
        stage.ended = true;
        port1.close();
        port2.close();
      },
    },
  };
  const never = new Promise<never>(() => undefined);
  expose(
    {
      open: (session: number, brief: Parameters<typeof openSession>[0]) => {
        stage.opened.push(session);
        sessions.set(session, openSession(brief));
      },
      close: (session: number) => sessions.delete(session),
      cancel: (number: number) => {
        stage.cancelled.push(number);
        stage.hearsCancel(number);
      },
      answers: () => {
        for (const look of looks) if ((look.left -= 1) === 0) look.resolve();
      },
      plan: ({ number, session }: Ticket) => {
        stage.asked(number);
        const open = sessions.get(session);
        return stuck || !open ? never : { answer: finish(answerTo(open, 'plan', { kind: 'plan' })) };
      },
      alternatives: () => never,
    },
    port2,
  );
  port1.start();
  return stage;
}

function clientOn(stages: readonly Staged[], lookEveryMs?: number): EngineClient {
  const left = [...stages];
  return new EngineClient(() => {
    const next = left.shift();
    if (!next) throw new Error('No worker is left to start');
    return next.worker;
  }, lookEveryMs);
}

const isDeath = (error: unknown): boolean => error instanceof Unanswered && error.why === 'died';
const isCancelled = (error: unknown): boolean => error instanceof Unanswered && error.why === 'cancelled';

describe('a worker that dies', () => {
  it('rejects every call in flight, and the next question starts another', async () => {
    const [first, second] = [stageWorker(true), stageWorker(false)];
    const client = clientOn([first, second]);
    const calls = [client.plan(FIRST_BRIEF), client.ask(FIRST_BRIEF, { kind: 'alternatives', most: 3 })];
    const lost = Promise.all(calls.map((call) => assert.rejects(call, isDeath)));
    first.die();
    await lost;
    assert.ok(first.ended);
    assert.ok((await client.plan(FIRST_BRIEF)).ok);
    client.end();
  });
});

describe('a worker at a long line', () => {
  it('says how much of it is laid out, to who asked for it', async () => {
    const stage = stageWorker(true);
    const client = clientOn([stage]);
    const heard = await new Promise<readonly number[]>((resolve) => {
      const shares: number[] = [];
      const report = (share: number): void => (shares.push(share), share === 1 ? resolve(shares) : undefined);
      stage.asked = (call) => [0.5, 1].forEach((share) => stage.say({ call, share }));
      client.plan(FIRST_BRIEF, { report }).catch(() => undefined);
    });
    assert.deepEqual(heard, [0.5, 1]);
    stage.die();
  });
});

describe('a worker that is stuck', () => {
  const LOOK_EVERY_MS = 5;

  it('is ended, its calls are rejected, and the next question starts another', async () => {
    const [first, second] = [stageWorker(true), stageWorker(false)];
    // Requests never reach it, as with a thread that does not come back from a step.
    const client = clientOn([{ ...first, worker: { ...first.worker, postMessage: () => undefined } }, second], LOOK_EVERY_MS);
    await assert.rejects(client.plan(FIRST_BRIEF), isDeath);
    assert.ok(first.ended);
    assert.ok((await client.plan(FIRST_BRIEF)).ok);
    client.end();
  });

  it('is not one that answers, however long a question takes', async () => {
    const stage = stageWorker(true);
    const client = clientOn([stage], LOOK_EVERY_MS);
    const asked = client.plan(FIRST_BRIEF);
    await stage.lookedAt(20);
    assert.ok(!stage.ended);
    stage.die();
    await assert.rejects(asked, isDeath);
  });
});

describe('a question that is taken back', () => {
  it('is rejected at once, and the worker hears of it', async () => {
    const stage = stageWorker(false);
    const client = clientOn([stage]);
    const taking = new AbortController();
    const asked = client.ask(FIRST_BRIEF, { kind: 'alternatives', most: 3 }, { signal: taking.signal });
    const heard = new Promise<number>((resolve) => (stage.hearsCancel = resolve));
    taking.abort();
    await assert.rejects(asked, isCancelled);
    await heard;
    assert.equal(stage.cancelled.length, 1);
    client.end();
  });

  it('before it is asked is not asked at all', async () => {
    await assert.rejects(clientOn([]).ask(FIRST_BRIEF, { kind: 'effects' }, { signal: AbortSignal.abort() }), isCancelled);
  });

  it('in the middle of a long step is ended with its worker, and what is still wanted is asked of another', async () => {
    const [first, second] = [stageWorker(true), stageWorker(false)];
    const client = clientOn([first, second]);
    const taking = new AbortController();
    const old = client.plan(FIRST_BRIEF, { signal: taking.signal });
    taking.abort();
    const wanted = client.plan(withTempo(FIRST_BRIEF, 60));
    await assert.rejects(old, isCancelled);
    assert.ok((await wanted).ok);
    assert.ok(first.ended);
    client.end();
  });
});

describe('a session', () => {
  it('is opened once for a brief, and its plan’s own copy of the brief belongs to it', async () => {
    const stage = stageWorker(false);
    const client = clientOn([stage]);
    const outcome = await client.plan(FIRST_BRIEF);
    await client.plan(FIRST_BRIEF);
    assert.ok(outcome.ok);
    assert.equal(client.sessionOf(outcome.value.best.brief), client.sessionOf(FIRST_BRIEF));
    assert.notEqual(client.sessionOf(withTempo(FIRST_BRIEF, 60)), client.sessionOf(FIRST_BRIEF));
    assert.equal(stage.opened.length, 1);
    client.end();
  });
});
