import type { LogWhat, Prompt } from '#core/practice/log';
import { fadeAfter, type Fading } from '#core/practice/fading';
import type { Practised } from '#core/practice/item';
import {
  afterSet,
  AT_THE_FOOT,
  type Ladder,
  type Miss,
  MISSES_SAID,
  type OnLadder,
  type Rung,
  rungsOf,
  type SetRule,
  setStanding,
  spoilsRun,
  type Voice,
} from '#core/practice/ladder';

/** An item as it is run through, with the facts of its plan already worked out. */
export interface RunItem {
  readonly practised: Practised;
  /** The prompts before it is played. */
  readonly prompts: readonly Prompt[];
  readonly set: SetRule;
  readonly ladder: Ladder;
  /** The largest number of tries in a set, where it strains; null where it does not. */
  readonly cap: number | null;
  /** The rest after a set, seconds. */
  readonly restSeconds: number;
  /** The number of groups in which it is played, one after the other on each rung. */
  readonly groups: number;
  /** The minutes planned for it. */
  readonly minutes: number;
  /** The course of fading help; null where none is set. */
  readonly fading: Fading | null;
}

/**
 * The state of a session. `aim`: its aim is shown; `prepare`: a preparatory step; `play`: a set, with its tries so far (good or not);
 * `miss`: how the last try missed, null until it is said, and where; `rest`: after a set, and whether the item is over; `pain`: it hurt;
 * `end-check`; `done`: whether the aim was reached, null where that was not asked.
 */
export type Step =
  | { readonly at: 'aim' }
  /** The order of the prompt, from 0. */
  | { readonly at: 'prepare'; readonly prompt: number }
  | { readonly at: 'play'; readonly tries: readonly boolean[] }
  /** The way it missed; null until it is said. */
  | {
      readonly at: 'miss';
      readonly tries: readonly boolean[];
      readonly miss: (typeof MISSES_SAID)[number] | null;
      readonly where: MissedAt;
    }
  | { readonly at: 'rest'; readonly clean: boolean; readonly over: boolean }
  | { readonly at: 'pain' }
  | { readonly at: 'end-check' }
  /** Whether the aim was reached; null where that was not asked. */
  | { readonly at: 'done'; readonly reached: boolean | null };

/** A session while it is run through. */
export interface SessionRun {
  readonly aim: string;
  readonly endCheck: string;
  readonly items: readonly RunItem[];
  /** The index of the item. */
  readonly item: number;
  readonly step: Step;
  /** The place on its ladder. */
  readonly ladder: OnLadder;
  /** The index of its group. */
  readonly group: number;
}

/** A signal from the player: both hands hold the instrument, so there is one for yes, one for the other answer, and one for pain. */
export type Signal = 'on' | 'other' | 'pain';

/** The effect of a signal: the session after it, and the entries for the log. */
export interface Pressed {
  readonly run: SessionRun;
  readonly log: readonly LogWhat[];
}

/** The place where a session was left: the item, and the place on its ladder. */
export type SessionLeft = Pick<SessionRun, 'item' | 'ladder'>;

/**
 * Begins a session, or resumes it with the item at which it was left: its preparatory steps come again, its ladder goes on. An unknown item
 * means the first.
 */
export function sessionRun(
  { aim, endCheck, items }: Pick<SessionRun, 'aim' | 'endCheck' | 'items'>,
  left: SessionLeft = { item: 0, ladder: AT_THE_FOOT },
): SessionRun {
  const from = left.item < items.length ? left : { item: 0, ladder: AT_THE_FOOT };
  return { aim, endCheck, items, ...from, step: { at: 'aim' }, group: 0 };
}

/** Gives the item in hand; null before the first and after the last. */
export function itemOf({ items, item, step }: SessionRun): RunItem | null {
  return step.at === 'aim' || step.at === 'end-check' || step.at === 'done' ? null : (items[item] ?? null);
}

/** Gives the rung in hand: the last one once the ladder is climbed. */
export function rungOf({ ladder }: Pick<RunItem, 'ladder'>, { rung }: OnLadder): Rung | null {
  const rungs = rungsOf(ladder);
  return rungs[Math.min(rung, rungs.length - 1)] ?? null;
}

