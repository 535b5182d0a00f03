import { answersTo, type NamedAnswer, type Ways } from '#core/brief/parts/school';
import type { InstrumentKind } from '#core/instrument';
import type { Steps } from '#core/result';
import { chanceOfAtLeast } from './chance.ts';
import { type DecidingPlace, decidingPlaces } from './deciding-places.ts';
import { type LineOfTeacher, type ReadLine, readLine, withTried } from './line.ts';

/** An answer that a teacher's fingerings show. */
export interface Habit extends NamedAnswer {
  /** The places at which the answer matters, those where the teacher does so and those where not. */
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
  /** The answers to which the lines have too few places, or too uneven ones, to say anything. */
  readonly unknown: readonly UnknownAnswer[];
  /** The notes that are fingered as the teacher does: with the usual answers, and with habits found without the line itself. */
  readonly notes: { readonly given: number; readonly usual: number; readonly learnt: number };
}

/** An answer of which too little is known. */
export interface UnknownAnswer extends NamedAnswer {
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
  const tried = answersTo(kind);
  const evidence: Evidence[] = [];
  for (const answer of tried) {
    evidence.push({ ...answer, places: lines.flatMap((line) => placesOf(line, answer)) });
    yield;
  }
  const habits = chooseHabits(evidence);
  const isHabit = ({ question }: NamedAnswer): boolean => habits.some((habit) => habit.question === question);
  return {
    lines: lines.length,
    habits,
    unknown: evidence
      .filter((answer) => !isHabit(answer) && answer.places.length > 0)
      .map((answer) => ({ question: answer.question, side: answer.side, does: measure(answer).does, of: answer.places.length })),
    notes: yield* notesRight(lines, evidence),
  };
}

interface Evidence extends NamedAnswer {
  readonly places: readonly DecidingPlace[];
}

function placesOf(line: ReadLine, answer: NamedAnswer): readonly DecidingPlace[] {
  const [usual, other] = [line.under({}), line.under(withTried({}, answer))];
  return usual && other ? decidingPlaces(line, usual, other) : [];
}

function measure({ question, side, places }: Evidence): Habit {
  const does = places.filter(({ nearer }) => nearer === 'answer').length;
  return { question, side, places, does, chance: chanceOfAtLeast(does, places.length, BY_CHANCE) };
}

/**
 * Chooses the habits, the surest first. The places that one explains speak for no other: they are taken out of those of the answers that are
 * left. An answer is a habit where more places agree than chance makes likely for any of all answers tried (Bonferroni), and most of its
 * places do. There is one answer to a question.
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
      .filter(({ question }) => question !== best.question)
      .map((other) => ({ ...other, places: other.places.filter((place) => !explained.some((taken) => overlap(place, taken))) }));
  }
}

function isSure({ does, places, chance }: Habit, tried: number): boolean {
  return chance * tried < WRONG_CLAIMS && does >= LEAST_SHARE * places.length;
}

/** Weighs what speaks for a habit: the places that agree, less those that do not. */
function weight({ does, places }: Habit): number {
  return does - (places.length - does);
}

function overlap(one: DecidingPlace, other: DecidingPlace): boolean {
  return one.line === other.line && one.from <= other.to && other.from <= one.to;
}

/** Counts the notes that are fingered as the teacher does: each line by the habits that were found without it. */
function* notesRight(lines: readonly ReadLine[], evidence: readonly Evidence[]): Steps<Habits['notes']> {
  const sums = { given: 0, usual: 0, learnt: 0 };
  for (let part = 0; part < PARTS; part += 1) {
    const held = lines.filter((_, order) => order % PARTS === part);
    const names = new Set(held.map(({ id }) => id));
    const others = evidence.map((answer) => ({ ...answer, places: answer.places.filter(({ line }) => !names.has(line)) }));
    const ways = chooseHabits(others).reduce<Ways>(withTried, {});
    for (const line of held) {
      sums.given += countFits(line, null);
      sums.usual += countFits(line, {});
      sums.learnt += countFits(line, ways);
      yield;
    }
  }
  return sums;
}

/** Counts the notes of a line that some answers finger as the teacher does; with null those that the teacher has fingered at all. */
function countFits(line: ReadLine, ways: Ways | null): number {
  const placements = line.under(ways ?? {}) ?? [];
  return placements.filter((placement, order) => {
    const fits = line.asTaught(placement, order);
    return ways === null ? fits !== null : fits === true;
  }).length;
}
