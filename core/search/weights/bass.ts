import type { Weights } from './types.ts';

/** Double bass: the hand covers a tone, so shifts are daily bread and open strings are welcome. */
export const bassWeights: Weights = {
  shift: {
    fixed: 1000, perMm: 3.5, semitoneShare: 0.7, openShare: 0.4, restShare: 0.5, crossing: 300, againstMelody: 300, underSlur: 150, haste: 0.7,
    up: { leaving: [0, 50, 50, 50], arriving: [0, 150, 300, 300] },
    down: { leaving: [0, 100, 100, 150], arriving: [200, 50, 50, 0] },
    sameFinger: [50, 100, 100, 150],
  },
  crossing: { each: 220, skipped: 800, againstMelody: 350 },
  openString: -120,
  finger: [0, 30, 20, 0],
  position: [60, 60, 0, 60, 70, 70, 70, 80, 80, 90, 100],
  positionPerNoteShare: 0.05,
  highOnLowString: { from: 5, perSemitone: 70 },
  reachedBack: 0, reachedForward: 0, drawnIn: 0,
  creeping: 0, respelling: 0, slide: 2000,
  sameFingerNeighbour: { atTuningInterval: 300, elsewhere: 450 },
  fingerOrder: 800, substitution: 350,
  shapeChange: { each: 0, stayingIdle: 1, shiftingShare: 0 },
};
