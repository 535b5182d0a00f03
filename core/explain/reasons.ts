import { taskAt } from '#core/brief';
import { inThumbPosition, isShift, type Placement, type PositionName, rankOf, stopsIn } from '#core/hand';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import { namingPlacement, positionOf, standsOutside } from '#core/plan/describe';
import { whatItDoes } from '#core/plan';
import type { Steps } from '#core/result';
import { candidatesFor } from '#core/search/candidates';
import { positionKey } from '#core/search/costs';
import { fingeringLabel, type Way } from '#core/search/ways';
import { asksOfWholeLine, placementsAt, placementsOfNote, type Solved } from '#core/solve';
import { compared } from './compared.ts';
import type { Ground, Instead, Reason, ReasonAbout, Without } from './reason.ts';
import type { Through } from './through.ts';

/** Lines beyond this are explained note by note on asking, not as a whole. */
export const MOST_NOTES_EXPLAINED = 1000;

/** Reasons are found for so many notes at a time. */
const NOTES_A_STEP = 40;

/**
 * Why every shift, crossing, extension, open string and unusual finger of the best plan is there. Each answer solves the
 * line again without the thing asked about and quotes nothing but what that returned. `note` (a line index) asks about
 * one note only, and then about its finger in any case.
 */
export function* reasonsOf(through: Through, note: number | null = null): Steps<readonly Reason[]> {
  const orders = through.solved.steps.flatMap((step, order) => (note === null || step.index === note ? [order] : []));
  if (note === null && orders.length > MOST_NOTES_EXPLAINED) return [];
  const reasons: Found[] = [];
  for (const [count, order] of orders.entries()) {
    if (count % NOTES_A_STEP === NOTES_A_STEP - 1) yield;
    reasons.push(...reasonsAt(through, order, note !== null));
  }
  return toldOnce(reasons);
}

/** A reason, and the line that is its evidence as one text; null where no line is. */
interface Found {
  readonly reason: Reason;
  readonly line: string | null;
}

/** One line is evidence once: a later reason that rests on it points to the first, and at the same note it says nothing more. */
function toldOnce(found: readonly Found[]): readonly Reason[] {
  const told = new Map<string, Reason>();
  return found.flatMap(({ reason, line }): readonly Reason[] => {
    const before = line === null ? undefined : told.get(line);
    if (before?.note === reason.note) return [];
    if (before) return [{ ...reason, evidence: { kind: 'as-before', about: before.about, note: before.note, written: before.written } }];
    if (line !== null) told.set(line, reason);
    return [reason];
  });
}

function reasonsAt(through: Through, order: number, everyFinger: boolean): readonly Found[] {
  const { placements } = through.solved;
  const here = placements[order];
  if (!here) return [];
  const before = through.solved.placements[order - 1];
  const at = { through, order };
  return [
    ...(before && isShift(before, here) ? shiftReasons(at, before) : []),
    ...(standsOutside(here) ? [extensionReason(at)] : []),
    ...(here.finger === '0' ? [openReason(at)] : []),
    ...(before && before.stringIndex !== here.stringIndex ? [crossingReason(at, before)] : []),
    ...(asksOfFinger(at, here, everyFinger) ? [fingerReason(at, here)] : []),
  ];
}

/** An open string has its own reason. */
function asksOfFinger({ through, order }: At, here: Placement, everyFinger: boolean): boolean {
  return here.finger !== '0' && (everyFinger || isUnusual(through.solved, order));
}

/** A note that is asked about. */
interface At {
  /** The sums of the solved line. */
  readonly through: Through;
  /** Among the sounding notes. */
  readonly order: number;
}

/** Notes to either side of a shift that are asked about together with it. */
const WINDOW = 2;

/** Why shift at all, and why just here. */
function shiftReasons(at: At, before: Placement): readonly Found[] {
  const { through, order } = at;
  const { solved } = through;
  const last = solved.placements.length - 1;
  const window = windowWithoutOthers(solved, order);
  const around = through.withoutShift(Math.max(0, window[0]), Math.min(last, window[1]));
  const atOnce = through.withoutShift(order - 1, order);
  const shifts = solved.placements.filter((placement, index) => isShiftAt(solved, placement, index)).length;
  // A line as good without this shift has it elsewhere: then the question is what one shift fewer would cost.
  const fewer = around && around.cost <= solved.way.cost ? through.withShifts(shifts - 1) : null;
  const why = fewer ?? around;
  const ground = beyondGround(at, before);
  return [
    found(
      at,
      'shift',
      why ? otherwise(at, why) : needed(at, staysHigher(at, window) ? { lacks: 'high-place' } : { lacks: 'shift-near' }),
      ground,
    ),
    ...(atOnce ? [found(at, 'shift-here', otherwise(at, atOnce))] : []),
  ];
}

