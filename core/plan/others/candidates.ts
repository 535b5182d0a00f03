import { comesBack } from '#core/hand/placement';
import { atHome } from '#core/search/costs';
import { costOfWay, type Way } from '#core/search/ways';
import { handBreaks, placementsAt, type Solved } from '#core/solve';
import { WEIGHTS } from '#core/weights';
import {
  choicesOf,
  crossingsBackIn,
  excursionsIn,
  factsOf,
  falls,
  halvesIn,
  countMixed,
  octaveBreaksIn,
  type LineChoices,
  type LineFacts,
  unusualShiftsIn,
  visitsIn,
} from './line-facts.ts';
import type { AlternativeName, Difference } from './name.ts';
import { differencesBetween } from './told-apart.ts';
import type { MostMore } from './ways.ts';
import { THRESHOLDS } from './thresholds.ts';

/** Another line, with what is needed to choose among many. */
export interface Candidate {
  /** The fingering of the whole line. */
  readonly way: Way;
  /** The name of what it does otherwise. */
  readonly name: AlternativeName;
  /** The cost, thousandths, raised where it is not what schools teach. */
  readonly rank: number;
  /** The number of turns it waits for others of other kinds. */
  readonly waits: number;
  /** Whether it is as good as the best: then it comes before all that are not, whatever it does. */
  readonly asGood: boolean;
}

/** The best line, and the choices that its notes have: others are compared with it. */
export interface BestLine {
  readonly solved: Solved;
  readonly best: LineFacts;
  readonly choices: LineChoices;
}

/** Reads the best line once for all that are compared with it. */
export function bestLineOf(solved: Solved): BestLine {
  const chromatic = solved.steps.some(({ role }) => role.chromatic);
  return { solved, best: factsOf(solved.placements), choices: choicesOf(solved.lattice, chromatic) };
}

/** Names what a line does differently from the best one; null where a teacher would call them the same. */
export function whatItDoes(solved: Solved, way: Way): AlternativeName | null {
  return differencesOf(bestLineOf(solved), way)[0] ?? null;
}

function differencesOf({ solved, best, choices }: BestLine, { choices: row }: Way): readonly Difference[] {
  return [...differencesBetween(solved.task, choices, best, factsOf(placementsAt(solved.lattice, row)))];
}

function unlikelyFromFirst({ shifts }: LineFacts): number {
  return shifts
    .filter(({ from }) => from.letterPosition === 1)
    .reduce((sum, { to }) => sum + (to.letterPosition === null ? 0 : (THRESHOLDS.fromFirstTo.value[to.letterPosition] ?? 0)), 0);
}

/**
 * Gives the largest extra cost of other lines; a tune with fewer shifts may cost as much more as material that is there to be practised.
 */
export function mostMore({ solved, best, choices }: BestLine, shifts = 0): MostMore {
  const { brief, instrument } = solved.task;
  const isToPlay = brief.material.kind === 'line' && shifts >= best.shifts.length;
  const shift = WEIGHTS.shift.defaults[instrument.kind];
  const usually = shift * (isToPlay ? THRESHOLDS.mostToPlay.value : THRESHOLDS.mostToPractise.value);
  return { usually, forPatterns: choices.chromatic ? shift * THRESHOLDS.mostOfSemitones.value : usually };
}

/** Tells whether a single hand plays every stay of a way; it is asked last, because it takes longest. */
export function isOneHand({ solved: { task, lattice } }: BestLine, { way }: Candidate): boolean {
  return handBreaks(task.hand, placementsAt(lattice, way.choices)).length === 0;
}

/** Turns a way, by its choices, into a candidate; null where it visits a position in passing, or does nothing else. */
export function candidateOf(bestLine: BestLine, way: Way['choices']): Candidate | null {
  const { solved, best, choices } = bestLine;
  const { task, lattice } = solved;
  const cost = costOfWay(lattice, way);
  // Most ways cost too much whatever they do, and finding out what they do takes longer.
  if (cost > solved.way.cost + mostMore(bestLine).forPatterns) return null;
  const facts = factsOf(placementsAt(lattice, way));
  if (cost > solved.way.cost + mostMore(bestLine, facts.shifts.length).forPatterns) return null;
  if (wanders(solved, best, facts) || shiftsForNothing(solved, best, { cost, facts })) return null;
  const [name] = differencesBetween(task, choices, best, facts);
  if (name === undefined || !isWorthIt(bestLine, name, { cost, facts })) return null;
  return {
    way: { choices: way, cost },
    name,
    rank: cost + untaught(best, facts),
    waits: beginsForNothing(solved, name, best, facts) ? 1 : 0,
    asGood: cost <= solved.way.cost + THRESHOLDS.asGoodWithin.value * WEIGHTS.shift.defaults[task.instrument.kind],
  };
}

