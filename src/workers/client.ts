import { proxy, type Remote, wrap } from 'comlink';
import type { AboutPath, Alternative, Brief, Effect, Lock, PlanOutcome, Reason, WayToPlay, WhatChanged, WhyNot } from '#core/plan';
import type { Reading } from '#core/reading';
import type { Advisor, Planner } from './protocol.ts';

/** How long a plan may be under way before a newer question ends it instead of waiting for it, ms. */
const PATIENCE_MS = 250;

/** The answer to a question that a newer one has overtaken. */
export const OVERTAKEN = 'overtaken';

/** An answer, or word that it no longer counts. */
export type Answer = PlanOutcome | typeof OVERTAKEN;

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

  /** Plans a brief in the worker; `report` hears how much of a long line is done, 0 to 1. */
  async plan(brief: Brief, report: (share: number) => void = () => undefined): Promise<Answer> {
    this.endIfStuck();
    this.latest += 1;
    const question = this.latest;
    this.startedAt = performance.now();
    this.running = true;
    const abandoned = new Promise<typeof OVERTAKEN>((resolve) => {
      this.giveUp = () => resolve(OVERTAKEN);
    });
    const best = await Promise.race([this.connected().plan(brief, proxy(report)), abandoned]);
    if (question !== this.latest || best === OVERTAKEN) return OVERTAKEN;
    this.running = false;
    if (best) return { ok: true, value: { best, alternatives: [] } };
    const outcome = await advisor.outcome(brief);
    return question === this.latest ? outcome : OVERTAKEN;
  }

  /** Ends what is under way; whoever waits for a plan hears that it was overtaken. */
  stop(): void {
    this.latest += 1;
    this.end();
  }

  /** A call in flight hangs for ever when its worker is terminated, so whoever awaits it is told first. */
  private endIfStuck(): void {
    if (this.running && performance.now() - this.startedAt >= PATIENCE_MS) this.end();
  }

  private end(): void {
    this.running = false;
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

/** Asks the advising worker, which starts with the first question. */
class AdvisorClient {
  private remote: Remote<Advisor> | null = null;

  /** Plans any brief, or says why it cannot be planned and what would help. */
  async outcome(brief: Brief): Promise<PlanOutcome> {
    return await this.connected().outcome(brief);
  }

  /** Every string and finger for one note. */
  async waysToPlay(brief: Brief, note: number): Promise<Reading<readonly WayToPlay[]>> {
    return await this.connected().waysToPlay(brief, note);
  }

  /** Other fingerings of a brief that a player would call different. */
  async alternatives(brief: Brief, most: number): Promise<readonly Alternative[]> {
    return await this.connected().alternatives(brief, most);
  }

  /** Why one note (or, with null, everything unusual) is as it is. */
  async reasonsOf(brief: Brief, note: number | null): Promise<Reading<readonly Reason[]>> {
    return await this.connected().reasonsOf(brief, note);
  }

  /** Why not the finger or string a teacher expected. */
  async whyNot(brief: Brief, wish: Lock): Promise<WhyNot | null> {
    return await this.connected().whyNot(brief, wish);
  }

  /** What a change of instrument or player does to a piece. */
  async whatChanged(before: Brief, after: Brief): Promise<WhatChanged | null> {
    return await this.connected().whatChanged(before, after);
  }

  /** What rings and what is hard in the best plan of a brief. */
  async aboutPath(brief: Brief, mostHard: number): Promise<AboutPath> {
    return await this.connected().aboutPath(brief, mostHard);
  }

  /** What each part of a brief does to the numbers. */
  async effects(brief: Brief): Promise<readonly Effect[]> {
    return await this.connected().effects(brief);
  }

  private connected(): Remote<Advisor> {
    this.remote ??= wrap<Advisor>(new Worker(new URL('./advisor.worker.ts', import.meta.url), { type: 'module' }));
    return this.remote;
  }
}

/** The page's planner. */
export const planner = new PlannerClient();

/** Answers questions about a plan, in a worker of its own, so that the next plan never waits for them. */
export const advisor = new AdvisorClient();
