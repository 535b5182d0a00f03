import type { InstrumentKind } from '#core/instrument';
import type { Steps } from '#core/result';
import { chanceOfAtLeast } from './chance.ts';
import { type DecidingPlace, decidingPlaces } from './deciding-places.ts';
import { AS_USUAL, type Leaning, type Leanings, leaningsOn, subjectOf, withLeaning } from './leanings.ts';
import { type LineOfTeacher, type ReadLine, readLine } from './line.ts';

/** A leaning that a teacher's fingerings show. */
export interface Habit {
  /** The answer, or the weight. */
  readonly leaning: Leaning;
  /** The places at which it matters, those where the teacher does so and those where not. */
  readonly places: readonly DecidingPlace[];
  /** The number of places at which the teacher does so. */
  readonly does: number;
  /** The probability that as many would agree by chance, 0 to 1. */
  readonly chance: number;
}

/** The habits that the fingerings of a teacher have in common. */
export interface Habits {
  /** The number of lines that were read. */
  readonly lines: number;
  /** The habits, the surest first. */
  readonly habits: readonly Habit[];
  /** The leanings for which the lines have too few places, or too uneven ones, to say anything. */
  readonly unknown: readonly UnknownLeaning[];
  /** The notes that are fingered as the teacher does: as usual, and with habits found without the line itself. */
  readonly notes: { readonly given: number; readonly usual: number; readonly learnt: number };
}

/** A leaning of which too little is known. */
export interface UnknownLeaning {
  /** The answer, or the weight. */
  readonly leaning: Leaning;
  /** The number of places at which the teacher does so. */
  readonly does: number;
  /** The number of places at which it matters. */
  readonly of: number;
}

/** The share of places that may agree with an answer by chance, where a teacher does not have the habit. */
const BY_CHANCE = 0.3;

/** The probability of claiming any habit of a teacher who has none. */
const WRONG_CLAIMS = 0.05;

/** The share of places at which a habit must show. */
const LEAST_SHARE = 0.7;

/** The number of parts into which lines are dealt, each judged by habits that were found in the others. */
const PARTS = 5;

/** Finds what the fingerings of a teacher on an instrument have in common. Lines that cannot be planned are left out. */
export function* habitsOf(kind: InstrumentKind, given: readonly LineOfTeacher[]): Steps<Habits> {
  const lines: ReadLine[] = [];
  for (const line of given) {
    const read = readLine(line);
    if (read) lines.push(read);
    yield;
  }
  return yield* habitsAmong(kind, lines);
}

/** Finds what the fingerings of some lines have in common that were read already. */
export function* habitsAmong(kind: InstrumentKind, lines: readonly ReadLine[]): Steps<Habits> {
  const evidence: Evidence[] = [];
  for (const leaning of leaningsOn(kind)) {
    evidence.push({ leaning, places: lines.flatMap((line) => placesOf(line, withLeaning(AS_USUAL, leaning, kind))) });
    yield;
  }
  const habits = chooseHabits(evidence);
  const isHabit = ({ leaning }: Evidence): boolean => habits.some((habit) => subjectOf(habit.leaning) === subjectOf(leaning));
  return {
    lines: lines.length,
    habits,
    unknown: evidence
      .filter((one) => !isHabit(one) && one.places.length > 0)
      .map((one) => ({ leaning: one.leaning, does: measure(one).does, of: one.places.length })),
    notes: yield* notesRight(kind, lines, evidence),
  };
}

/** A leaning, and the places at which it matters. */
interface Evidence {
  readonly leaning: Leaning;
  readonly places: readonly DecidingPlace[];
}

function placesOf(line: ReadLine, leanings: Leanings): readonly DecidingPlace[] {
  const [usual, other] = [line.under(AS_USUAL), line.under(leanings)];
  return usual && other ? decidingPlaces(line, usual, other) : [];
}

function measure({ leaning, places }: Evidence): Habit {
  const does = places.filter(({ nearer }) => nearer === 'answer').length;
  return { leaning, places, does, chance: chanceOfAtLeast(does, countDecided(places), BY_CHANCE) };
}

/**
 * Chooses the habits, the surest first. The places that one explains speak for no other: they are taken out of those of the leanings that
 * are left. A leaning is a habit where more places agree than chance makes likely for any of all that were tried (Bonferroni), and most of
 * its places do. There is one to a subject.
 */
function chooseHabits(evidence: readonly Evidence[]): readonly Habit[] {
  const found: Habit[] = [];
  let left = evidence;
  for (;;) {
    const sure = left.map(measure).filter((habit) => isSure(habit, evidence.length));
    const best = sure.toSorted((one, other) => weight(other) - weight(one) || one.chance - other.chance)[0];
    if (!best) return found;
    found.push(best);
    const explained = best.places.filter(({ nearer }) => nearer === 'answer');
    left = left
      .filter(({ leaning }) => subjectOf(leaning) !== subjectOf(best.leaning))
      .map((other) => ({ ...other, places: other.places.filter((place) => !explained.some((taken) => overlap(place, taken))) }));
  }
}

/** Counts the places at which the teacher does one or the other: a third fingering, for another reason, says nothing. */
function countDecided(places: readonly DecidingPlace[]): number {
  return places.filter(({ nearer }) => nearer !== 'neither').length;
}

function isSure({ does, places, chance }: Habit, tried: number): boolean {
  return chance * tried < WRONG_CLAIMS && does >= LEAST_SHARE * countDecided(places);
}

/** Weighs the evidence for a habit: the places that agree, less those that do not. */
function weight({ does, places }: Habit): number {
  return 2 * does - countDecided(places);
}

function overlap(one: DecidingPlace, other: DecidingPlace): boolean {
  return one.line === other.line && one.from <= other.to && other.from <= one.to;
}

/** Counts the notes that are fingered as the teacher does: each line by the habits that were found without it. */
function* notesRight(kind: InstrumentKind, lines: readonly ReadLine[], evidence: readonly Evidence[]): Steps<Habits['notes']> {
  const sums = { given: 0, usual: 0, learnt: 0 };
  for (let part = 0; part < PARTS; part += 1) {
    const held = lines.filter((_, order) => order % PARTS === part);
    const names = new Set(held.map(({ id }) => id));
    const others = evidence.map((one) => ({ ...one, places: one.places.filter(({ line }) => !names.has(line)) }));
    const learnt = chooseHabits(others).reduce((all, { leaning }) => withLeaning(all, leaning, kind), AS_USUAL);
    for (const line of held) {
      sums.given += countGiven(line);
      sums.usual += countRight(line, AS_USUAL);
      sums.learnt += countRight(line, learnt);
      yield;
    }
  }
  return sums;
}

/** Counts the notes of a line that the teacher has fingered. */
function countGiven(line: ReadLine): number {
  return (line.under(AS_USUAL) ?? []).filter((placement, order) => line.asTaught(placement, order) !== null).length;
}

/** Counts the notes of a line that are fingered with some leanings as the teacher does. */
function countRight(line: ReadLine, leanings: Leanings): number {
  return (line.under(leanings) ?? []).filter((placement, order) => line.asTaught(placement, order) === true).length;
}
