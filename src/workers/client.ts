import { type Remote, wrap } from 'comlink';
import type { Brief, PlanSet, WayToPlay } from '#core/plan';
import type { Reading } from '#core/reading';
import type { Planner } from './protocol.ts';

/** How long a plan may be under way before a newer question ends it instead of waiting for it, ms. */
const PATIENCE_MS = 250;

/** The answer to a question that a newer one has overtaken. */
export const OVERTAKEN = 'overtaken';

/** An answer, or word that it no longer counts. */
export type Answer<Value> = Reading<Value> | typeof OVERTAKEN;

/**
 * The one place that talks to the planning worker. Only the latest question counts: an answer that comes late is
 * dropped, and a long computation that nobody waits for any more is ended with its worker.
 */
class PlannerClient {
  private worker: Worker | null = null;
  private remote: Remote<Planner> | null = null;
  private latest = 0;
  private startedAt = 0;
  private running = false;
  private giveUp: (() => void) | null = null;

  /** Plans a brief in the worker. */
  async plan(brief: Brief): Promise<Answer<PlanSet>> {
    this.endIfStuck();
    this.latest += 1;
    const question = this.latest;
    this.startedAt = performance.now();
    this.running = true;
    const abandoned = new Promise<typeof OVERTAKEN>((resolve) => {
      this.giveUp = () => resolve(OVERTAKEN);
    });
    const answer = await Promise.race([this.connected().plan(brief), abandoned]);
    if (question !== this.latest) return OVERTAKEN;
    this.running = false;
    return answer;
  }

  /** Every string and finger for one note. */
  async waysToPlay(brief: Brief, note: number): Promise<Reading<readonly WayToPlay[]>> {
    return await this.connected().waysToPlay(brief, note);
  }

  /** A call in flight hangs for ever when its worker is terminated, so whoever awaits it is told first. */
  private endIfStuck(): void {
    if (!this.running || performance.now() - this.startedAt < PATIENCE_MS) return;
    this.giveUp?.();
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
  }

  private connected(): Remote<Planner> {
    if (this.remote) return this.remote;
    this.worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
    this.remote = wrap<Planner>(this.worker);
    return this.remote;
  }
}

/** The page's planner. */
export const planner = new PlannerClient();
