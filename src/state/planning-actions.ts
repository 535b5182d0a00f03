import type { Brief, Lock } from '#core/brief';
import { readLineText } from '#core/brief/lines';
import { withLock, withoutLock } from '#core/brief/locks';
import type { AboutPath, KnownOfPlayer } from '#core/drill/hot-spots';
import { type Issue, issuesText } from '#core/messages';
import type { PlanOutcome, Relaxed } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { anotherTask, engine, Unanswered } from '../engine/index.ts';
import { ENGINE_FAILED, PLANNING_STOPPED } from '../words/notices.ts';
import { say } from './notices.ts';
import { type OtherFingerings, planningStore, planShown } from './planning.ts';
import { studioStore } from './studio.ts';
import { type WorkState, workStore } from './bench/index.ts';

/** Plans longer than this many notes are drawn in a task of their own, because copying them from the worker already blocks the page. */
const LONG_LINE = 400;

/** The time after which a plan is shown to be under way, and can be stopped, ms. */
const SLOW_MS = 1000;

/** The question under way; a new one cancels it. */
let asking = new AbortController();

/** Asks for a plan; null where the question was cancelled or overtaken by another, or where the engine failed, which is said. */
async function planOf(brief: Brief, report?: (progress: number) => void): Promise<PlanOutcome | null> {
  asking.abort();
  asking = new AbortController();
  const { signal } = asking;
  planningStore.setState({ underWay: brief });
  const slow = setTimeout(() => !signal.aborted && planningStore.setState(({ progress }) => ({ progress: progress ?? 0 })), SLOW_MS);
  try {
    return await engine.plan(brief, { signal, report });
  } catch (error) {
    if (error instanceof Unanswered && error.why === 'cancelled') return null;
    planningStore.setState({ progress: null });
    say(ENGINE_FAILED);
    return null;
  } finally {
    clearTimeout(slow);
    planningStore.setState(({ underWay }) => ({ underWay: underWay === brief ? null : underWay }));
  }
}

/** Plans the brief, unless its plan is there already, and whenever it changes, until the returned function is called. */
export function keepPlanning(): () => void {
  if (planningStore.getState().plannedBrief !== workStore.getState().brief) void planNow();
  return workStore.subscribe((now, before) => {
    if (needsPlanning(now, before)) void planNow();
  });
}

/**
 * Tells whether a plan is needed: for a new brief, unless it is under way; and where messages need another look because brief or typed line
 * go back.
 */
function needsPlanning(now: WorkState, before: WorkState): boolean {
  const { plannedBrief, underWay, issues } = planningStore.getState();
  if (now.brief !== before.brief) return underWay !== now.brief && (plannedBrief !== now.brief || issues.length > 0);
  return now.lineText !== before.lineText;
}

async function planNow(): Promise<void> {
  const { brief, lineText } = workStore.getState();
  const unread = wrongInTyped(brief, lineText);
  const isCurrent = (): boolean => workStore.getState().brief === brief;
  const outcome = await planOf(brief, (progress) => {
    if (isCurrent() && planningStore.getState().plannedBrief !== brief) planningStore.setState({ progress });
  });
  if (outcome === null || !isCurrent()) return;
  if (!outcome.ok) return showFailure(unread ?? outcome.issues, outcome.relaxed);
  if (outcome.value.best.notes.length > LONG_LINE) await anotherTask();
  if (!isCurrent()) return;
  planningStore.setState({ planSet: outcome.value, plannedBrief: brief, issues: unread ?? [], relaxed: null, progress: null });
}

/** Reports the faults of a line as it is typed; null where there are none, or none is typed. */
function wrongInTyped(brief: Brief, lineText: string): readonly Issue[] | null {
  if (brief.material.kind !== 'line' || lineText.trim() === '') return null;
  const reading = readLineText(brief, lineText);
  return reading.ok ? null : reading.issues;
}

