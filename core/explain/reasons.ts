import { isShift, type Placement, rankOf } from '#core/hand';
import { stringOf, writtenPitch } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import { positionOf, standsOutside } from '#core/plan/describe';
import type { Steps } from '#core/result';
import type { Way } from '#core/search/ways';
import type { Solved } from '#core/solve';
import { compared } from './compared.ts';
import type { Evidence, Instead, Reason, ReasonAbout, Without } from './reason.ts';
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
  const reasons: Reason[] = [];
  for (const [count, order] of orders.entries()) {
    if (count % NOTES_A_STEP === NOTES_A_STEP - 1) yield;
    reasons.push(...reasonsAt(through, order, note !== null));
  }
  return reasons;
}

function reasonsAt(through: Through, order: number, everyFinger: boolean): readonly Reason[] {
  const { placements } = through.solved;
  const here = placements[order];
  if (!here) return [];
  return [
    ...arrivalReasons(through, order, here),
    ...(standsOutside(here) ? [extensionReason({ through, order })] : []),
    ...(here.finger === '0' ? [openReason({ through, order })] : []),
    ...(everyFinger || isUnusual(through.solved, order) ? [fingerReason({ through, order }, here)] : []),
  ];
}

/** How the hand and the bow come to a note. */
function arrivalReasons(through: Through, order: number, here: Placement): readonly Reason[] {
  const before = through.solved.placements[order - 1];
  if (!before) return [];
  return [
    ...(isShift(before, here) ? shiftReasons({ through, order }, before) : []),
    ...(before.stringIndex === here.stringIndex ? [] : [crossingReason({ through, order }, before)]),
  ];
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
function shiftReasons(at: At, before: Placement): readonly Reason[] {
  const { through, order } = at;
  const { solved } = through;
  const position = positionOf(solved.task, before);
  const last = solved.placements.length - 1;
  const window = windowWithoutOthers(solved, order);
  const around = through.withoutShift(Math.max(0, window[0]), Math.min(last, window[1]));
  const atOnce = through.withoutShift(order - 1, order);
  const shifts = solved.placements.filter((placement, index) => isShiftAt(solved, placement, index)).length;
  // A line as good without this shift has it elsewhere: then the question is what one shift fewer would cost.
  const fewer = around && around.cost <= solved.way.cost ? through.withShifts(shifts - 1) : null;
  const why = fewer
    ? reason(at, 'shift', instead(at, fewer, { does: 'shifts-less' }))
    : reason(at, 'shift', around ? instead(at, around, { does: 'stays', position }) : needed(at, { lacks: 'shift-near', position }));
  return [why, ...(atOnce ? [reason(at, 'shift-here', instead(at, atOnce, { does: 'shifts-elsewhere' }))] : [])];
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

function crossingReason(at: At, before: Placement): Reason {
  const string = openName(at, before);
  const stay = at.through.withNote(at.order, (placement) => placement.stringIndex === before.stringIndex);
  return reason(
    at,
    'crossing',
    stay ? instead(at, stay, { does: 'stays-on-string', string }) : needed(at, { lacks: 'other-string', string }),
  );
}

function extensionReason(at: At): Reason {
  const closed = at.through.withNote(at.order, (placement) => !standsOutside(placement));
  return reason(at, 'extension', closed ? instead(at, closed, { does: 'rests' }) : needed(at, { lacks: 'extension' }));
}

function openReason(at: At): Reason {
  const stopped = at.through.withNote(at.order, (placement) => placement.finger !== '0');
  const evidence = stopped
    ? instead(at, stopped, { does: 'stops-it', finger: placementIn(at, stopped).finger })
    : needed(at, { lacks: 'open-string' });
  return reason(at, 'open-string', evidence);
}

function fingerReason(at: At, here: Placement): Reason {
  const other = at.through.withNote(
    at.order,
    (placement) => placement.stringIndex === here.stringIndex && placement.finger !== here.finger,
  );
  const evidence = other
    ? instead(at, other, { does: 'takes-finger', finger: placementIn(at, other).finger })
    : needed(at, { lacks: 'this-finger', string: openName(at, here) });
  return reason(at, 'finger', evidence);
}

/** Another way held against the one chosen; cheaper than it only where the brief asks something of the whole line. */
function instead({ through: { solved } }: At, way: Way, does: Instead): Evidence {
  const difference = compared(solved, way);
  return { kind: difference.deltaThousandths < 0 ? 'asked' : 'dearer', instead: does, compared: difference };
}

function needed(at: At, without: Without): Evidence {
  return at.through.solved.task.locks.has(lineIndex(at)) ? { kind: 'locked' } : { kind: 'needed', without };
}

function reason(at: At, about: ReasonAbout, evidence: Evidence): Reason {
  return { about, note: lineIndex(at), written: writtenAt(at), evidence };
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
  return note?.kind === 'note' ? formatPitch(writtenPitch(task.instrument.kind, note.pitch)) : '';
}

function openName({ through: { solved } }: At, placement: Placement): string {
  return stringOf(solved.task.instrument, placement.stringIndex).name;
}
