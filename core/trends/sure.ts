import { type LogEntry, noteMissed } from '#core/practice/log';
import { triesIn } from '#core/practice/tries';
import type { PlansOfPieces } from './arrival.ts';
import { notesTried } from './places.ts';

/** A note that was missed before and has become sure. */
export interface BecameSure {
  /** The piece, by its id. */
  readonly piece: string;
  /** The name of the piece then. */
  readonly title: string;
  /** The line index. */
  readonly note: number;
  /** The number of tries that missed at it, and of the tries up to the last of them. */
  readonly missed: number;
  /** The number of tries up to the last miss. */
  readonly of: number;
  /** The number of good tries since. */
  readonly goodSince: number;
}

/** The fewest misses after which a note can be said to have become sure. */
const LEAST_MISSES = 3;

/** The chance that may remain that nothing has changed, all notes counted together. */
const CHANCE_LEFT = 0.01;

/** The tries of a note: good or missed, in order. */
interface Tries {
  readonly piece: string;
  readonly title: string;
  readonly note: number;
  readonly good: boolean[];
}

/**
 * Finds the notes that were missed at least three times and have been good ever since, for longer than chance would allow. If the misses
 * of a note had fallen among all its tries by chance, all of them would lie before the last `k` good ones once in `C(n, m) / C(n − k, m)`
 * times (the exact test of Fisher, `m` misses in `n` tries): that must be a hundred times at least, shared among all notes that were missed
 * three times (Bonferroni). A try that missed at another note says nothing. The surest note comes first.
 */
export function becameSure(entries: readonly LogEntry[], plans: PlansOfPieces): readonly BecameSure[] {
  const missed = triesByNote(entries, plans).filter(({ good }) => good.filter((isGood) => !isGood).length >= LEAST_MISSES);
  return missed
    .map(({ piece, title, note, good }): BecameSure => ({ piece, title, note, ...sinceLastMiss(good) }))
    .map((note) => ({ note, chance: chanceOf(note) }))
    .filter(({ chance }) => chance <= CHANCE_LEFT / missed.length)
    .toSorted((one, other) => one.chance - other.chance)
    .map(({ note }) => note);
}

/** Gives the chance that all misses lie before the good tries since, where they fell among all tries by chance. */
function chanceOf({ missed, of, goodSince }: BecameSure): number {
  const places = Array.from({ length: missed }, (_, order) => (of - order) / (of + goodSince - order));
  return places.reduce((product, share) => product * share, 1);
}

function sinceLastMiss(good: readonly boolean[]): Pick<BecameSure, 'missed' | 'of' | 'goodSince'> {
  const of = good.lastIndexOf(false) + 1;
  return { missed: good.filter((isGood) => !isGood).length, of, goodSince: good.length - of };
}

function triesByNote(entries: readonly LogEntry[], plans: PlansOfPieces): readonly Tries[] {
  const byNote = new Map<string, Tries>();
  for (const attempt of triesIn(entries)) {
    const { piece, title } = attempt.practised;
    const plan = plans.get(piece);
    if (!plan) continue;
    const at = noteMissed(attempt);
    if (attempt.miss !== null && at === null) continue;
    const { from, to } = at === null ? notesTried(attempt, plan) : { from: at, to: at };
    for (let note = from; note <= to; note += 1) {
      const key = `${piece} ${note}`;
      const tries = byNote.get(key) ?? { piece, title, note, good: [] };
      tries.good.push(attempt.miss === null);
      byNote.set(key, tries);
    }
  }
  return [...byNote.values()];
}
