import { waysOf } from '#core/brief';
import type { Plan, PlannedNote, PlannedSound } from '#core/plan/describe';

/** The way in which one finger goes from a note to its neighbour a semitone away, as from sharp to natural in the melodic minor. */
export interface SemitoneStep {
  /** The mark of the teacher at this note; null for none. */
  readonly marked: 'slide' | 'lift' | null;
  /** The way as it is marked, else as it is taught; null where neither says anything. */
  readonly by: 'slide' | 'lift' | null;
}

/** Finds the step that arrives at a note, where one finger plays it and the note before, a semitone apart on one string; null elsewhere. */
export function semitoneStepAt({ notes, brief }: Plan, index: number): SemitoneStep | null {
  if (!oneFingerArrives(notes[index - 1], notes[index])) return null;
  const marked = brief.marks?.find(({ note }) => note === index)?.semitone ?? null;
  return { marked, by: marked ?? waysOf(brief).sameFinger ?? null };
}

function oneFingerArrives(before: PlannedNote | undefined, here: PlannedNote | undefined): boolean {
  return before?.kind === 'note' && here?.kind === 'note' && isSemitoneStep(before, here);
}

function isSemitoneStep({ stops: [before] }: PlannedSound, { stops: [here] }: PlannedSound): boolean {
  if (before.finger === '0' || before.finger !== here.finger || before.string !== here.string) return false;
  return Math.abs(before.semitonesAboveOpen - here.semitonesAboveOpen) === 1;
}