/** The first note of the new stay that lies nowhere in the position the hand comes from; null where all of them do. */
function beyondGround(at: At, before: Placement): Ground | null {
  const { solved } = at.through;
  const { placements } = solved;
  for (let order = at.order; order < placements.length; order += 1) {
    const here = placements[order];
    if (order > at.order && here && isShiftAt(solved, here, order)) break;
    // What the brief leaves out still lies in the position.
    if (!placementsOfNote(solved.task, order).some((placement) => placement.finger === '0' || liesIn(at, before, placement))) {
      return { kind: 'beyond', written: writtenAt({ ...at, order }), position: positionBefore(at, before) };
    }
  }
  return null;
}

/** The window around a shift, as wide as it can be without another shift of the line in it. */
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

function isShiftAt({ placements }: Solved, placement: Placement, index: number): boolean {
  const before = placements[index - 1];
  return before !== undefined && isShift(before, placement);
}

function crossingReason(at: At, before: Placement): Found {
  const string = openName(at, before);
  const other = without(at, (placement) => placement.stringIndex === before.stringIndex, {
    does: () => ({ does: 'on-string', string }),
    lacks: { lacks: 'other-string', string },
  });
  return found(at, 'crossing', other, underHandGround(at, before));
}

/** The note lies under no finger of the position on the string before it; null where one would have it, or nothing was stopped. */
function underHandGround(at: At, before: Placement): Ground | null {
  const under = placementsOfNote(at.through.solved.task, at.order).some(
    (placement) => placement.stringIndex === before.stringIndex && liesIn(at, before, placement),
  );
  return under || before.finger === '0'
    ? null
    : { kind: 'not-under-hand', string: openName(at, before), position: positionBefore(at, before) };
}

function extensionReason(at: At): Found {
  const other = without(at, (placement) => !standsOutside(placement), { does: () => ({ does: 'rests' }), lacks: { lacks: 'extension' } });
  return found(at, 'extension', other);
}

function openReason(at: At): Found {
  const other = without(at, (placement) => placement.finger !== '0', {
    does: ({ finger }) => ({ does: 'stops-it', finger }),
    lacks: { lacks: 'open-string' },
  });
  return found(at, 'open-string', other);
}

function fingerReason(at: At, here: Placement): Found {
  const other = without(at, (placement) => placement.stringIndex === here.stringIndex && placement.finger !== here.finger, {
    does: ({ finger }) => ({ does: 'takes-finger', finger }),
    lacks: { lacks: 'this-finger', string: openName(at, here) },
  });
  return found(at, 'finger', other);
}

/** Evidence, and the line it rests on as one text; null where it rests on none. */
type Evidenced = Pick<Reason, 'evidence'> & Pick<Found, 'line'>;

/** Another way compared with the one chosen; clearly cheaper than it only where the brief asks something of the whole line. */
function instead({ through: { solved } }: At, way: Way, does: Instead): Evidenced {
  const difference = compared(solved, way);
  const line = placementsAt(solved.lattice, way.choices).map(fingeringLabel).join(' ');
  const kind = difference.deltaThousandths < 0 && asksOfWholeLine(solved.task) ? 'asked' : 'costlier';
  return { evidence: { kind, instead: does, compared: difference }, line };
}

/** Another way, told by what it does. */
function otherwise(at: At, way: Way): Evidenced {
  return instead(at, way, { does: 'goes-otherwise', name: whatItDoes(at.through.solved, way) });
}

/** What is told of the line that plays a note otherwise, and what where there is none. */
interface Otherwise {
  /** By how it then plays the note. */
  readonly does: (placement: Placement) => Instead;
  /** What the note cannot be played without. */
  readonly lacks: Without;
}

/** The best line that plays the note as wanted, compared with the one chosen; else what it cannot be played without. */
function without(at: At, wanted: (placement: Placement) => boolean, { does, lacks }: Otherwise): Evidenced {
  const way = at.through.withNote(at.order, wanted);
  if (way) return instead(at, way, does(placementIn(at, way)));
  return needed(at, liesHigher(at, wanted) ? { lacks: 'high-place' } : lacks);
}

