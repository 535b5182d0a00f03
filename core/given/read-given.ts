import { type Brief, type GivenFinger, readBrief } from '#core/brief';
import { fingeringIn } from '#core/brief/locks';
import { comparePlans } from '#core/explain';
import type { HandSchool } from '#core/hand';
import type { Finger } from '#core/hand/placement';
import { describe, type Plan } from '#core/plan/describe';
import { goodReading, type Reading, type Steps } from '#core/result';
import { type Solved, solveBrief, soundingNotes } from '#core/solve';
import { type ReadByHand, readByBestHand, solveGiven } from './by-hand.ts';
import { type ChosenString, chosenStrings } from './chosen-strings.ts';
import type { Doubt } from './doubts.ts';
import { type PassageApart, passagesApart } from './passages-apart.ts';

/** A fingering that a score or a teacher gives, read, completed, and compared with the engine's own. */
export interface GivenFingering {
  /** The entries that were read, in the order of the notes. */
  readonly given: readonly GivenFinger[];
  /** The line with this fingering: what is given is kept, what is missing is completed. */
  readonly plan: Plan;
  /** The hand with which it was read: the player's own or, where that plays less of it, another that the instrument has. */
  readonly school: HandSchool;
  /** Whether that is the hand of the player. */
  readonly isOwnHand: boolean;
  /** The line indexes of the sounding notes for which nothing is given. */
  readonly completed: readonly number[];
  /** The strings that the fingering leaves open. */
  readonly strings: readonly ChosenString[];
  /** The other fingers that it leaves to the player. */
  readonly alternates: readonly OtherFinger[];
  /** The signs that are likely misprints. */
  readonly doubts: readonly Doubt[];
  /** The comparison with the engine's own fingering; null where the line has none within the limits of the brief. */
  readonly against: AgainstOurs | null;
}

/** A finger that a fingering leaves to the player beside its first. */
export interface OtherFinger {
  /** The line index of the note. */
  readonly note: number;
  /** The finger that may take the place of the first. */
  readonly finger: Finger;
  /** The cost of the line with it minus that with the first, thousandths; null where no hand plays it. */
  readonly deltaThousandths: number | null;
}

/** A given fingering compared with the engine's own. */
export interface AgainstOurs {
  /** The engine's own fingering. */
  readonly plan: Plan;
  /** The line indexes of the notes that differ in string or finger. */
  readonly differsAt: readonly number[];
  /** The differences, passage by passage. */
  readonly passages: readonly PassageApart[];
  /** The cost of the given fingering minus that of the engine's own, thousandths; null where they were priced for different hands. */
  readonly deltaThousandths: number | null;
}

/**
 * Reads the fingering that a brief carries, whatever the brief limits: a teacher's fingering is not wrong because a pupil does not know its
 * position yet. Null where the brief carries none. Refused where the line itself cannot be played.
 */
export function* readGiven(brief: Brief): Steps<Reading<GivenFingering> | null> {
  const bare = withoutAsking(brief);
  const task = readBrief(bare);
  if (!task.ok) return task;
  const given = fingeringIn(brief, soundingNotes(task.value).length);
  if (given.length === 0) return null;
  const best = yield* readByBestHand(bare, given);
  if (!best.ok) return best;
  const { task: taken, read, solved } = best.value;
  const plan = lockAs(brief, describe({ ...solved, task: { ...solved.task, playerHand: taken.playerHand } }));
  const strings = chosenStrings(solved, read);
  yield;
  const alternates = yield* otherFingers(best.value);
  return goodReading({
    given,
    plan,
    school: taken.hand.school,
    isOwnHand: taken.hand.school === task.value.hand.school,
    completed: solved.steps.flatMap(({ index }) => (given.some(({ note }) => note === index) ? [] : [index])),
    strings,
    alternates,
    doubts: read.flatMap(({ doubt }) => doubt ?? []),
    against: against(brief, solved, plan),
  });
}

/** Gives a plan in which those notes are locked that the brief locks: it was read as if all that is given were. */
function lockAs({ locks = [] }: Brief, plan: Plan): Plan {
  const locked = new Set(locks.map(({ note }) => note));
  return { ...plan, notes: plan.notes.map((note, index) => (note.kind === 'note' ? { ...note, locked: locked.has(index) } : note)) };
}

/** Gives a brief without all that may exclude a placement, and without its fingering. */
function withoutAsking({
  limits: _,
  locks: __,
  given: ___,
  stretches: ____,
  samePatternEveryOctave: _____,
  wayDown: ______,
  ...bare
}: Brief): Brief {
  return bare;
}

/** The number of other fingers that are tried. */
const MOST_TRIED = 20;

/** Tries each finger that is left to the player, all else as it is given. */
function* otherFingers({ task, read, solved }: ReadByHand): Steps<readonly OtherFinger[]> {
  const found: OtherFinger[] = [];
  for (const { given, lock } of read.filter(({ given: { alternate } }) => alternate !== undefined).slice(0, MOST_TRIED)) {
    const { note, alternate } = given;
    if (alternate === undefined || lock === null || lock.finger === alternate) continue;
    const changed = solveGiven(
      task,
      read.map((entry) => (entry.given.note === note ? { ...entry, lock: { ...lock, finger: alternate } } : entry)),
    );
    found.push({ note, finger: alternate, deltaThousandths: changed.ok ? Math.round(changed.value.way.cost - solved.way.cost) : null });
    yield;
  }
  return found;
}

function against(brief: Brief, solved: Solved, plan: Plan): AgainstOurs | null {
  const { locks: _, given: __, ...free } = brief;
  const ours = solveBrief(free);
  if (!ours.ok) return null;
  const own = describe(ours.value);
  const compared = comparePlans(plan, own);
  const sameHand = ours.value.task.hand.school === solved.task.hand.school;
  return {
    plan: own,
    differsAt: compared?.differsAt ?? [],
    passages: sameHand ? passagesApart(solved, ours.value) : [],
    deltaThousandths: sameHand ? plan.cost.totalThousandths - own.cost.totalThousandths : null,
  };
}
