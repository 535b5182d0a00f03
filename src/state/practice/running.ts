import { create } from 'zustand';
import {
  groupsOfItem,
  countHeardTry,
  soundOfItem,
  type InHand,
  itemOf,
  type MissedAt,
  pointAtMiss,
  recordMiss,
  type Pressed,
  answerSignal,
  rungOf,
  runItem,
  type SessionLeft,
  type SessionRun,
  sessionRun,
  type Signal,
  soundingAt,
  type PracticeSound,
} from '#core/practice/session';
import type { Miss } from '#core/practice/ladder';
import type { LogWhat } from '#core/practice/log';
import { soundPractice, stopPractice } from '../../audio/index.ts';
import type { Logged, SessionRecord } from '../../records/record.ts';
import { NO_SOUND } from '../../words/notices.ts';
import { type LoadedItem } from './load-item.ts';
import type { JudgedTry, TryFault } from '#core/listening/stand';
import { nextEntry } from '../keeping/index.ts';
import { logEntry } from './logging.ts';
import { leaveAt } from './left.ts';
import type { SetForPlayer } from '../reading/index.ts';

/** A session that is under way. */
export interface Running {
  readonly session: SessionRecord;
  readonly whose: Logged;
  readonly items: readonly LoadedItem[];
  readonly run: SessionRun;
  /** The moment the item and the step began, ms since 1970. */
  readonly itemSince: number;
  /** The moment the step began, ms since 1970. */
  readonly stepSince: number;
  /** The number of good tries of the session, and of all tries. */
  readonly good: number;
  /** The number of all tries of the session. */
  readonly tries: number;
  /** The tolerance that the teacher has set, cents. */
  readonly tolerance: number;
  /** Whether the last try missed, so that help is shown. */
  readonly justMissed: boolean;
  /** The try that was heard last; null where none was, or something else has happened since. */
  readonly heard: HeardTry | null;
  /** The reason why something could not be kept, or does not sound. */
  readonly trouble: string | null;
}

/** A try that was heard. */
interface HeardTry {
  readonly judged: JudgedTry;
  /** The session before it was counted, and the entries that it left in the log; null where it was not counted. */
  readonly counted: { readonly before: Running; readonly entries: readonly string[] } | null;
}

/** The session under way; null before and after. */
export const runningStore = create<{ readonly running: Running | null }>()(() => ({ running: null }));

/** Reads from the session under way in a component. */
export function useRunning<Value>(select: (running: Running | null) => Value): Value {
  return runningStore(({ running }) => select(running));
}

/** The data with which a session begins. */
export interface Beginning {
  readonly session: SessionRecord;
  readonly whose: Logged;
  readonly items: readonly LoadedItem[];
  /** The tolerance, cents. */
  readonly tolerance: number;
  /** Gives the course of fading help of each item. */
  readonly fadingOf: SetForPlayer['fadingOf'];
  /** The place where it was left; undefined begins it from the start. */
  readonly left?: SessionLeft | undefined;
}

/** Begins a session, or resumes it where it was left. */
export function beginSession({ session, whose, items, tolerance, fadingOf, left }: Beginning): void {
  const { name, endCheck } = session.document;
  const run = sessionRun(
    { aim: name, endCheck, items: items.map(({ item, plan }) => runItem(plan, item, fadingOf(item.practised))) },
    left,
  );
  const now = Date.now();
  const nothing = { good: 0, tries: 0, justMissed: false, heard: null, trouble: null } as const;
  runningStore.setState({ running: { session, whose, items, run, tolerance, itemSince: now, stepSince: now, ...nothing } });
}

/** Leaves the session; entries that were logged stay. */
export function leaveSession(): void {
  stopPractice();
  runningStore.setState({ running: null });
}

/** Handles the signal of a key, a pedal or a tap. */
export function signal(what: Signal): void {
  takeUp((run, itemSeconds) => answerSignal(run, what, itemSeconds));
}

/** Records how the last try missed, and at which note and in which voice where that was pointed at. */
export function sayMiss(miss: Miss): void {
  takeUp((run, itemSeconds) => recordMiss(run, miss, itemSeconds));
}

/** Points at the note at which the last try missed, and at a voice of it. */
export function pointAt(where: MissedAt): void {
  takeUp((run) => ({ run: pointAtMiss(run, where), log: [] }));
}

