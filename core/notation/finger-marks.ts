import { isGrace, type OrnamentKind, type OrnamentSign } from '#core/material/line';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** The mark over a note head: the finger, how it stands, and what changes here. */
export interface FingerMark {
  /** The finger, of a double stop both, the lower note's first; ° marks a harmonic, at the finger that touches it. */
  readonly finger: string;
  /** The ornament at the note, and the finger that plays its other note; null for a plain note. */
  readonly ornament: { readonly kind: OrnamentKind; readonly sign: OrnamentSign | null; readonly finger: string } | null;
  /** Whether the note is a grace note. */
  readonly small: boolean;
  /** The stance of the finger (see `fingerStands`). */
  readonly place: FingerStands;
  /** Whether the hand has shifted onto this note. */
  readonly shifted: boolean;
  /** The Roman numeral of the string, where the string changes. */
  readonly string: string | null;
  /** Whether it was completed, where the others are given: it stands in brackets. */
  readonly completed?: boolean;
}

/** A stance that is marked: low, high or extended; null for a finger in its plain place. */
export type FingerStands = 'low' | 'high' | 'extended' | null;

/**
 * Tells how the finger of a note stands, read from the note alone: over the staff, in the panel and in the table, going up and coming down,
 * it is the same. A first finger that stands as low or high as its position's name says stands plain in it.
 */
export function fingerStands(note: PlannedSound): FingerStands {
  // A hand that rolls around its thumb is not extended.
  if (note.stops[0].finger === '0' || note.shape === 'pivoted') return null;
  if (note.extended && (note.fingerPlace === null || note.shape === 'reached-forward')) return 'extended';
  return note.stops[0].finger === '1' && note.fingerPlace === note.position.alteration ? null : note.fingerPlace;
}

/** Lists the marks of a whole plan, by line index; null for rests. */
export function fingerMarks(plan: Plan): readonly (FingerMark | null)[] {
  const arrivals = new Set(plan.shifts.map((shift) => shift.to));
  return plan.notes.map((note, index) => {
    if (note.kind === 'rest') return null;
    return {
      finger: fingersOf(note),
      ornament: ornamentOf(plan, index, note),
      small: isGrace(plan.line.notes[index]),
      place: fingerStands(note),
      shifted: arrivals.has(index),
      string: note.changesString ? note.stops.map((stop) => stop.string).join(' ') : null,
    };
  });
}

function fingersOf({ stops, partner }: PlannedSound): string {
  if (partner?.does === 'touches') return `${stops[0].finger}·${partner.finger}°`;
  return stops.map((stop) => `${stop.finger}${stop.harmonic ? '°' : ''}`).join('·');
}

function ornamentOf({ line }: Plan, index: number, { partner }: PlannedSound): FingerMark['ornament'] {
  const written = line.notes[index];
  if (partner === null || written?.kind !== 'note' || written.ornament === null) return null;
  return { kind: written.ornament.kind, sign: written.ornament.sign ?? null, finger: partner.finger };
}

/** Writes one mark as text: "x4" an extended fourth, "↓2" a low second finger, "–1" after a shift, "(2)" completed. */
export function fingerMark(mark: FingerMark): string {
  const place = mark.place === null ? '' : { low: '↓', high: '↑', extended: 'x' }[mark.place];
  const text = `${mark.shifted ? '–' : ''}${place}${mark.finger}`;
  return mark.completed === true ? `(${text})` : text;
}
