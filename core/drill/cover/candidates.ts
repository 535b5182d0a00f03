import type { Brief } from '#core/brief';
import type { Plan } from '#core/plan/describe';
import { bestOf, type DrillFor } from '#core/drill';
import { type DrillFamily, type DrillRequest, PLAIN_VARIANT, writeDrill } from '#core/drill/families';
import { classOf, keyOfClass } from '#core/drill/shifts';
import type { ShiftNeed } from './shift-needs.ts';

/** A drill that is kept as a piece. */
export interface KeptDrill {
  /** The id by which it is kept. */
  readonly id: string;
  /** The line with its fingers. */
  readonly brief: Brief;
}

/** A drill that may be taken: one that can be written, or one that is kept. */
export type CoveringDrill =
  /** The request with which it is written. */
  | { readonly kind: 'made'; readonly request: DrillRequest }
  /** The id of the piece as which it is kept. */
  | { readonly kind: 'kept'; readonly piece: string };

/** A drill with what it covers. */
export interface DrillCandidate {
  /** The one that may be taken. */
  readonly drill: CoveringDrill;
  /** The classes of its shifts, by their keys. */
  readonly classes: ReadonlySet<string>;
  /** The number of its notes. */
  readonly notes: number;
}

/** The number of notes up to which a drill is one: a longer one is several. */
const MOST_NOTES = 128;

/**
 * Lists the drills that may cover some needs, each once: the study of each shift and, where it goes between positions on one string, the
 * fingers in turn, one note with two fingers, and back home; and the scale on each string.
 */
export function requestsFor(needs: readonly ShiftNeed[]): readonly DrillRequest[] {
  const asked = needs.flatMap((need) => familiesFor(need).map((asks): DrillRequest => ({ key: need.key, asks, variant: PLAIN_VARIANT })));
  return [...new Map(asked.map((request) => [JSON.stringify(request), request])).values()];
}

function familiesFor({ shiftClass, between }: ShiftNeed): readonly DrillFamily[] {
  const { fromString, toString } = shiftClass;
  const study: DrillFamily = { family: 'shift', shift: shiftClass, letters: null, measures: 'all' };
  if (fromString !== toString) return [study];
  const strings = [fromString];
  const pairs = between.filter((labels) => !labels.includes('thumb'));
  return [
    study,
    { family: 'one-string', strings },
    ...pairs.flatMap(([from, to]): readonly DrillFamily[] => [
      { family: 'matrix', strings, from, to, fingers: 'all' },
      { family: 'matching', strings, from, to },
      { family: 'home', position: from, strings },
    ]),
  ];
}

/** Writes a drill and reads which shifts it has; null where this hand does not play it, or it is too long for one drill. */
export function candidateOf(player: DrillFor, request: DrillRequest): DrillCandidate | null {
  const written = writeDrill(player, request);
  return written.ok ? withClasses({ kind: 'made', request }, written.value.brief) : null;
}

/** Reads which shifts a kept drill has; null where no hand plays it, or it is too long for one drill. */
export function keptCandidate({ id, brief }: KeptDrill): DrillCandidate | null {
  return withClasses({ kind: 'kept', piece: id }, brief);
}

function withClasses(drill: CoveringDrill, brief: Brief): DrillCandidate | null {
  // A line that is too long is not planned first: planning takes nearly all the time.
  if (brief.material.kind === 'line' && countNotes(brief.material.notes, (note) => !('rest' in note)) > MOST_NOTES) return null;
  const plan = bestOf(brief);
  const notes = plan ? countNotes(plan.notes, ({ kind }) => kind === 'note') : 0;
  return plan && notes <= MOST_NOTES ? { drill, notes, classes: classesIn(plan) } : null;
}

function countNotes<Note>(notes: readonly Note[], isNote: (note: Note) => boolean): number {
  return notes.filter(isNote).length;
}

function classesIn(plan: Plan): ReadonlySet<string> {
  return new Set(plan.shifts.flatMap((shift) => classOf(plan, shift) ?? []).map(keyOfClass));
}
