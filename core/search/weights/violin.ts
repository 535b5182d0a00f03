import type { Weights } from './types.ts';

/** Violin: neighbouring positions are near, the fourth finger is short, and shifts prefer the first finger. */
export const violinWeights: Weights = {
  shift: {
    fixed: 1700,
    perMm: 12,
    semitoneShare: 0.65,
    openShare: 0.5,
    restShare: 0.5,
    crossing: 550,
    againstMelody: 300,
    underSlur: 150,
    haste: 2,
    up: { leaving: [0, 50, 150, 450], arriving: [0, 150, 350, 700] },
    down: { leaving: [0, 250, 450, 800], arriving: [250, 0, 30, 200] },
    sameFinger: [100, 150, 250, 600],
  },
  crossing: { each: 280, skipped: 800, againstMelody: 350 },
  openString: 100,
  finger: [0, 0, 50, 220],
  position: [270, 0, 200, 80, 130, 140, 160],
  positionPerNoteShare: 0.05,
  highOnLowString: { from: 8, perSemitone: 60 },
  reachedBack: 220,
  reachedForward: 900,
  drawnIn: 700,
  creeping: 550,
  respelling: 550,
  slide: 600,
  sameFingerNeighbour: { atTuningInterval: 450, elsewhere: 900 },
  fingerOrder: 800,
  substitution: 350,
  shapeChange: { each: 0, stayingIdle: 1, shiftingShare: 0 },
};

/** Viola: the same hand on a longer string, so the fourth finger is dearer and reaches cost more. */
export const violaWeights: Weights = {
  ...violinWeights,
  openString: 60,
  finger: [0, 0, 50, 320],
  reachedForward: 1100,
};
