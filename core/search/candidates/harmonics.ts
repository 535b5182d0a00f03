import type { HandModel, NoteOnString, Placement } from '#core/hand';
import { HARMONIC_NODES } from '#core/instrument';

/** Every way to touch a natural harmonic that sounds `semitones` above an open string; the fifth partial lies 14 cents below equal. */
export function harmonicPlacements(hand: HandModel, stringIndex: number, semitones: number, highestSemitone: number): readonly Placement[] {
  return HARMONIC_NODES.filter((node) => node.sounds === semitones && node.touched <= highestSemitone).flatMap((node) => {
    const touched: NoteOnString = { stringIndex, semitonesAboveOpen: node.touched, letterSteps: [node.letterSteps], chromatic: false };
    return hand.placements(touched).map((placement) => ({ ...placement, soundsAboveOpen: node.sounds, harmonic: true }));
  });
}
