import type { Weights } from './types.ts';

/** Cello: the hand is closed or extended, and changing between the two is what a fingering tries to save. */
export const celloWeights: Weights = {
  shift: {
    fixed: 1450, perMm: 5.6, semitoneShare: 0.75, openShare: 0.45, restShare: 0.5, crossing: 450, againstMelody: 300, underSlur: 150, haste: 1,
    up: { leaving: [0, 50, 100, 150], arriving: [0, 200, 350, 500] },
    down: { leaving: [0, 150, 250, 400], arriving: [250, 100, 50, 0] },
    sameFinger: [80, 120, 200, 400],
  },
  crossing: { each: 250, skipped: 800, againstMelody: 350 },
  openString: 0,
  finger: [0, 0, 30, 50],
  position: [180, 180, 0, 100, 120, 40, 80, 40, 100, 140],
  positionPerNoteShare: 0.05,
  highOnLowString: { from: 7, perSemitone: 50 },
  reachedBack: 130, reachedForward: 130, drawnIn: 0,
  creeping: 0, respelling: 0, slide: 1200,
  sameFingerNeighbour: { atTuningInterval: 350, elsewhere: 700 },
  fingerOrder: 800, substitution: 350,
  shapeChange: { each: 420, stayingIdle: 2.6, shiftingShare: 0.8 },
};
