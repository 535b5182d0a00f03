import type { Placement } from '#core/hand';
import type { LineNote } from '#core/material';
import type { Pitch } from '#core/pitch';
import type { Gap } from '#core/search';
import type { NoteStep } from './note-steps.ts';
import type { Task } from './read-brief.ts';

/** A sounding note with the placement chosen for it. */
export interface PlacedNote {
  /** Index in the line. */
  readonly index: number;
  readonly pitch: Pitch;
  readonly placement: Placement;
  /** What lies between this note and the sounding one before; null for the first. */
  readonly gap: Gap | null;
}

/** Joins the steps of a line with their chosen placements. Throws where one is missing. */
export function placedNotes(task: Task, steps: readonly NoteStep[], placements: readonly (Placement | undefined)[]): readonly PlacedNote[] {
  return steps.map((step, order) => {
    const placement = placements[order];
    const note: LineNote | undefined = task.line.notes[step.index];
    if (!placement || note?.kind !== 'note') throw new RangeError(`Note ${step.index} of the line has no placement`);
    return { index: step.index, pitch: note.pitch, placement, gap: step.gap };
  });
}
