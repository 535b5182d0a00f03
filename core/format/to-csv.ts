import { intoMeasure, measureIndexAt, measuresOf } from '#core/material/measures';
import { positionWords } from '#core/messages';
import type { Plan, PlannedNote, Stop } from '#core/plan/describe';
import { formatFraction } from '#core/fraction';

/** The columns of a plan as a table, in order. */
export const CSV_COLUMNS = [
  'note',
  'measure',
  'beat',
  'length',
  'written',
  'sounding',
  'string',
  'open string',
  'finger',
  'position',
  'mm from nut',
  'shift mm',
  'slurred to next',
] as const;

/** One note or rest as a row of that table; a cell is empty where there is nothing to say. */
export type CsvRow = Readonly<Record<(typeof CSV_COLUMNS)[number], string | number>>;

/**
 * Writes a plan as a table, a row for each note and rest, double stops with both notes in their cells ("A3+F4"). Measures count from 1, a
 * pick-up is measure 0; beats are those of the meter, from 1; lengths are fractions of a whole note.
 */
export function toCsv(plan: Plan): readonly CsvRow[] {
  const measures = measuresOf(plan.line);
  const arrivals = new Map(plan.shifts.map(({ to, handMm }) => [to, handMm]));
  return plan.line.notes.map((note, index): CsvRow => {
    const measure = measures[measureIndexAt(measures, note.onset)];
    const planned = plan.notes[index];
    return {
      note: index + 1,
      measure: measure?.number ?? '',
      beat: measure ? Number((intoMeasure(measure, note.onset) * measure.meter.beatValue + 1).toFixed(3)) : '',
      length: formatFraction(note.duration),
      ...fingeringCells(planned),
      'shift mm': arrivals.has(index) ? Math.round(arrivals.get(index) ?? 0) : '',
      'slurred to next': note.kind === 'note' && note.slurredToNext ? 'yes' : '',
    };
  });
}

type Fingered = Omit<CsvRow, 'note' | 'measure' | 'beat' | 'length' | 'shift mm' | 'slurred to next'>;

const REST: Fingered = { written: 'rest', sounding: '', string: '', 'open string': '', finger: '', position: '', 'mm from nut': '' };

function fingeringCells(planned: PlannedNote | undefined): Fingered {
  if (planned?.kind !== 'note') return REST;
  const cellOfStops = (cell: (stop: Stop) => string | number): string => planned.stops.map(cell).join('+');
  return {
    written: cellOfStops(({ written }) => written),
    sounding: cellOfStops(({ pitch }) => pitch),
    string: cellOfStops(({ string }) => string),
    'open string': cellOfStops(({ open }) => open),
    finger: cellOfStops(({ finger }) => finger),
    position: positionWords(planned.position),
    'mm from nut': cellOfStops(({ mmFromNut }) => Math.round(mmFromNut * 10) / 10),
  };
}
