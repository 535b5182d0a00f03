import { countText } from '#core/messages';
import { pitchLabel } from '#core/pitch';
import type { Plan, Shift } from '#core/plan/describe';
import { momentAtText, tellNotesOfPlan } from '../line/note-places.ts';
import { mmText, movementText, semitonesText, shiftText } from '../plan-words.ts';
import { guideText } from './guides.ts';

/** A shift as it is told on paper, once for all places at which it is made alike. */
export interface ShiftOnce {
  /** The sentence. */
  readonly told: string;
  /** The places, in words: "measure 1, beat 4; measure 3, beat 2". */
  readonly at: string;
}

/** The most places of a shift that are listed. */
const MOST_PLACES = 4;

/** Tells every shift of a plan once, in the order in which they come, with the places at which it is made. */
export function shiftsOnce(plan: Plan): readonly ShiftOnce[] {
  const tell = tellNotesOfPlan(plan);
  const places = new Map<string, number[]>();
  for (const shift of plan.shifts) {
    const told = sentenceOf(plan, shift);
    places.set(told, [...(places.get(told) ?? []), shift.to]);
  }
  return [...places].map(([told, notes]) => {
    const listed = notes.slice(0, MOST_PLACES).map((note) => momentAtText(tell(note), note));
    const more = notes.length - listed.length;
    return { told, at: [...listed, ...(more > 0 ? [`and ${countText(more, 'more place', 'more places')}`] : [])].join('; ') };
  });
}

function sentenceOf(plan: Plan, shift: Shift): string {
  const { before, to, handSemitones, handMm, noteSemitones, guides } = shift;
  const hand = `the hand ${semitonesText(handSemitones)}, ${mmText(handMm)}; the notes ${movementText(noteSemitones)}`;
  const guide = guides[0] ? ` ${guideText(guides[0])}` : '';
  return `${nameAt(plan, before)} to ${nameAt(plan, to)}: ${shiftText(shift)}; ${hand}.${guide}`;
}

/** Names the note at a place of the line. */
function nameAt({ notes }: Plan, index: number): string {
  const note = notes[index];
  return note?.kind === 'note' ? pitchLabel(note.stops[0].written) : '';
}
