import { expose } from 'comlink';
import { finish } from '#core/result';
import { type Answer, answerTo, openSession, type Question, type QuestionKind, type Session } from '#core/session';
import { engine } from '../../src/engine/client.ts';
import type { Ticket } from '../../src/engine/protocol.ts';

const running = new Set<NodeWorker>();

/** Whether all of them were ended: one that the engine starts later, for a call under way, is ended at once and does not keep the process. */
let areEnded = false;

/** The engine's worker without a thread of its own: the same questions, answered at once on the other end of a channel. */
export class NodeWorker extends EventTarget {
  private readonly channel = new MessageChannel();
  private readonly sessions = new Map<number, Session>();

  constructor() {
    super();
    running.add(this);
    expose(
      {
        open: (session: number, brief: Parameters<typeof openSession>[0]) => void this.sessions.set(session, openSession(brief)),
        close: (session: number) => void this.sessions.delete(session),
        cancel: () => undefined,
        answers: () => undefined,
        plan: this.answering('plan'),
        alternatives: this.answering('alternatives'),
        ways: this.answering('ways'),
        reasons: this.answering('reasons'),
        'why-not': this.answering('why-not'),
        'about-path': this.answering('about-path'),
        effects: this.answering('effects'),
        'what-changed': this.answering('what-changed'),
      },
      this.channel.port2,
    );
    this.channel.port1.onmessage = ({ data }) => this.dispatchEvent(new MessageEvent('message', { data }));
    if (areEnded) queueMicrotask(() => engine.end());
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer);
  }

  terminate(): void {
    running.delete(this);
    this.channel.port1.close();
    this.channel.port2.close();
  }

  private answering<Kind extends QuestionKind>(
    kind: Kind,
  ): (ticket: Ticket, question: Question<Kind>) => { readonly answer: Answer<Kind> } {
    return ({ session }, question) => {
      const open = this.sessions.get(session);
      if (!open) throw new RangeError(`There is no session ${session}`);
      return { answer: finish(answerTo<Kind>(open, kind, question)) };
    };
  }
}

/** Lets the page's engine start such workers. */
export function withNodeWorkers(): void {
  Object.assign(globalThis, { Worker: NodeWorker });
}

/** Lists the workers that run now. */
export function runningWorkers(): readonly NodeWorker[] {
  return [...running];
}

/** Ends all of them, so that the process may end. */
export function endWorkers(): void {
  areEnded = true;
  engine.end();
  for (const worker of running) worker.terminate();
}
