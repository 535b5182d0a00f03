import type { FadingCourse } from '#core/practice/fading';
import { type Practised, practisedKey } from '#core/practice/item';
import { type Miss, MISSES, type Voice, VOICES } from '#core/practice/ladder';
import { type EntryKind, type EntryOf, type LogEntry } from './entry.ts';
import { inOrder } from './order.ts';

/** Gives the entries as they stand, in order: those that were taken back are gone, and so are the corrections. */
export function asCorrected(entries: readonly LogEntry[]): readonly LogEntry[] {
  const takenBack = new Set(ofKind(entries, 'correction').map(({ of }) => of));
  return inOrder(entries.filter(({ id, kind }) => kind !== 'correction' && !takenBack.has(id)));
}

/** Keeps the entries of a kind. */
export function ofKind<Kind extends EntryKind>(entries: readonly LogEntry[], kind: Kind): readonly EntryOf<Kind>[] {
  return entries.filter((entry): entry is EntryOf<Kind> => entry.kind === kind);
}

/** The work on one item: tries, good ones, how the others missed, and the fastest good one. */
export interface Done {
  /** The name of the item. */
  readonly title: string;
  /** The piece, by its id. */
  readonly piece: string;
  /** The number of tries. */
  readonly tries: number;
  /** The number of good tries. */
  readonly good: number;
  /** The number of tries that missed in each way. */
  readonly misses: Readonly<Record<Miss, number>>;
  /** The number of tries that missed in each voice of a double stop, of those where that was said. */
  readonly voices: Readonly<Record<Voice, number>>;
  /** The quarter notes a minute of the fastest good try; null where none was good, or none had a tempo. */
  readonly tempo: number | null;
}

/** Adds up the work, item by item, the first begun first. Items are told apart by piece and name. */
export function workIn(entries: readonly LogEntry[]): readonly Done[] {
  const byItem = new Map<string, EntryOf<'attempt'>[]>();
  for (const attempt of ofKind(entries, 'attempt')) {
    const { piece, title } = attempt.practised;
    const key = `${piece} ${title}`;
    byItem.set(key, [...(byItem.get(key) ?? []), attempt]);
  }
  return [...byItem.values()].flatMap((attempts) => {
    const [first] = attempts;
    return first ? [workWith(first, attempts)] : [];
  });
}

function workWith({ practised: { piece, title } }: EntryOf<'attempt'>, attempts: readonly EntryOf<'attempt'>[]): Done {
  const good = attempts.filter(({ miss }) => miss === null);
  const tempos = good.flatMap(({ tempo }) => tempo ?? []);
  return {
    title,
    piece,
    tries: attempts.length,
    good: good.length,
    misses: missCounts(attempts),
    voices: voiceCounts(attempts),
    tempo: tempos.length > 0 ? tempos.reduce((fastest, tempo) => Math.max(fastest, tempo)) : null,
  };
}

/** Counts how some tries missed. */
export function missCounts(attempts: readonly EntryOf<'attempt'>[]): Done['misses'] {
  const counts = { flat: 0, sharp: 0, late: 0, 'wrong-finger': 0, noise: 0, unsaid: 0 } satisfies Record<Miss, number>;
  for (const { miss } of attempts) if (miss !== null) counts[miss] += 1;
  return counts;
}

/** Counts in which voices some tries missed. */
function voiceCounts(attempts: readonly EntryOf<'attempt'>[]): Done['voices'] {
  const counts = { lower: 0, upper: 0 } satisfies Record<Voice, number>;
  for (const { voice } of attempts) if (voice) counts[voice] += 1;
  return counts;
}

/** Lists how tries missed, the most frequent first; kinds that did not occur are left out. */
export function missesOf(misses: Done['misses']): readonly { readonly miss: Miss; readonly times: number }[] {
  return MISSES.map((miss) => ({ miss, times: misses[miss] }))
    .filter(({ times }) => times > 0)
    .toSorted((one, other) => other.times - one.times);
}

/** The settings that the teacher has made last: the next aim, the tolerance, the points of posture, and how help fades. */
export interface SetByTeacher {
  /** The next aim; null where none is set. */
  readonly aim: string | null;
  /** The tolerance in cents; since when, ms since 1970, and the tries since. */
  readonly tolerance: { readonly cents: number; readonly since: number; readonly tried: readonly EntryOf<'attempt'>[] } | null;
  readonly points: EntryOf<'points'>['points'];
  /** The course of fading help; null where none is set. */
  readonly fading: FadingCourse | null;
}

