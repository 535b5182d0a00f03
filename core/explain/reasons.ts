import { taskAt } from '#core/brief';
import { isShift, type Placement, rankOf } from '#core/hand/placement';
import { semitonesOf } from '#core/pitch';
import { standsOutside } from '#core/plan/describe';
import { whatItDoes } from '#core/plan';
import type { Steps } from '#core/result';
import { candidatesFor } from '#core/search/candidates';
import { fingeringLabel, type Way } from '#core/search/ways';
import { asksOfWholeLine, placementsAt, placementsOfNote, type Solved } from '#core/solve';
import { CLEAR_FROM, EQUAL_BELOW } from '#core/weights';
import { compareWay } from './compared.ts';
import {
  type At,
  belowOpenGround,
  beyondGround,
  isShiftAt,
  liesInGround,
  lineIndex,
  momentGround,
  openName,
  spansGround,
  underHandGround,
  writtenPitchAt,
} from './grounds.ts';
import type { Evidence, Ground, Instead, Reason, ReasonAbout, Without } from './reason.ts';
import type { Through } from './through.ts';

/** The longest line that is explained as a whole; the notes of a longer one are explained one by one when asked. */
const MOST_NOTES_EXPLAINED = 1000;

/** The number of notes that are explained in one step of work. */
const NOTES_A_STEP = 40;

/**
 * Finds why every shift, crossing, extension, open string and unusual finger of the best plan is there. Each answer solves the line again
 * without the thing asked about and quotes nothing but the result. With `note` (a line index) only that note is explained, and its finger
 * in any case.
 */
export function* reasonsOf(through: Through, note: number | null = null): Steps<readonly Reason[]> {
  const orders = through.solved.steps.flatMap((step, order) => (note === null || step.index === note ? [order] : []));
  if (note === null && orders.length > MOST_NOTES_EXPLAINED) return [];
  const reasons: Found[] = [];
  for (const [count, order] of orders.entries()) {
    if (count % NOTES_A_STEP === NOTES_A_STEP - 1) yield;
    reasons.push(...reasonsAt(through, order, note !== null));
  }
  return withoutRepeats(reasons);
}

/** A reason, and the line that is its evidence as one text; null where no line is. */
interface Found {
  readonly at: At;
  readonly reason: Reason;
  readonly line: string | null;
}

/**
 * Removes repetitions. One line is evidence once: a later reason that rests on it gives its ground alone, and a shift without another
 * ground says where the line then lies. A note that comes again, played the same way, has been explained.
 */
function withoutRepeats(found: readonly Found[]): readonly Reason[] {
  const lines = new Set<string>();
  const notes = new Set<string>();
  return found.flatMap(({ at, reason, line }): readonly Reason[] => {
    const isKnown = line !== null && lines.has(line);
    const told = isKnown ? groundAlone(at, reason) : reason;
    if (!told || notes.has(nameOf(told))) return [];
    if (line !== null) lines.add(line);
    notes.add(nameOf(told));
    return [told];
  });
}

/** Gives a reason without its evidence; null where it has no ground. */
function groundAlone(at: At, reason: Reason): Reason | null {
  const ground = reason.ground ?? (reason.about === 'shift' ? liesInGround(at, 1) : null);
  return ground && { ...reason, ground, evidence: null };
}

/** Names a reason so that two which say the same have one name: an open hand is one thing, whichever of its notes is asked about. */
function nameOf({ about, written, ground, evidence }: Reason): string {
  const note = ground?.kind === 'spans' && !evidence ? '' : written;
  return JSON.stringify([about, note, ground, inShort(evidence)]);
}

/** Shortens the evidence to what is said, without its figures. */
function inShort(evidence: Reason['evidence']): unknown {
  if (!evidence || !('compared' in evidence)) return evidence;
  const { deltaThousandths } = evidence.compared;
  return [
    evidence.kind,
    evidence.instead,
    [-CLEAR_FROM, -EQUAL_BELOW, EQUAL_BELOW, CLEAR_FROM].filter((step) => deltaThousandths >= step).length,
  ];
}

function reasonsAt(through: Through, order: number, asked: boolean): readonly Found[] {
  const { placements } = through.solved;
  const here = placements[order];
  if (!here) return [];
  const before = through.solved.placements[order - 1];
  const at = { through, order };
  return [
    ...(before && isShift(before, here) ? shiftReasons(at, before, asked) : []),
    ...(standsOutside(here) ? [extensionReason(at, here)] : []),
    ...(here.finger === '0' ? [openReason(at, before)] : []),
    ...(before && here.finger !== '0' && before.stringIndex !== here.stringIndex ? [crossingReason(at, before)] : []),
    ...(asksOfFinger(at, here, asked) ? [fingerReason(at, here)] : []),
  ];
}

/** Tells whether the finger itself is asked about; an open string has a reason of its own. */
function asksOfFinger({ through, order }: At, here: Placement, everyFinger: boolean): boolean {
  return here.finger !== '0' && (everyFinger || isUnusual(through.solved, order));
}

/** The number of notes after a shift in one position that make a part of the line. */
const A_PART = 4;