/** Whether the note can be played as wanted after all, but higher up than was looked: the search goes only where a line has reason to go. */
function liesHigher({ through: { solved }, order }: At, wanted: (placement: Placement) => boolean): boolean {
  const looked = lookedUpTo(solved);
  return everyPlacement(solved, order).some((placement) => wanted(placement) && placement.anchor > looked);
}

/** Whether the hand could stay for all notes of a window after all, but higher up than was looked. */
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

/** The highest place of the hand that any note of the line was looked for in, semitones above the open string. */
function lookedUpTo({ lattice }: Solved): number {
  return lattice.layers.reduce((most, { candidates }) => candidates.reduce((top, { anchor }) => Math.max(top, anchor), most), 0);
}

/** Every placement of a note that its limits and what is locked leave, however high. */
function everyPlacement({ task, steps }: Solved, order: number): readonly Placement[] {
  const step = steps[order];
  if (!step) return [];
  return candidatesFor(taskAt(task)(step.index), placementsOfNote(task, order), task.locks.get(step.index) ?? null, step.role.first);
}

function needed(at: At, without: Without): Evidenced {
  const locked = at.through.solved.task.locks.has(lineIndex(at));
  return { evidence: locked ? { kind: 'locked' } : { kind: 'needed', without }, line: null };
}

function found(at: At, about: ReasonAbout, { evidence, line }: Evidenced, ground: Ground | null = null): Found {
  return { reason: { about, note: lineIndex(at), written: writtenAt(at), ground, evidence }, line };
}

/** The thumb, a harmonic, a finger that repeats elsewhere or leaves its letter, and the fourth finger on violin and viola. */
function isUnusual({ placements, task }: Solved, order: number): boolean {
  const here = placements[order];
  if (!here || here.finger === '0') return false;
  const short = task.instrument.kind === 'violin' || task.instrument.kind === 'viola';
  const isFar = here.harmonic || here.finger === 'T' || here.shape === 'chromatic';
  return isFar || repeatsElsewhere(placements[order - 1], here) || (short && rankOf(here.finger) === 4);
}

/** The same finger as before, at another place. */
function repeatsElsewhere(before: Placement | undefined, here: Placement): boolean {
  if (before?.finger !== here.finger) return false;
  return before.stringIndex !== here.stringIndex || before.semitonesAboveOpen !== here.semitonesAboveOpen;
}

function placementIn({ through: { solved }, order }: At, way: Way): Placement {
  const placement = solved.lattice.layers[order]?.candidates[way.choices[order] ?? 0];
  if (!placement) throw new RangeError(`A way has no candidate ${way.choices[order]} for note ${order}`);
  return placement;
}

function lineIndex({ through: { solved }, order }: At): number {
  const index = solved.steps[order]?.index;
  if (index === undefined) throw new RangeError(`The line has no sounding note ${order}`);
  return index;
}

function writtenAt(at: At): string {
  const { task } = at.through.solved;
  const note = task.line.notes[lineIndex(at)];
  const stringIndex = at.through.solved.placements[at.order]?.stringIndex ?? 0;
  return note?.kind === 'note' ? formatPitch(writtenOnString(task.instrument, stringIndex, note.pitch)) : '';
}

/** Whether a placement lies in the position that the hand comes from, in thumb position with the thumb in the same place. */
function liesIn(at: At, before: Placement, placement: Placement): boolean {
  if (inThumbPosition(before) || inThumbPosition(placement)) return positionKey(placement) === positionKey(before);
  return at.through.solved.task.hand.labelsOf(placement).includes(positionBefore(at, before).label);
}

/** The position that the hand comes from, in the key of the note before: that of its stay. */
function positionBefore({ through: { solved }, order }: At, before: Placement): PositionName {
  const { placements, steps, task } = solved;
  let begins = order - 1;
  while (begins > 0 && placements[begins - 1]?.stance === before.stance) begins -= 1;
  let ends = order;
  while (placements[ends]?.stance === before.stance) ends += 1;
  const stay = placements.slice(begins, ends).filter((placement) => stopsIn(placement).length > 0);
  return positionOf(taskAt(task)(steps[order - 1]?.index ?? 0), namingPlacement(stay) ?? before);
}

function openName({ through: { solved } }: At, placement: Placement): string {
  return stringOf(solved.task.instrument, placement.stringIndex).name;
}
