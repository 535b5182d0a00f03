import { type Placement, rankOf } from '#core/hand';
import { stringOf, writtenPitch } from '#core/instrument';
import { displayPitch, displayPitchClass } from '#core/pitch';
import { goodReading, type Reading } from '#core/reading';
import type { Way } from '#core/search';
import { askedText, dearerText, lockedText, neededText, positionWords, stretchText } from '#core/words';
import { compared, type Compared, counted } from './compared.ts';
import { positionOf } from './position-of.ts';
import { standsOutside } from './outside-rest.ts';
import type { Brief } from './schema.ts';
import { solveBrief } from './solve-brief.ts';
import type { Solved } from './solve.ts';
import { throughOf, type Through } from './through.ts';

/** What is explained. */
export type ReasonAbout = 'shift' | 'shift-here' | 'crossing' | 'extension' | 'open-string' | 'finger';

/** Why something in a plan is as it is, with the evidence of a line solved again without it. */
export interface Reason {
  readonly about: ReasonAbout;
  /** Line index of the note at which it happens; of a shift and a crossing, the arrival. */
  readonly note: number;
  /** One sentence or two with their numbers. */
  readonly sentence: string;
  /** `needed`: there is no line without; `dearer`: there is, at a cost; `asked`: the brief wants it; `locked`: the teacher does. */
  readonly evidence: 'needed' | 'dearer' | 'asked' | 'locked';
  /** What the best line without it costs more; null where there is none. */
  readonly deltaThousandths: number | null;
}

/** Lines beyond this are explained note by note on asking, not as a whole. */
export const MOST_NOTES_EXPLAINED = 1000;

/**
 * Why every shift, crossing, extension, open string and unusual finger of the best plan is there. Each answer solves the
 * line again without the thing asked about and quotes nothing but what that returned. `note` (a line index) asks about
 * one note only, and then about its finger in any case.
 */
export function reasonsOf(brief: Brief, note: number | null = null): Reading<readonly Reason[]> {
  const solved = solveBrief(brief);
  if (!solved.ok) return solved;
  const through = throughOf(solved.value);
  const orders = solved.value.steps.flatMap((step, order) => (note === null || step.index === note ? [order] : []));
  if (note === null && orders.length > MOST_NOTES_EXPLAINED) return goodReading([]);
  return goodReading(orders.flatMap((order) => reasonsAt(through, order, note !== null)));
}

function reasonsAt(through: Through, order: number, everyFinger: boolean): readonly Reason[] {
  const { placements, task } = through.solved;
  const here = placements[order];
  const before = placements[order - 1];
  if (!here) return [];
  const shifted = before !== undefined && task.hand.isShift(before, here);
  return [
    ...(shifted ? shiftReasons(through, order, before) : []),
    ...(before && before.stringIndex !== here.stringIndex ? [crossingReason(through, order, before)] : []),
    ...(standsOutside(here) ? [extensionReason(through, order)] : []),
    ...(here.finger === '0' ? [openReason(through, order)] : []),
    ...(everyFinger || isUnusual(through.solved, order) ? [fingerReason(through, order, here)] : []),
  ];
}

/** Notes to either side of a shift that are asked about together with it. */
const WINDOW = 2;