/** Lists the sets of one piece, or of a part of it, in order: clean or not. */
export function setsOf(entries: readonly LogEntry[], asked: Pick<Practised, 'piece' | 'part'>): readonly boolean[] {
  const key = practisedKey(asked);
  return ofKind(asCorrected(entries), 'set').flatMap(({ practised, clean }) => (practisedKey(practised) === key ? [clean] : []));
}

/** Gives the settings in force, by the last entries that made them. */
export function setIn(entries: readonly LogEntry[]): SetByTeacher {
  const standing = asCorrected(entries);
  const tolerance = ofKind(standing, 'tolerance').at(-1);
  const since = tolerance ? standing.slice(standing.indexOf(tolerance)) : [];
  return {
    aim: ofKind(standing, 'aim').at(-1)?.text ?? null,
    tolerance: tolerance ? { cents: tolerance.cents, since: tolerance.at, tried: ofKind(since, 'attempt') } : null,
    points: ofKind(standing, 'points').at(-1)?.points ?? [],
    fading: ofKind(standing, 'fading').at(-1)?.course ?? null,
  };
}

/**
 * Finds the day of the last lesson before a day ("2026-03-09"): the last on which a teacher set something; null where none is logged.
 * `dayOf` gives the day under which an entry is logged.
 */
export function lastLesson(entries: readonly LogEntry[], before: string, dayOf: (entry: LogEntry) => string): string | null {
  const days = asCorrected(entries).flatMap((entry) => (SET_KINDS.includes(entry.kind) ? [dayOf(entry)] : []));
  return days.filter((day) => day < before).reduce<string | null>((last, day) => (last === null || day > last ? day : last), null);
}

/** The kinds of entries by which teachers set something. */
const SET_KINDS: readonly EntryKind[] = ['aim', 'tolerance', 'points', 'fading'];

/** Keeps the entries by which a teacher set something, and those that took it back: a pupil's own browser needs them. */
export function entriesOfTeacher(entries: readonly LogEntry[]): readonly LogEntry[] {
  const set = entries.filter(({ kind }) => SET_KINDS.includes(kind));
  const ids = new Set(set.map(({ id }) => id));
  return entries.filter((entry) => ids.has(entry.id) || (entry.kind === 'correction' && ids.has(entry.of)));
}

/** A note at which tries missed, and how most of them did. */
export interface MissedNote {
  /** The piece, by its id, and its name then. */
  readonly piece: string;
  readonly title: string;
  /** The line index of the note. */
  readonly note: number;
  /** The number of tries that missed at it. */
  readonly times: number;
  readonly miss: Miss;
  /** The voice of a double stop in which more than half of them missed; null where that was said of fewer. */
  readonly voice: Voice | null;
}

/** The number of misses below which they may be chance. */
const NO_CHANCE = 3;

/** Lists the notes at which tries missed most, the most often first; those missed once or twice are left out. */
export function missedNotes(entries: readonly LogEntry[]): readonly MissedNote[] {
  const byNote = new Map<string, EntryOf<'attempt'>[]>();
  for (const attempt of ofKind(asCorrected(entries), 'attempt')) {
    const note = noteMissed(attempt);
    if (note === null) continue;
    const key = `${attempt.practised.piece} ${note}`;
    byNote.set(key, [...(byNote.get(key) ?? []), attempt]);
  }
  return [...byNote.values()]
    .filter(({ length }) => length >= NO_CHANCE)
    .flatMap((attempts) => {
      const [first] = attempts;
      const [most] = missesOf(missCounts(attempts));
      const note = first ? noteMissed(first) : null;
      if (!first || !most || note === null) return [];
      const { piece, title } = first.practised;
      return [{ piece, title, note, times: attempts.length, miss: most.miss, voice: mostlyIn(attempts) }];
    })
    .toSorted((one, other) => other.times - one.times);
}

function mostlyIn(attempts: readonly EntryOf<'attempt'>[]): Voice | null {
  const counts = voiceCounts(attempts);
  return VOICES.find((voice) => 2 * counts[voice] > attempts.length) ?? null;
}

/**
 * Gives the note at which a try missed: the one that was pointed at, or the one that a stage's shift arrives on (a stage counts notes of its
 * own); null where it was good, or where the note is not known.
 */
export function noteMissed({ miss, note, practised: { part } }: EntryOf<'attempt'>): number | null {
  if (miss === null) return null;
  return part.part === 'stage' ? part.note : (note ?? null);
}
