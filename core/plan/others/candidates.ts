import { atHome } from '#core/search/costs';
import type { Way } from '#core/search/ways';
import { handBreaks, placementsAt, type Solved } from '#core/solve';
import {
  choicesOf,
  crossingsBackIn,
  excursionsIn,
  factsOf,
  halvesIn,
  type LineChoices,
  type LineFacts,
  unusualShiftsIn,
  visitsIn,
} from './line-facts.ts';
import type { AlternativeName } from './name.ts';
import { toldApart } from './told-apart.ts';

/** Another line, as far as it is needed to choose among many. */
export interface Candidate {
  /** The line. */
  readonly way: Way;
  /** What it does. */
  readonly name: AlternativeName;
  /** What it costs, thousandths, and more where it is not what schools teach. */
  readonly rank: number;
  /** Turns it waits for others of other kinds. */
  readonly waits: number;
}

/** The best line, and what can be had of it: what others are told apart from. */
export interface HeldAgainst {
  readonly solved: Solved;
  readonly best: LineFacts;
  readonly choices: LineChoices;
}

/** Reads the best line once for all that are held against it. */
export function heldAgainst(solved: Solved): HeldAgainst {
  const chromatic = solved.steps.some(({ role }) => role.chromatic);
  return { solved, best: factsOf(solved.placements), choices: choicesOf(solved.lattice, chromatic) };
}

/** What a line does otherwise than the best one; null where a teacher would call them the same. */
export function whatItDoes(solved: Solved, way: Way): AlternativeName | null {
  const { best, choices } = heldAgainst(solved);
  return toldApart(solved.task, choices, best, factsOf(placementsAt(solved.lattice, way.choices)));
}

/** A shift that arrives otherwise than schools teach puts a line behind others as if it were so much dearer, thousandths. */
const UNUSUAL_SHIFT = 1500;

/** So does another finger that slides, and an opened hand for a note. */
const ANOTHER_SLIDES = 1500;
const OPENED = 100;

/** Whether a single hand plays every stay of a way: asked last, as it takes longest. */
export function isOneHand({ solved: { task, lattice } }: HeldAgainst, { way }: Candidate): boolean {
  return handBreaks(task.hand, placementsAt(lattice, way.choices)).length === 0;
}

/** A way as a candidate; null where it visits a position in passing, or does nothing else. */
export function candidateOf({ solved, best, choices }: HeldAgainst, way: Way | null): Candidate | null {
  if (way === null || way.cost === Infinity) return null;
  const { task, lattice } = solved;
  const placements = placementsAt(lattice, way.choices);
  const facts = factsOf(placements);
  if (wanders(solved, best, facts)) return null;
  const name = toldApart(task, choices, best, facts);
  if (name === null || (halvesIn(facts) > halvesIn(best) && !TAKES_HALF_POSITION.has(name.kind))) return null;
  return { way, name, rank: way.cost + untaught(best, facts), waits: beginsForNothing(name, best, facts) ? 1 : 0 };
}

/** Semitones with a finger each begin in half position on violin and viola. */
const TAKES_HALF_POSITION: ReadonlySet<AlternativeName['kind']> = new Set<AlternativeName['kind']>(['finger-a-semitone', 'same-fingers']);

/** Whether a line visits positions, leaves its string for a note, or crosses against the melody, where the best does not. */
function wanders({ task }: Solved, best: LineFacts, facts: LineFacts): boolean {
  return (
    visitsIn(facts) > visitsIn(best) ||
    excursionsIn(facts) > excursionsIn(best) ||
    crossingsBackIn(facts, task.instrument) > crossingsBackIn(best, task.instrument)
  );
}

/** What puts a line behind others because it is not what schools teach, thousandths. */
function untaught(best: LineFacts, facts: LineFacts): number {
  const more = (own: number, others: number): number => Math.max(0, own - others);
  return (
    UNUSUAL_SHIFT * unusualShiftsIn(facts) +
    ANOTHER_SLIDES * more(facts.sliding.length, best.sliding.length) +
    OPENED * more(facts.extended, best.extended)
  );
}

/** Who begins in another position does it to save a shift, or to begin at home. */
function beginsForNothing({ kind }: AlternativeName, best: LineFacts, facts: LineFacts): boolean {
  if (kind !== 'starts' || facts.shifts.length < best.shifts.length) return false;
  const [began, usual] = [facts, best].map(({ stays }) => stays.flatMap(({ first }) => first ?? [])[0]);
  return !(began && usual && atHome(began) && !atHome(usual));
}

/** Kinds that change little wait so many turns; what every teacher knows comes so many sooner. */
const WAITS: Partial<Readonly<Record<AlternativeName['kind'], number>>> = {
  'finger-a-semitone': -10,
  'same-fingers': -10,
  'no-shift': -4,
  'two-and-two': -3,
  moment: 2,
  'more-open': 6,
  'fewer-open': 6,
  'no-fourth-finger': 2,
  fingers: 2,
};

/** Every turn counts as if a line were so much dearer, thousandths. */
const TURN = 800;

/** The order of lines before it is known how many of their kinds there are. */
export function byWorth(one: Candidate, other: Candidate): number {
  return worth(one) - worth(other);
}

function worth({ rank, name, waits }: Candidate): number {
  return rank + TURN * ((WAITS[name.kind] ?? 0) + waits);
}

/** The lines worth most, the cheapest first; another of a kind that was taken already comes behind one of a new kind. */
export function inTurns(found: readonly Candidate[], most: number): readonly Candidate[] {
  const turns = new Map<AlternativeName['kind'], number>();
  return found
    .map((candidate) => {
      const { kind } = candidate.name;
      const turn = turns.get(kind) ?? WAITS[kind] ?? 0;
      turns.set(kind, turn + 1);
      return { candidate, rank: candidate.rank + TURN * (turnsOf(turn) + candidate.waits) };
    })
    .toSorted((one, other) => one.rank - other.rank)
    .slice(0, most)
    .map(({ candidate }) => candidate);
}

/** The second of a kind waits a turn, the third less than a turn more. */
function turnsOf(turn: number): number {
  return turn > 0 ? Math.sqrt(turn) : turn;
}
