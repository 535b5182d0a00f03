import {
  AS_USUAL,
  type AsTaught,
  type Leaning,
  type Leanings,
  leaningsOn,
  readLine,
  type ReadLine,
  subjectOf,
  withLeaning,
} from '#core/habits';
import { type Placement, sameFingering } from '#core/hand/placement';
import type { InstrumentKind } from '#core/instrument';
import { attempt } from '#core/solve';
import { pickerOf } from '../../../scripts/results/picker.ts';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

/** The share of notes that a made-up teacher fingers in some other way that can be played. */
const OTHERWISE = 0.05;

/** The numbers of notes between which a line is taken. */
const [LEAST_NOTES, MOST_NOTES] = [8, 40];

/** The number of seeded briefs that are looked through. */
const MOST_BRIEFS = 1500;

/** A line that teachers may finger, with the candidates of its notes. */
export interface LineForTeachers {
  readonly line: ReadLine;
  readonly candidates: readonly (readonly Placement[])[];
}

/** A made-up teacher: the leanings, and lines that were fingered so, with some notes played in another way. */
export interface MadeUpTeacher {
  /** The leanings of this teacher, at most one of a subject. */
  readonly taught: readonly Leaning[];
  readonly lines: readonly ReadLine[];
}

/** Lists seeded lines for an instrument that is tuned as usual, without anything that is asked of them. */
export function linesForTeachers(kind: InstrumentKind, most: number): readonly LineForTeachers[] {
  const found: LineForTeachers[] = [];
  for (let index = 0; index < MOST_BRIEFS && found.length < most; index += 1) {
    const { instrument, material, rhythm } = seededBrief(index);
    if (instrument.kind !== kind || instrument.tuning) continue;
    const brief = { instrument: { kind }, material, ...(rhythm ? { rhythm } : {}) };
    const tried = attempt(brief);
    if (tried.kind !== 'solved') continue;
    const { steps } = tried.solved;
    if (steps.length < LEAST_NOTES || steps.length > MOST_NOTES) continue;
    const line = readLine({ id: String(index), brief: { ...brief, given: [{ note: steps[0]?.index ?? 0, finger: '1' }] } });
    if (line) found.push({ line, candidates: steps.map(({ candidates }) => candidates) });
  }
  return found;
}

/** Joins what a teacher does differently. */
export function leaningsOf(taught: readonly Leaning[], kind: InstrumentKind): Leanings {
  return taught.reduce((all, leaning) => withLeaning(all, leaning, kind), AS_USUAL);
}

/** Makes up a teacher who fingers some of the lines: with a number of leanings, 5 % of the notes in some other way. */
export function madeUpTeacher(
  kind: InstrumentKind,
  pool: readonly LineForTeachers[],
  asked: { seed: number; lines: number; answers: number },
): MadeUpTeacher {
  const pick = pickerOf(1 + asked.seed * 104_729);
  const [first, ...others] = leaningsOn(kind);
  const chosen = Array.from({ length: asked.answers }, () => (first ? pick.one<Leaning>([first, ...others]) : null));
  const taught = [...new Map(chosen.flatMap((leaning) => (leaning ? [[subjectOf(leaning), leaning] as const] : []))).values()];
  const leanings = leaningsOf(taught, kind);
  const shuffled = pool.map((entry) => ({ entry, at: pick.whole(0, 1_000_000) })).toSorted((one, other) => one.at - other.at);
  const lines = shuffled.slice(0, asked.lines).flatMap(({ entry: { line, candidates } }): readonly ReadLine[] => {
    const played = line.under(leanings);
    if (!played) return [];
    const given = played.map((placement, order) => {
      const [one, ...more] = candidates[order] ?? [];
      return one && pick.chance(OTHERWISE) ? pick.one([one, ...more]) : placement;
    });
    const asTaught: AsTaught = (placement, order) => sameFingering(placement, given[order]);
    return [{ ...line, asTaught }];
  });
  return { taught, lines };
}
