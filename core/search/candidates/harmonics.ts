import type { Placement } from '#core/hand/placement';
import type { NoteOnString } from '#core/hand';
import { HARMONIC_NODES } from '#core/instrument';
import type { HandOnInstrument } from './hand-on-instrument.ts';

/**
 * Lists every way to touch a natural harmonic that sounds `semitones` above an open string; the fifth partial lies 14 cents below equal.
 */
export function harmonicPlacements(
  { instrument, hand, keyed }: HandOnInstrument,
  stringIndex: number,
  semitones: number,
): readonly Placement[] {
  const nodes = HARMONIC_NODES.filter((node) => node.sounds === semitones && node.touched <= instrument.highestSemitone);
  return nodes.flatMap((node) => {
    const touched: NoteOnString = {
      stringIndex,
      semitonesAboveOpen: node.touched,
      letterSteps: [node.letterSteps],
      chromatic: false,
      keyed,
    };
    return hand.placements(touched).map((placement) => ({ ...placement, soundsAboveOpen: node.sounds, harmonic: true }));
  });
}
