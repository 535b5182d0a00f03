import { isGrace, type OrnamentKind, type OrnamentSign } from '#core/material';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** What is set over a note head: the finger, how it stands, and what changes here. */
export interface FingerMark {
  /** Of a double stop both, the lower note's first; ° marks a harmonic, at the finger that touches it. */
  readonly finger: string;
  /** The ornament at the note, and the finger that plays its other note; null for a plain note. */
  readonly ornament: { readonly kind: OrnamentKind; readonly sign: OrnamentSign | null; readonly finger: string } | null;
  /** The note is a small one. */
  readonly small: boolean;
  /** Low or high finger, marked only where that finger's place changes; extensions are always marked. */
  readonly place: 'low' | 'high' | 'extended' | null;
  /** The hand has shifted onto this note. */
  readonly shifted: boolean;
  /** Roman numeral, where the string changes. */
  readonly string: string | null;
}

/** The marks of a whole plan, by line index; null for rests. */
export function fingerMarks(plan: Plan): readonly (FingerMark | null)[] {
  const arrivals = new Set(plan.shifts.map((shift) => shift.to));
  const lastPlace = new Map<string, PlannedSound['fingerPlace']>();
  return plan.notes.map((note, index) => {
    if (note.kind === 'rest') return null;
    const { finger } = note.stops[0];
    if (note.beginsStay) lastPlace.clear();
    const place = placeMark(note, lastPlace.get(finger) ?? null);
    if (finger !== '0') lastPlace.set(finger, note.fingerPlace);
    return {
      finger: fingersOf(note),
      ornament: ornamentOf(plan, index, note),
      small: isGrace(plan.line.notes[index]),
      place,
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

/** One mark as text: "x4" an extended fourth, "↓2" a low second finger, "–1" after a shift. */
export function fingerMark(mark: FingerMark): string {
  const place = mark.place === null ? '' : { low: '↓', high: '↑', extended: 'x' }[mark.place];
  return `${mark.shifted ? '–' : ''}${place}${mark.finger}`;
}

/** A finger that comes back to its plain place is marked by the way it moved. */
function placeMark(note: PlannedSound, before: PlannedSound['fingerPlace']): FingerMark['place'] {
  if (note.extended && (note.fingerPlace === null || note.shape === 'reached-forward')) return 'extended';
  if (note.fingerPlace === before || (note.stops[0].finger === '1' && note.fingerPlace === note.position.alteration)) return null;
  return note.fingerPlace ?? (before === 'low' ? 'high' : 'low');
}