/** The misses of a log, by the faults that are heard. */
const MISS_OF_FAULT: Readonly<Record<TryFault, Miss>> = {
  flat: 'flat',
  sharp: 'sharp',
  'another note': 'unsaid',
  'left out': 'unsaid',
  again: 'unsaid',
  late: 'late',
};

/** Counts a try that was heard; one that was too unclear is told, and counts for nothing. */
export function countHeard(judged: JudgedTry): void {
  const { running: before } = runningStore.getState();
  if (before?.run.step.at !== 'play') return;
  if (judged.judged === 'unclear') return runningStore.setState({ running: { ...before, heard: { judged, counted: null } } });
  const missed = judged.judged === 'missed' ? { miss: MISS_OF_FAULT[judged.fault], note: judged.note, voice: judged.voice } : null;
  const entries = takeUp((run, itemSeconds) => countHeardTry(run, missed, itemSeconds));
  runningStore.setState(({ running }) => ({ running: running && { ...running, heard: { judged, counted: { before, entries } } } }));
}

/** Takes back the try that was heard last: the set stands as it did before, and the record says so. */
export function takeBackHeard(): void {
  const { running } = runningStore.getState();
  const counted = running?.heard?.counted;
  if (!running || !counted) return;
  const { before, entries } = counted;
  const next: Running = { ...before, stepSince: Date.now(), heard: null };
  runningStore.setState({ running: next });
  leaveAt(next);
  for (const of of entries) logIn(running, { kind: 'correction', of });
  soundStep(running.run, next);
}

/** Goes on with the effect of a signal, and logs it; gives the ids of the entries. */
function takeUp(come: (run: SessionRun, itemSeconds: number) => Pressed): readonly string[] {
  const { running } = runningStore.getState();
  if (!running) return [];
  const now = Date.now();
  const { run, log } = come(running.run, (now - running.itemSince) / 1000);
  const next = followRun(running, run, log, now);
  runningStore.setState({ running: next });
  leaveAt(next);
  const entries = log.map((what) => logIn(running, what));
  if (run !== running.run) soundStep(running.run, next);
  return entries;
}

/** Writes an event of a session into the log, and gives the id of its entry. */
function logIn({ whose }: Running, what: LogWhat): string {
  const entry = nextEntry(what);
  void logEntry(whose, entry).then((outcome) => outcome.ok || tellTrouble(outcome.message));
  return entry.id;
}

function followRun(running: Running, run: SessionRun, log: readonly LogWhat[], now: number): Running {
  const attempts = log.flatMap((entry) => (entry.kind === 'attempt' ? [entry] : []));
  const isNewItem = run.item !== running.run.item || running.run.step.at === 'aim';
  return {
    ...running,
    run,
    itemSince: isNewItem ? now : running.itemSince,
    stepSince: run.step === running.run.step ? running.stepSince : now,
    good: running.good + attempts.filter(({ miss }) => miss === null).length,
    tries: running.tries + attempts.length,
    heard: run === running.run ? running.heard : null,
    justMissed: attempts.length > 0 ? attempts.some(({ miss }) => miss !== null) : running.justMissed && run.step.at !== 'rest',
  };
}

function tellTrouble(trouble: string): void {
  runningStore.setState(({ running }) => ({ running: running && { ...running, trouble } }));
}

/** Gives the item in hand: its plan, its rung and the notes of its group; null where there is none. */
export function inHand({ run, items }: Pick<Running, 'run' | 'items'>): (InHand & Pick<LoadedItem, 'otherWhenSlow'>) | null {
  const [item, loaded] = [itemOf(run), items[run.item]];
  const rung = item && rungOf(item, run.ladder);
  const group = loaded && groupsOfItem(loaded.plan, loaded.item)[run.group];
  return loaded && rung && group ? { ...loaded, rung, group } : null;
}

/** Plays the sounds of a step; while a set goes on, its sounds go on. */
function soundStep(before: SessionRun, running: Running): void {
  const { step } = running.run;
  if (step.at === 'play' && before.step.at === 'play') return;
  const here = inHand(running);
  const sounding = here && soundingAt(step, here);
  if (sounding) sound(sounding);
  else stopPractice();
}

/** Plays the model of the item in hand again. */
export function hearAgain(): void {
  const { running } = runningStore.getState();
  const here = running && inHand(running);
  if (here) sound(soundOfItem(here));
}

function sound(sounding: PracticeSound): void {
  soundPractice(sounding).catch((error: unknown) => tellTrouble(error instanceof Error ? error.message : NO_SOUND));
}