/** Reports why there is no plan; where relaxing one limit helps, the plan it gives is shown. */
function showFailure(issues: readonly Issue[], relaxed: Relaxed | null): void {
  planningStore.setState({ issues, relaxed, progress: null });
  if (relaxed) planningStore.setState({ planSet: { best: relaxed.plan, alternatives: [] }, plannedBrief: null });
}

/** Gives up a plan that takes too long; the last one stays. */
export function stopPlanning(): void {
  asking.abort();
  planningStore.setState({ progress: null, issues: [] });
  say(PLANNING_STOPPED);
}

/**
 * Locks a note to a finger or string and plans again around it. The earlier lock of the note is kept if both are possible; else the new
 * wish goes first. A wish no hand can play is answered, and nothing changes.
 */
export async function wishFor(lock: Lock): Promise<void> {
  const { brief } = workStore.getState();
  const alone = withLock(withoutLock(brief, lock.note), lock);
  const together = withLock(brief, lock);
  const why = await adoptFirstPlayable(together === alone ? [alone] : [together, alone]);
  if (why !== null) say(why);
}

/**
 * Takes the first of some briefs that can be planned; where none can, resolves to the reason and leaves the piece as it was. The first is on
 * the bench, and so kept, before it is known whether a hand can play it: a page may be gone before its plan is there. Resolves to null where
 * one is taken, and where another change came first.
 */
export async function adoptFirstPlayable(candidates: readonly Brief[]): Promise<string | null> {
  const { brief: before } = workStore.getState();
  const { pastStates, futureStates } = workStore.temporal.getState();
  let why: string | null = null;
  for (const [index, candidate] of candidates.entries()) {
    const planning = planOf(candidate);
    if (index === 0) workStore.setState({ brief: candidate });
    else replaceBrief(candidate);
    const outcome = await planning;
    // Another change, made on top of this wish, overtook it; or the engine failed, and the wish stands.
    if (outcome === null || workStore.getState().brief !== candidate) return null;
    if (outcome.ok) {
      planningStore.setState({ planSet: outcome.value, plannedBrief: candidate, issues: [], relaxed: null, progress: null });
      say(null);
      return null;
    }
    planningStore.setState({ progress: null });
    why = issuesText(outcome.issues);
  }
  replaceBrief(before);
  workStore.temporal.setState({ pastStates, futureStates });
  return why;
}

/** Changes the brief within one step of the history. */
export function replaceBrief(brief: Brief): void {
  const { pause, resume } = workStore.temporal.getState();
  pause();
  workStore.setState({ brief });
  resume();
}

/** The number of hot spots pointed at: a teacher works on one of them. */
const MOST_HOT_SPOTS = 5;

/** Gives the ringing notes and hot spots of a plan for the player of the piece. */
export async function aboutShown(plan: Plan): Promise<AboutPath> {
  return await engine.ask(plan.brief, { kind: 'about-path', mostHotSpots: MOST_HOT_SPOTS, known: await knownOfPlayer(plan) });
}

/** Gives the knowledge of the player of the piece beside its plan. */
export async function knownOfPlayer(plan: Plan): Promise<KnownOfPlayer> {
  const { playerId, pieceId } = workStore.getState();
  const player = studioStore.getState().players.find(({ id }) => id === playerId);
  const { triesOfPiece: triedIn } = await import('./practice/known.ts');
  return { positions: player?.document.profile.positions ?? null, tried: await triedIn(plan, pieceId, playerId) };
}

/** Asks for the ringing notes and hot spots of a plan, which are shown beside the path, and missing where the engine fails. */
export async function bringPathNotes(plan: Plan): Promise<void> {
  const about = await aboutShown(plan).catch(() => null);
  if (about && planShown() === plan) planningStore.setState({ path: { plan, ...about } });
}

/** Keeps the other fingerings found for a plan. */
export function keepOthers(others: OtherFingerings): void {
  planningStore.setState({ others, overlaid: null });
}

/** Lays one of the other fingerings over the picture, by its place in the list; null lays none. */
export function overlay(overlaid: number | null): void {
  planningStore.setState({ overlaid });
}
