import { isCompound } from '#core/rhythm';
import type { Line } from '#core/material/line';
import type { Pitch } from '#core/pitch';
import { intoMeasure, measureIndexAt, measuresOf } from './measures.ts';

/** The place of a note as musicians tell it. */
export interface NoteAt {
  /** The number of the measure on the page, from 1; a pick-up is 0. */
  readonly measure: number;
  /** The number of the beat on which it sounds or after which it comes, from 1; in 6/8, 9/8 and 12/8 a beat is three eighths. */
  readonly beat: number;
  readonly isOnBeat: boolean;
  /** The sounding pitch, of a double stop the lowest; null for a rest. */
  readonly pitch: Pitch | null;
}

/** The share of a beat within which two moments are the same: far less than any note lasts. */
const SAME_MOMENT = 1e-6;

/** Finds where a note of a line stands: its measure, its beat, its pitch; null for a place that the line does not have. */
export function noteAt(line: Line, index: number): NoteAt | null {
  const note = line.notes[index];
  const measures = measuresOf(line);
  const measure = note && measures[measureIndexAt(measures, note.onset)];
  if (!measure) return null;
  const beatLength = (isCompound(measure.meter) ? 3 : 1) / measure.meter.beatValue;
  const beats = intoMeasure(measure, note.onset) / beatLength;
  const whole = Math.floor(beats + SAME_MOMENT);
  return {
    measure: measure.number,
    beat: whole + 1,
    isOnBeat: Math.abs(beats - whole) < SAME_MOMENT,
    pitch: note.kind === 'note' ? note.pitch : null,
  };
}
