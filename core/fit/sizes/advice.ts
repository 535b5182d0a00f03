import { waysOf } from '#core/brief';
import { answerOf, type QuestionName, questionNamed, questionsFor, type ToldAt } from '#core/brief/parts/school';
import { semitoneSpaceMm } from '#core/instrument/geometry';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { handOfPlan } from './what-if.ts';

/** A question on which teachers differ, told at a note to which it applies. */
export interface Advice {
  /** The question, by its name in a school. */
  readonly question: QuestionName;
  /** The sides to tell: the one the school takes, or each of them. */
  readonly sides: readonly string[];
}

/** Tells whether a semitone is narrower than two fingertips of the player where a note is stopped. */
export function isCrowded(plan: Plan, { stops }: PlannedSound): boolean {
  const { fingerDistanceMm } = handOfPlan(plan).hand;
  return stops.some(
    ({ finger, semitonesAboveOpen }) => finger !== '0' && semitoneSpaceMm(plan.stringLengthMm, semitonesAboveOpen) < fingerDistanceMm,
  );
}

/** Lists the questions that apply to a note of a plan: at a shift, a double stop, a high place, and nowhere else. */
export function adviceFor(plan: Plan, index: number): readonly Advice[] {
  const note = plan.notes[index];
  if (note?.kind !== 'note') return [];
  const here = occasionsOf(plan, index, note);
  const ways = waysOf(plan.brief);
  return questionsFor(plan.brief.instrument.kind).flatMap((question) => {
    const { toldAt, usual, sides } = questionNamed(question);
    if (toldAt === undefined || !here.has(toldAt)) return [];
    const side = answerOf(ways, question);
    return [{ question, sides: side === usual ? Object.keys(sides).filter((other) => other !== usual) : [side] }];
  });
}

/**
 * Lists the occasions for advice at a note: it is shifted to, it is a double stop, it lies where semitones are narrow, or its place is to
 * be judged.
 */
function occasionsOf(plan: Plan, index: number, note: PlannedSound): ReadonlySet<ToldAt> {
  const shifted = plan.shifts.some(({ to }) => to === index);
  const occasions: readonly (readonly [ToldAt, boolean])[] = [
    ['shift', shifted],
    ['double-stop', note.stops.length > 1],
    ['high-place', isCrowded(plan, note)],
    ['check', shifted],
  ];
  return new Set(occasions.flatMap(([occasion, applies]) => (applies ? [occasion] : [])));
}