/**
 * Answers a signal, `itemSeconds` after the item was begun.
 *
 * `on` goes on, is a good try, or takes the miss that is shown, else one that is not said; `other` passes a preparatory step over (which is
 * logged), is a missed try, shows the next way of missing, leaves the item at a rest, or says that the aim was not reached. `pain` ends the
 * set wherever one is under way.
 */
export function answerSignal(run: SessionRun, signal: Signal, itemSeconds: number): Pressed {
  const item = itemOf(run);
  if (signal === 'pain') return item && run.step.at !== 'pain' ? hurt(run, item) : { run, log: [] };
  return PRESSED[run.step.at](run, signal, itemSeconds);
}

type Press = (run: SessionRun, signal: Exclude<Signal, 'pain'>, itemSeconds: number) => Pressed;

const PRESSED: Readonly<Record<Step['at'], Press>> = {
  aim: (run) => silently({ ...beginItem(run, run.item), ladder: run.ladder }),
  prepare: (run, signal) => prepare(run, signal),
  play: (run, signal, itemSeconds) => endTry(run, signal, itemSeconds),
  miss: (run, signal, itemSeconds) => chooseMiss(run, signal, itemSeconds),
  rest: (run, signal) => silently(endRest(run, signal)),
  pain: (run, signal) => silently(signal === 'on' ? endSession(run, null) : beginItem(run, run.item + 1)),
  'end-check': (run, signal) => {
    const reached = signal === 'on';
    return { run: endSession(run, reached), log: [{ kind: 'end-check', aim: run.aim, reached }] };
  },
  done: silently,
};

function silently(run: SessionRun): Pressed {
  return { run, log: [] };
}

function endSession(run: SessionRun, reached: boolean | null): SessionRun {
  return { ...run, step: { at: 'done', reached } };
}

function beginItem(run: SessionRun, item: number): SessionRun {
  const next = run.items[item];
  if (!next) return { ...run, step: { at: 'end-check' } };
  const step: Step = next.prompts.length > 0 ? { at: 'prepare', prompt: 0 } : { at: 'play', tries: [] };
  return { ...run, item, step, ladder: AT_THE_FOOT, group: 0 };
}

function hurt(run: SessionRun, { practised }: RunItem): Pressed {
  return { run: { ...run, step: { at: 'pain' } }, log: [{ kind: 'pain', practised }] };
}

function prepare(run: SessionRun, signal: 'on' | 'other'): Pressed {
  const item = run.items[run.item];
  if (run.step.at !== 'prepare' || !item) return silently(run);
  const { prompt } = run.step;
  const [here, next] = [item.prompts[prompt], item.prompts[prompt + 1]];
  const step: Step = next === undefined ? { at: 'play', tries: [] } : { at: 'prepare', prompt: prompt + 1 };
  const skipped = signal === 'other' && here !== undefined;
  return { run: { ...run, step }, log: skipped ? [{ kind: 'skipped', practised: item.practised, prompt: here }] : [] };
}

function endTry(run: SessionRun, signal: 'on' | 'other', itemSeconds: number): Pressed {
  if (run.step.at !== 'play') return silently(run);
  const { tries } = run.step;
  if (signal === 'other') return silently({ ...run, step: { at: 'miss', tries, miss: null, where: NOWHERE } });
  return countTry(run, tries, null, itemSeconds);
}

function chooseMiss(run: SessionRun, signal: 'on' | 'other', itemSeconds: number): Pressed {
  if (run.step.at !== 'miss') return silently(run);
  const { tries, miss, where } = run.step;
  if (signal === 'on') return recordMiss(run, miss ?? 'unsaid', itemSeconds);
  const next = MISSES_SAID[(miss === null ? 0 : MISSES_SAID.indexOf(miss) + 1) % MISSES_SAID.length] ?? null;
  return silently({ ...run, step: { at: 'miss', tries, miss: next, where } });
}

/** The place of a miss. */
export interface MissedAt {
  /** The line index of the note; null where it is not known. */
  readonly note: number | null;
  /** The voice of a double stop; null for both, for a single note, and where it is not known. */
  readonly voice: Voice | null;
}

