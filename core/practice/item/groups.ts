import { measureIndexAt, measuresOf } from '#core/material/measures';
import { ZERO } from '#core/fraction';
import type { Plan } from '#core/plan/describe';
import type { Grouping } from './item.ts';

/** Some notes of a line: line indexes, both inclusive. */
export interface NoteGroup {
  /** The line index of the first note. */
  readonly from: number;
  /** The line index of the last note. */
  readonly to: number;
}

/** The numbers of notes of a tetrachord, of an octave and of two, the first counted again. */
const COUNTED = { tetrachord: 4, octave: 8, 'two-octaves': 15 } as const;

/**
 * Lists the groups in which some notes of a plan are practised before all of them. A cell lies on one string in one hand; a tetrachord, an
 * octave and two octaves have a fixed number of notes, the last of one being the first of the next; measures are those of the meter. Rests
 * belong to the group before them.
 */
export function groupsOf(plan: Plan, { from, to }: NoteGroup, by: Grouping): readonly NoteGroup[] {
  switch (by) {
    case 'all':
      return [{ from, to }];
    case 'cell':
      return splitWhere(plan, { from, to }, (index) => beginsCell(plan, index));
    case 'tetrachord':
    case 'octave':
    case 'two-octaves':
      return groupsOfCount(plan, { from, to }, COUNTED[by]);
    case 'measure':
    case 'two-measures': {
      const measures = by === 'measure' ? 1 : 2;
      const inOrder = measuresOf(plan.line);
      const numberOf = (index: number): number => Math.floor(measureIndexAt(inOrder, plan.line.notes[index]?.onset ?? ZERO) / measures);
      return splitWhere(plan, { from, to }, (index) => numberOf(index) !== numberOf(index - 1));
    }
  }
}

function splitWhere(_: Plan, { from, to }: NoteGroup, begins: (index: number) => boolean): readonly NoteGroup[] {
  const starts = [from];
  for (let index = from + 1; index <= to; index += 1) if (begins(index)) starts.push(index);
  return starts.map((start, order) => ({ from: start, to: (starts[order + 1] ?? to + 1) - 1 }));
}

function beginsCell({ notes }: Plan, index: number): boolean {
  const [before, here] = [notes[index - 1], notes[index]];
  if (before?.kind !== 'note' || here?.kind !== 'note') return here?.kind === 'note' && here.beginsStay;
  return here.beginsStay || here.stops[0].string !== before.stops[0].string;
}

/** Groups a fixed number of sounding notes that share their ends; notes left over at the end are a group of their own. */
function groupsOfCount(plan: Plan, { from, to }: NoteGroup, notes: number): readonly NoteGroup[] {
  const sounding = plan.notes.flatMap((note, index) => (note.kind === 'note' && index >= from && index <= to ? [index] : []));
  const groups: NoteGroup[] = [];
  for (let first = 0; first < sounding.length - 1; first += notes - 1) {
    const last = Math.min(first + notes - 1, sounding.length - 1);
    groups.push({ from: sounding[first] ?? from, to: sounding[last] ?? to });
  }
  return groups.length > 0 ? groups : [{ from, to }];
}
