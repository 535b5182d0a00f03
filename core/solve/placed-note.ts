import type { Placement } from '#core/hand/placement';
import type { CostSetting, Gap, NoteRole } from '#core/search/costs';
import type { Sounding } from './note-steps.ts';
import type { Solved } from './solve.ts';

/** A sounding note with the placement chosen for it. */
export interface PlacedNote {
  /** The index in the line. */
  readonly index: number;
  /** The note of the line. */
  readonly note: Sounding;
  /** The placement that plays it. */
  readonly placement: Placement;
  /** The role of the note in its line. */
  readonly role: NoteRole;
  /** The gap between this note and the sounding one before; null for the first. */
  readonly gap: Gap | null;
  /** The setting with which it is priced, where that is not the setting of the line. */
  readonly setting?: CostSetting;
}

/**
 * Joins the notes of a line, or those from one order to another (inclusive), with the placements chosen for them.
 *
 * @throws where a note of the line has no placement
 */
export function placedNotes({ task, steps, placements }: Solved, from = 0, to = steps.length - 1): readonly PlacedNote[] {
  return steps.slice(from, to + 1).map((step, order) => {
    const placement = placements[from + order];
    const note = task.line.notes[step.index];
    if (!placement || note?.kind !== 'note') throw new RangeError(`Note ${step.index} of the line has no placement`);
    return { index: step.index, note, placement, role: step.role, gap: step.gap, ...(step.setting ? { setting: step.setting } : {}) };
  });
}