/**
 * Tells whether a line shifts for nothing. A typed line that lies in first position is given shifts only along one string, one in another
 * position only where they cost no more than a shift; scales and arpeggios are there to practise shifts.
 */
function shiftsForNothing({ task: { brief }, way }: Solved, best: LineFacts, { cost, facts }: OtherLine): boolean {
  if (brief.material.kind !== 'line' || best.shifts.length > 0 || facts.shifts.length === 0) return false;
  if (best.stays.some(({ first }) => first !== null && !atHome(first))) return cost > way.cost + THRESHOLDS.mostForAShift.value;
  return new Set(facts.placements.map(({ stringIndex }) => stringIndex)).size > 1;
}

/** Another line: its cost, thousandths, and what it does. */
interface OtherLine {
  readonly cost: number;
  readonly facts: LineFacts;
}

/**
 * Tells whether a difference is worth its cost. One other finger is not worth a shift, but in runs of semitones, where fingers are a matter
 * of school. Half position is taken for itself only where a name says so.
 */
function isWorthIt({ solved, best, choices }: BestLine, { kind }: Difference, { cost, facts }: OtherLine): boolean {
  if (!choices.chromatic && ONE_FINGER.has(kind) && cost > solved.way.cost + THRESHOLDS.mostForLittle.value) return false;
  return halvesIn(solved.task, facts) <= halvesIn(solved.task, best) || TAKES_HALF_POSITION.has(kind);
}

/** The kinds that change a finger somewhere while the hand stays where it was. */
const ONE_FINGER: ReadonlySet<Difference['kind']> = new Set<Difference['kind']>(['fourth-finger', 'no-fourth-finger', 'fingers']);

/** The kinds that may take half position: semitones with a finger each begin there on violin and viola. */
const TAKES_HALF_POSITION: ReadonlySet<Difference['kind']> = new Set<Difference['kind']>(['finger-a-semitone', 'same-fingers']);

/**
 * Tells whether a line visits positions, leaves its string for a note, crosses against the melody, plays one pitch open and stopped, or
 * leaves the hand of its octaves while it shifts, where the best does not; or comes back otherwise where the best stays in one position
 * both ways.
 */
function wanders({ task, steps }: Solved, best: LineFacts, facts: LineFacts): boolean {
  return (
    (best.shifts.length === 0 && comesBack(best.placements) && !comesBack(facts.placements)) ||
    countMixed(facts, task.instrument) > countMixed(best, task.instrument) ||
    (facts.shifts.length > 0 && octaveBreaksIn(facts, steps) > octaveBreaksIn(best, steps)) ||
    visitsIn(task, facts) > visitsIn(task, best) ||
    excursionsIn(facts) > excursionsIn(best) ||
    crossingsBackIn(facts, task.instrument) > crossingsBackIn(best, task.instrument)
  );
}

/** Adds up the costs for what schools do not teach, thousandths. */
function untaught(best: LineFacts, facts: LineFacts): number {
  const more = (own: number, others: number): number => Math.max(0, own - others);
  return (
    THRESHOLDS.unusualShift.value * unusualShiftsIn(facts) +
    THRESHOLDS.anotherSlides.value * more(facts.sliding.length, best.sliding.length) +
    THRESHOLDS.opened.value * more(facts.extended, best.extended) +
    more(unlikelyFromFirst(facts), unlikelyFromFirst(best))
  );
}

/** The kinds that shift elsewhere; a second line of one name that does comes before one that changes less. */
const OTHER_STRINGS: ReadonlySet<Difference['kind']> = new Set<Difference['kind']>(['strings', 'no-shift', 'starts', 'moment']);