const NOWHERE: MissedAt = { note: null, voice: null };

/** Points at the note at which the try missed, and at a voice of it; nothing where no miss is being said. */
export function pointAtMiss(run: SessionRun, where: MissedAt): SessionRun {
  return run.step.at === 'miss' ? { ...run, step: { ...run.step, where } } : run;
}

/** Records how the try missed and, where it was pointed at, at which note and in which voice; nothing where no miss is being said. */
export function recordMiss(run: SessionRun, miss: Miss, itemSeconds: number): Pressed {
  if (run.step.at !== 'miss') return silently(run);
  const {
    tries,
    where: { note, voice },
  } = run.step;
  const { run: next, log } = countTry(run, tries, miss, itemSeconds);
  const where = { ...(note === null ? {} : { note }), ...(voice === null ? {} : { voice }) };
  return { run: next, log: log.map((entry) => (entry.kind === 'attempt' ? { ...entry, ...where } : entry)) };
}

/** A miss that was heard, and where. */
interface HeardMiss extends MissedAt {
  readonly miss: Miss;
}

/** Counts a try that was heard instead of answered: a good one, or how and where it missed; nothing where no set is under way. */
export function countHeardTry(run: SessionRun, missed: HeardMiss | null, itemSeconds: number): Pressed {
  if (run.step.at !== 'play') return silently(run);
  const { tries } = run.step;
  if (missed === null) return countTry(run, tries, null, itemSeconds);
  const { miss, note, voice } = missed;
  return recordMiss({ ...run, step: { at: 'miss', tries, miss: null, where: { note, voice } } }, miss, itemSeconds);
}

/** Counts a try that is over, after the tries before it: it is logged, and the set goes on or ends. */
function countTry(run: SessionRun, before: readonly boolean[], miss: Miss | null, itemSeconds: number): Pressed {
  const item = run.items[run.item];
  if (!item) return silently(run);
  const tries = [...before, miss === null || !spoilsRun(item.set, miss)];
  const tempo = rungOf(item, run.ladder)?.tempo ?? null;
  const log: readonly LogWhat[] = [{ kind: 'attempt', practised: item.practised, tempo, miss }];
  const standing = setStanding(item.set, tries, item.cap);
  if (standing === 'on') return { run: { ...run, step: { at: 'play', tries } }, log };
  const moved = afterSetOf(run, item, standing);
  const climbed = moved.ladder.rung >= rungsOf(item.ladder).length;
  const over = climbed || itemSeconds >= item.minutes * SECONDS_A_MINUTE;
  const set = fadeHelp(run, item, standing === 'clean');
  return { run: { ...set.run, ...moved, step: { at: 'rest', clean: standing === 'clean', over } }, log: [...log, ...set.log] };
}

/** Ends a set: where help fades it is logged with the helps that were shown, and counts for those shown next. */
function fadeHelp(run: SessionRun, item: RunItem, clean: boolean): Pressed {
  const { practised, fading } = item;
  if (!fading) return silently(run);
  const next: RunItem = { ...item, fading: { ...fading, sets: [...fading.sets, clean] } };
  const items = run.items.map((known) => (known === item ? next : known));
  return { run: { ...run, items }, log: [{ kind: 'set', practised, clean, shown: [...fadeAfter(fading).shown] }] };
}

const SECONDS_A_MINUTE = 60;

/**
 * Moves on after a set: a clean one goes on to the next group, and from the last of them up the ladder; a failed one moves the ladder at
 * once.
 */
function afterSetOf({ ladder, group }: SessionRun, item: RunItem, standing: 'clean' | 'failed'): Pick<SessionRun, 'ladder' | 'group'> {
  if (standing === 'clean' && group + 1 < item.groups) return { ladder, group: group + 1 };
  return { ladder: afterSet(item.ladder, ladder, standing), group: standing === 'clean' ? 0 : group };
}

function endRest(run: SessionRun, signal: 'on' | 'other'): SessionRun {
  if (run.step.at !== 'rest') return run;
  if (run.step.over || signal === 'other') return beginItem(run, run.item + 1);
  return { ...run, step: { at: 'play', tries: [] } };
}