/** The number of notes to either side of a shift that are asked about together with it. */
const WINDOW = 2;

/** Finds why the hand shifts at all and, where one note is asked about, why just here. */
function shiftReasons(at: At, before: Placement, asked: boolean): readonly Found[] {
  const { through, order } = at;
  const { solved } = through;
  const last = solved.placements.length - 1;
  const window = windowWithoutOthers(solved, order);
  const around = through.withoutShift(Math.max(0, window[0]), Math.min(last, window[1]));
  const atOnce = asked ? through.withoutShift(order - 1, order) : null;
  const shifts = solved.placements.filter((placement, index) => isShiftAt(solved, placement, index)).length;
  // A line that is as good without this shift has it elsewhere, so the question becomes the cost of one shift fewer.
  const fewer = around && around.cost <= solved.way.cost ? through.withShifts(shifts - 1) : null;
  const why = fewer ?? around;
  const ground = beyondGround(at, before) ?? liesInGround(at, A_PART);
  return [
    reasonFound(
      at,
      'shift',
      why ? otherwise(at, why) : evidenceOfNeed(at, staysHigher(at, window) ? { lacks: 'high-place' } : { lacks: 'shift-near' }),
      ground,
    ),
    ...(atOnce ? [reasonFound(at, 'shift-here', otherwise(at, atOnce), momentGround(at, before))] : []),
  ];
}

/** Finds the window around a shift, as wide as it can be without another shift of the line in it. */
function windowWithoutOthers(solved: Solved, order: number): readonly [number, number] {
  const shiftAt = (index: number): boolean => {
    const placement = solved.placements[index];
    return placement !== undefined && isShiftAt(solved, placement, index);
  };
  let from = order - 1;
  while (from > order - 1 - WINDOW && from > 0 && !shiftAt(from)) from -= 1;
  let to = order;
  while (to < order + WINDOW && to < solved.placements.length - 1 && !shiftAt(to + 1)) to += 1;
  return [from, to];
}

function crossingReason(at: At, before: Placement): Found {
  const string = openName(at, before);
  const other = without(at, (placement) => placement.stringIndex === before.stringIndex, {
    does: () => ({ does: 'on-string', string }),
    lacks: { lacks: 'other-string', string },
  });
  return reasonFound(at, 'crossing', other, belowOpenGround(at, before) ?? underHandGround(at, before));
}

function extensionReason(at: At, here: Placement): Found {
  const about = here.shape === 'pivoted' ? 'pivot' : 'extension';
  const other = without(at, (placement) => !standsOutside(placement), { does: () => ({ does: 'rests' }), lacks: { lacks: 'extension' } });
  return reasonFound(at, about, other, spansGround(at, here));
}

/**
 * Finds why an open string is played and not the finger that has its note: no finger of the position has it on the string before, which is
 * also why the bow crosses, or that finger would cost more. The lowest string has no other place.
 */
function openReason(at: At, before: Placement | undefined): Found {
  const { task, placements } = at.through.solved;
  const here = placements[at.order];
  const ground = before && before.stringIndex !== here?.stringIndex ? underHandGround(at, before) : null;
  if (ground) return reasonFound(at, 'open-string', null, ground);
  const other = without(at, (placement) => placement.finger !== '0', {
    does: ({ finger }) => ({ does: 'stops-it', finger }),
    lacks: { lacks: 'open-string' },
  });
  const isLowest = here?.stringIndex === task.instrument.strings.length - 1;
  return reasonFound(at, 'open-string', other, isLowest && other.evidence.kind === 'needed' ? { kind: 'lowest-string' } : null);
}

/**
 * Finds why this finger plays: a fourth that has the note of the string above is compared with the open string, every other with another
 * finger on its string.
 */
function fingerReason(at: At, here: Placement): Found {
  const open = opensInstead(at, here) ? without(at, (placement) => placement.finger === '0', AGAINST_OPEN) : null;
  if (open?.evidence.kind === 'costlier' || open?.evidence.kind === 'asked') return reasonFound(at, 'finger', open);
  const other = without(at, (placement) => placement.stringIndex === here.stringIndex && placement.finger !== here.finger, {
    does: ({ finger }) => ({ does: 'takes-finger', finger }),
    lacks: { lacks: 'this-finger', string: openName(at, here) },
  });
  return reasonFound(at, 'finger', other);
}

const AGAINST_OPEN: Otherwise = { does: () => ({ does: 'takes-finger', finger: '0' }), lacks: { lacks: 'high-place' } };

/** Tells whether the string above sounds the same note open. */
function opensInstead({ through: { solved }, order }: At, here: Placement): boolean {
  const above = solved.task.instrument.strings[here.stringIndex - 1];
  const note = solved.task.line.notes[solved.steps[order]?.index ?? -1];
  return here.finger === '4' && above !== undefined && note?.kind === 'note' && semitonesOf(note.pitch) === above.semitones;
}

/** Evidence, and the line it rests on as one text; null where it rests on none. */
interface Evidenced extends Pick<Found, 'line'> {
  readonly evidence: Evidence;
}