/** Names lines of one name by a second thing too, where they do one that the best line of that name does not. */
export function nameFurther(bestLine: BestLine, first: Candidate, others: readonly Candidate[]): readonly Candidate[] {
  const known = new Set(differencesOf(bestLine, first.way).map((difference) => JSON.stringify(difference)));
  return others.flatMap((candidate) => {
    const { way, name: one, rank, waits } = candidate;
    const other = differencesOf(bestLine, way).find((difference) => !known.has(JSON.stringify(difference)));
    if (
      !other ||
      one.kind === 'both' ||
      one.kind === other.kind ||
      (changesLittle(other) && rank > bestLine.solved.way.cost + THRESHOLDS.mostForLittle.value)
    )
      return [];
    return [
      { ...candidate, name: { kind: 'both', one, other }, waits: waits + waitsFurther(one) + (OTHER_STRINGS.has(other.kind) ? 0 : 1) },
    ];
  });
}

/**
 * Gives the turns that a second line of one name waits. A kind that comes early does so with its first line alone; runs of twos wait no
 * longer, because every way into them is a known one.
 */
function waitsFurther({ kind }: Difference): number {
  return kind === 'two-and-two' ? 0 : -Math.min(0, THRESHOLDS.waits.value[kind] ?? 0);
}

/**
 * Tells whether a line begins in another position for nothing: a good reason is to save a shift, to begin at home, or the top note of a
 * line that comes down.
 */
function beginsForNothing({ task }: Solved, { kind }: Difference, best: LineFacts, facts: LineFacts): boolean {
  if (kind !== 'starts' || falls(facts, task.instrument) || facts.shifts.length < best.shifts.length) return false;
  const [began, usual] = [facts, best].map(({ stays }) => stays.flatMap(({ first }) => first ?? [])[0]);
  return !(began && usual && atHome(began) && !atHome(usual));
}

/** The kinds that change a note here and there, while the others change what the hand does. */
const LITTLE: ReadonlySet<AlternativeName['kind']> = new Set<AlternativeName['kind']>([
  'open-strings',
  'stopped',
  'more-open',
  'fewer-open',
  'fourth-finger',
  'no-fourth-finger',
  'fingers',
]);

/** Tells whether a name is about a note here and there, not about the hand. */
export function changesLittle({ kind }: AlternativeName): boolean {
  return LITTLE.has(kind);
}

/** Compares lines before it is known how many there are of their kinds. */
export function byWorth(one: Candidate, other: Candidate): number {
  return asGoodFirst(one, other) || worth(one) - worth(other);
}

function worth({ rank, name, waits }: Candidate): number {
  return rank + THRESHOLDS.turn.value * (turnsOf(THRESHOLDS.waits.value[kindOf(name)] ?? 0) + waits);
}

function asGoodFirst(one: Candidate, other: Candidate): number {
  return Number(other.asGood) - Number(one.asGood);
}

/** Gives the kind whose turn it takes. */
function kindOf(name: AlternativeName): Difference['kind'] {
  return name.kind === 'both' ? name.one.kind : name.kind;
}

/** The lines that have one name, the best first: the next replaces the first where no single hand plays it. */
export type OfOneName = readonly [Candidate, ...Candidate[]];

/**
 * Chooses the lines worth most, each played by one hand: first those as good as the best, then the cheapest. Another of a kind that was
 * taken already comes after one of a new kind, and a near copy later still.
 */
export function inTurns(bestLine: BestLine, found: readonly OfOneName[], most: number): readonly Candidate[] {
  const turns = new Map<Difference['kind'], number>();
  const ranked = found
    .map((lines) => {
      const [{ name, rank, waits }] = lines;
      const kind = kindOf(name);
      const turn = turns.get(kind) ?? THRESHOLDS.waits.value[kind] ?? 0;
      turns.set(kind, turn + (NEAR_COPIES.has(kind) ? THRESHOLDS.nearCopyWaits.value : 1));
      return { lines, rank: rank + THRESHOLDS.turn.value * (turnsOf(turn) + waits) };
    })
    .toSorted((one, other) => asGoodFirst(one.lines[0], other.lines[0]) || one.rank - other.rank);
  const chosen: Candidate[] = [];
  for (const { lines } of ranked) {
    if (chosen.length >= most) break;
    const played = lines.find((candidate) => isOneHand(bestLine, candidate));
    if (played) chosen.push(played);
  }
  return chosen;
}

/** The kinds of which a second line is a near copy of the first, on another string. */
const NEAR_COPIES: ReadonlySet<Difference['kind']> = new Set<Difference['kind']>(['no-fourth-finger', 'fingers']);

/** Gives the turns that the next of a kind waits: the second waits one, the third less than one more. */
function turnsOf(turn: number): number {
  return turn > 0 ? Math.sqrt(turn) : turn;
}
