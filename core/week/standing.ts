import type { HotSpot } from '#core/drill/hot-spots';
import { asCorrected, type EntryOf, type LogEntry } from '#core/practice/log';
import { dayNumber } from '#core/calendar';
import { type Practised, practisedKey } from '#core/practice/item';
import { type Grade, recallAfter, type Met } from '#core/spacing';

/** The standing of a player with something, by the record. */
export interface ItemStanding {
  /** The days on which it was practised, with their grades, in order; days are numbers. */
  readonly sittings: readonly Sitting[];
  /** The fastest tempo at which a try was good, quarter notes a minute; null where none was. */
  readonly tempo: number | null;
  /** Whether it hurt on the last day it was practised. */
  readonly hurt: boolean;
}

/** One day on which something was practised. */
export interface Sitting {
  /** The number of the day. */
  readonly day: number;
  /** The number of good tries. */
  readonly good: number;
  /** The number of tries. */
  readonly tries: number;
  /** The grade of the day. */
  readonly grade: Grade;
}

/** The shares of good tries from which a day went well, and with difficulty; with fewer a usual set fails. */
const [WELL, WITH_DIFFICULTY] = [0.8, 0.5] as const;

/** Grades a day by the share of its tries that were good. */
export function gradeOf(good: number, tries: number): Grade {
  const share = tries === 0 ? 0 : good / tries;
  if (share >= WELL) return 'good';
  return share >= WITH_DIFFICULTY ? 'hard' : 'forgotten';
}

/** A thing that is practised, as far as it is told apart in a log. */
type Told = Pick<Practised, 'piece' | 'part'>;

/**
 * Finds the standing of a player with some things, by key, from the entries of a log; `dayOf` gives the day under which an entry is logged.
 * A log of years is gone through once, however many things there are.
 */
export function standingsOf(
  entries: readonly LogEntry[],
  practised: readonly Told[],
  dayOf: (entry: LogEntry) => string,
): ReadonlyMap<string, ItemStanding> {
  const about = new Map(
    practised.map((told) => [practisedKey(told), { attempts: new Array<EntryOf<'attempt'>>(), pains: new Array<EntryOf<'pain'>>() }]),
  );
  for (const entry of asCorrected(entries)) {
    if (entry.kind === 'attempt') about.get(practisedKey(entry.practised))?.attempts.push(entry);
    if (entry.kind === 'pain') about.get(practisedKey(entry.practised))?.pains.push(entry);
  }
  const numberOf = (entry: LogEntry): number => dayNumber(dayOf(entry));
  return new Map([...about].map(([key, { attempts, pains }]) => [key, standingAfter(attempts, pains, numberOf)]));
}

/** Gives the standing after some tries of one thing, and what was said of pain. */
function standingAfter(
  attempts: readonly EntryOf<'attempt'>[],
  pains: readonly EntryOf<'pain'>[],
  numberOf: (entry: LogEntry) => number,
): ItemStanding {
  const days = new Map<number, { good: number; tries: number }>();
  for (const attempt of attempts) {
    const day = numberOf(attempt);
    const before = days.get(day) ?? { good: 0, tries: 0 };
    days.set(day, { good: before.good + (attempt.miss === null ? 1 : 0), tries: before.tries + 1 });
  }
  const inTurn = [...days].toSorted(([one], [next]) => one - next);
  const sittings = inTurn.map(([day, { good, tries }]): Sitting => ({ day, good, tries, grade: gradeOf(good, tries) }));
  const last = sittings.at(-1)?.day;
  const tempo = attempts.reduce<number | null>(
    (fastest, attempt) => (attempt.miss !== null || attempt.tempo === null ? fastest : Math.max(fastest ?? 0, attempt.tempo)),
    null,
  );
  return { sittings, tempo, hurt: pains.some((pain) => numberOf(pain) === last) };
}

/** The days within which a thing that is still being learnt comes back. */
const LEARNING_DAYS = 2;

/**
 * Finds the day on which something comes back after some days of practice (numbers, in order, with their grades); null for a thing never
 * practised. It is never the same day: a thing that went badly comes back the next. A thing still being learnt (`learnt` false), because it
 * has not been good at the last tempo of its ladder, comes back within two days; a learnt one at widening intervals.
 */
export function comesBack(sittings: readonly Pick<Sitting, 'day' | 'grade'>[], learnt: boolean): number | null {
  const last = sittings.at(-1);
  const kept = recallAfter(sittings.map(({ day, grade }): Met => ({ at: day * MS_A_DAY + NOON, grade })));
  if (!last || !kept) return null;
  const due = Math.max(last.day + 1, Math.floor(kept.due / MS_A_DAY));
  return learnt ? due : Math.min(due, last.day + LEARNING_DAYS);
}

const MS_A_DAY = 86_400_000;
const NOON = MS_A_DAY / 2;

/** The highest difficulty. */
export const HARDEST = 3;

/** Gives the difficulty of something, 0 to 3: by its misses on the last day; before it was ever tried, by its hot spots. */
export function hardnessOf({ sittings }: Pick<ItemStanding, 'sittings'>, unseen: number): number {
  const last = sittings.at(-1);
  return last ? Math.round(HARDEST * (1 - last.good / last.tries)) : unseen;
}

/** The number of notes that are easy without a hot spot among them; one in each of two such groups raises the difficulty by one. */
const NOTES_A_STEP = 8;

/**
 * Gives the difficulty of some notes before they were ever tried, 0 to 3: by how close their hot spots stand. `notes` are line indexes,
 * both inclusive.
 */
export function unseenHardness(
  spots: readonly Pick<HotSpot, 'note'>[],
  { from, to }: { readonly from: number; readonly to: number },
): number {
  const here = spots.filter(({ note }) => note >= from && note <= to).length;
  return Math.min(HARDEST, Math.round((here * NOTES_A_STEP) / Math.max(NOTES_A_STEP, to - from + 1)));
}
