import type { HandModel, NoteOnString, Placement } from '#core/hand';

/** A natural harmonic: which partial sounds, and where on the string a finger touches for it. */
interface Node {
  /** Semitones of the partial above the open string, to the nearest. */
  readonly sounds: number;
  /** Nearest semitone of the place touched. */
  readonly touched: number;
  /** Letter steps of the stopped note at that place. */
  readonly letterSteps: number;
}

/**
 * Where natural harmonics are touched. A string touched at k/m of its length (k, m without common divisor) sounds its
 * m-th partial, `12·log2 m` semitones above the open string; the place is `−12·log2(1 − k/m)` semitones up (Mersenne's
 * law for the stopped length, and the standing wave that keeps a node there). Partials 2 to 5, places on the fingerboard.
 */
const NODES: readonly Node[] = [
  { sounds: 12, touched: 12, letterSteps: 7 },
  { sounds: 19, touched: 7, letterSteps: 4 },
  { sounds: 19, touched: 19, letterSteps: 11 },
  { sounds: 24, touched: 5, letterSteps: 3 },
  { sounds: 24, touched: 24, letterSteps: 14 },
  { sounds: 28, touched: 4, letterSteps: 2 },
  { sounds: 28, touched: 9, letterSteps: 5 },
  { sounds: 28, touched: 16, letterSteps: 9 },
];

/** Every way to touch a natural harmonic that sounds `semitones` above an open string; the fifth partial lies 14 cents below equal. */
export function harmonicPlacements(hand: HandModel, stringIndex: number, semitones: number, highestSemitone: number): readonly Placement[] {
  return NODES.filter((node) => node.sounds === semitones && node.touched <= highestSemitone).flatMap((node) => {
    const touched: NoteOnString = { stringIndex, semitonesAboveOpen: node.touched, letterSteps: [node.letterSteps], chromatic: false };
    return hand.placements(touched).map((placement) => ({ ...placement, soundsAboveOpen: node.sounds, harmonic: true }));
  });
}