/** Why shift at all, and why just here. */
function shiftReasons(through: Through, order: number, before: Placement): readonly Reason[] {
  const { solved } = through;
  const position = positionWords(positionOf(solved.task, before));
  const last = solved.placements.length - 1;
  const window = windowWithoutOthers(solved, order);
  const around = through.withoutShift(Math.max(0, window[0]), Math.min(last, window[1]));
  const atOnce = through.withoutShift(order - 1, order);
  const shifts = solved.placements.filter((placement, index) => isShiftAt(solved, placement, index)).length;
  const stays = `Staying in ${position} here`;
  const why = around
    ? dearer(through, 'shift', order, around, stays)
    : needed(solved, 'shift', order, neededText(noteName(solved, order), `from ${position} without a shift near it`));
  // A line as good without this shift has it elsewhere: then the question is what one shift fewer would cost.
  const fewer = around && around.cost <= solved.way.cost ? through.withShifts(shifts - 1) : null;
  const few = fewer ? [dearer(through, 'shift', order, fewer, 'A line with one shift fewer')] : [why];
  return [...few, ...(atOnce ? [dearer(through, 'shift-here', order, atOnce, 'Shifting a note sooner or later, or not at all,')] : [])];
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

function isShiftAt({ placements, task }: Solved, placement: Placement, index: number): boolean {
  const before = placements[index - 1];
  return before !== undefined && task.hand.isShift(before, placement);
}

function crossingReason(through: Through, order: number, before: Placement): Reason {
  const { solved } = through;
  const stay = through.withNote(order, (placement) => placement.stringIndex === before.stringIndex);
  const string = stringName(solved, before);
  if (!stay) return needed(solved, 'crossing', order, neededText(noteName(solved, order), `on the ${string} string within this brief`));
  return dearer(through, 'crossing', order, stay, `Staying on the ${string} string`);
}

function extensionReason(through: Through, order: number): Reason {
  const { solved } = through;
  const closed = through.withNote(order, (placement) => !standsOutside(placement));
  if (!closed) return needed(solved, 'extension', order, neededText(noteName(solved, order), 'with a hand at rest within this brief'));
  return dearer(through, 'extension', order, closed, 'A hand at rest');
}

function openReason(through: Through, order: number): Reason {
  const { solved } = through;
  const stopped = through.withNote(order, (placement) => placement.finger !== '0');
  if (!stopped) return needed(solved, 'open-string', order, neededText(noteName(solved, order), 'with a finger within this brief'));
  return dearer(through, 'open-string', order, stopped, `Finger ${fingerAt(solved, stopped, order)} instead`);
}

function fingerReason(through: Through, order: number, here: Placement): Reason {
  const { solved } = through;
  const other = through.withNote(order, (placement) => placement.stringIndex === here.stringIndex && placement.finger !== here.finger);
  const string = stringName(solved, here);
  if (!other)
    return needed(
      solved,
      'finger',
      order,
      neededText(noteName(solved, order), `with another finger on the ${string} string within this brief`),
    );
  const finger = fingerAt(solved, other, order);
  return dearer(through, 'finger', order, other, finger === '0' ? 'The open string' : `Finger ${finger} there`);
}

/** The dearer way in words; cheaper than the chosen one it can only be where the brief asks something of the whole line. */
function dearer({ solved }: Through, about: ReasonAbout, order: number, way: Way, instead: string): Reason {
  const difference = compared(solved, way);
  const asked = difference.deltaThousandths < 0;
  const sentence = asked
    ? askedText(instead, difference.deltaThousandths)
    : dearerText(instead, difference.deltaThousandths, counted(difference.more));
  return {
    about,
    note: lineIndex(solved, order),
    sentence: `${sentence}${stretchSentence(difference)}`,
    evidence: asked ? 'asked' : 'dearer',
    deltaThousandths: difference.deltaThousandths,
  };
}

function stretchSentence({ stretch }: Compared): string {
  return stretch ? ` ${stretchText(stretch.needMm, stretch.comfortMm)}` : '';
}

function needed(solved: Solved, about: ReasonAbout, order: number, sentence: string): Reason {
  const note = lineIndex(solved, order);
  const locked = solved.task.locks.has(note);
  return { about, note, sentence: locked ? lockedText() : sentence, evidence: locked ? 'locked' : 'needed', deltaThousandths: null };
}

/** The thumb, a harmonic, a finger that repeats elsewhere or leaves its letter, and the fourth finger on violin and viola. */
function isUnusual({ placements, task }: Solved, order: number): boolean {
  const here = placements[order];
  const before = placements[order - 1];
  if (!here || here.finger === '0') return false;
  const repeats = before !== undefined && before.finger === here.finger && !samePlace(before, here);
  const short = task.instrument.kind === 'violin' || task.instrument.kind === 'viola';
  return here.harmonic || here.finger === 'T' || repeats || (short && rankOf(here.finger) === 4) || here.shape === 'chromatic';
}

function samePlace(one: Placement, other: Placement): boolean {
  return one.stringIndex === other.stringIndex && one.semitonesAboveOpen === other.semitonesAboveOpen;
}

function fingerAt({ lattice }: Solved, way: Way, order: number): string {
  return lattice.layers[order]?.candidates[way.choices[order] ?? 0]?.finger ?? '';
}

function lineIndex({ steps }: Solved, order: number): number {
  const index = steps[order]?.index;
  if (index === undefined) throw new RangeError(`The line has no sounding note ${order}`);
  return index;
}

function noteName({ task, steps }: Solved, order: number): string {
  const note = task.line.notes[steps[order]?.index ?? -1];
  return note?.kind === 'note' ? displayPitch(writtenPitch(task.instrument.kind, note.pitch)) : '';
}

function stringName({ task }: Solved, placement: Placement): string {
  return displayPitchClass(stringOf(task.instrument, placement.stringIndex).open);
}