/** Compares another way with the one chosen; it can be clearly cheaper only where the brief asks something of the whole line. */
function instead({ through: { solved } }: At, way: Way, does: Instead): Evidenced {
  const difference = compareWay(solved, way);
  const line = placementsAt(solved.lattice, way.choices).map(fingeringLabel).join(' ');
  const kind = difference.deltaThousandths < 0 && asksOfWholeLine(solved.task) ? 'asked' : 'costlier';
  return { evidence: { kind, instead: does, compared: difference }, line };
}

/** Describes another way by what it does. */
function otherwise(at: At, way: Way): Evidenced {
  return instead(at, way, { does: 'goes-otherwise', name: whatItDoes(at.through.solved, way) });
}

/** The words for the line that plays a note otherwise, and for the case that there is none. */
interface Otherwise {
  /** The behaviour of that line at the note. */
  readonly does: (placement: Placement) => Instead;
  /** The thing without which the note cannot be played. */
  readonly lacks: Without;
}

/** Compares the best line that plays the note as wanted with the one chosen; else names the thing without which it cannot be played. */
function without(at: At, wanted: (placement: Placement) => boolean, { does, lacks }: Otherwise): Evidenced {
  const way = at.through.withNote(at.order, wanted);
  if (way) return instead(at, way, does(placementIn(at, way)));
  return evidenceOfNeed(at, liesHigher(at, wanted) ? { lacks: 'high-place' } : lacks);
}

/**
 * Tells whether the note can be played as wanted after all, but higher up than the search looked: it goes only where a line has reason to
 * go.
 */
function liesHigher({ through: { solved }, order }: At, wanted: (placement: Placement) => boolean): boolean {
  const looked = lookedUpTo(solved);
  return everyPlacement(solved, order).some((placement) => wanted(placement) && placement.anchor > looked);
}

/** Tells whether the hand could stay for all notes of a window after all, but higher up than the search looked. */
function staysHigher({ through: { solved } }: At, [from, to]: readonly [number, number]): boolean {
  const looked = lookedUpTo(solved);
  const notes = Array.from({ length: to - from + 1 }, (_, away) => everyPlacement(solved, from + away)).filter(
    (places) => places.length > 0,
  );
  const highest = notes.reduce((most, places) => places.reduce((top, { anchor }) => Math.max(top, anchor), most), 0);
  return Array.from({ length: Math.max(0, highest - looked) }, (_, above) => looked + 1 + above).some((anchor) =>
    notes.every((places) => places.some((placement) => placement.finger === '0' || Math.abs(placement.anchor - anchor) <= 1)),
  );
}

/** Gives the highest place of the hand in which any note of the line was looked for, semitones above the open string. */
function lookedUpTo({ lattice }: Solved): number {
  return lattice.layers.reduce((most, { candidates }) => candidates.reduce((top, { anchor }) => Math.max(top, anchor), most), 0);
}

/** Lists every placement of a note that its limits and locks allow, however high. */
function everyPlacement({ task, steps }: Solved, order: number): readonly Placement[] {
  const step = steps[order];
  if (!step) return [];
  return candidatesFor(taskAt(task)(step.index), placementsOfNote(task, order), task.locks.get(step.index) ?? null, step.role.first);
}

function evidenceOfNeed(at: At, without: Without): Evidenced {
  const locked = at.through.solved.task.locks.has(lineIndex(at));
  return { evidence: locked ? { kind: 'locked' } : { kind: 'needed', without }, line: null };
}

/** The ground says all where the note lies nowhere else. */
function reasonFound(at: At, about: ReasonAbout, evidenced: Evidenced | null, ground: Ground | null = null): Found {
  const saysAll = ground !== null && evidenced?.evidence.kind === 'needed';
  const evidence = saysAll ? null : (evidenced?.evidence ?? null);
  return { at, reason: { about, note: lineIndex(at), written: writtenPitchAt(at), ground, evidence }, line: evidenced?.line ?? null };
}

/**
 * Tells whether a placement is unusual: the thumb, a harmonic, a finger that repeats elsewhere or leaves its letter, and the fourth finger
 * on violin and viola.
 */
function isUnusual({ placements, task }: Solved, order: number): boolean {
  const here = placements[order];
  if (!here || here.finger === '0') return false;
  const short = task.instrument.kind === 'violin' || task.instrument.kind === 'viola';
  const isFar = here.harmonic || here.finger === 'T' || here.shape === 'chromatic';
  return isFar || repeatsElsewhere(placements[order - 1], here) || (short && rankOf(here.finger) === 4);
}

/** Tells whether the same finger as before plays at another place. */
function repeatsElsewhere(before: Placement | undefined, here: Placement): boolean {
  if (before?.finger !== here.finger) return false;
  return before.stringIndex !== here.stringIndex || before.semitonesAboveOpen !== here.semitonesAboveOpen;
}

/**
 * Gives the placement that a way chooses for the note that is asked about.
 *
 * @throws where the way is of another line
 */
function placementIn({ through: { solved }, order }: At, way: Way): Placement {
  const placement = solved.lattice.layers[order]?.candidates[way.choices[order] ?? 0];
  if (!placement) throw new RangeError(`A way has no candidate ${way.choices[order]} for note ${order}`);
  return placement;
}
