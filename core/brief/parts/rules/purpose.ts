import { oneOf } from '#core/result';
import { plus, times, type Weights } from '#core/weights';

/** The purposes of a plan: in training weak fingers are wanted; in performance they are kept from shifts, arrivals and top notes. */
export const PURPOSES = ['training', 'performance'] as const;

/** The purpose of a plan. */
export type Purpose = (typeof PURPOSES)[number];

/** The schema of the purpose of a plan. */
export const PurposeName = oneOf(PURPOSES);

/** The names of purposes in the sentence; `none` for no purpose. */
export const PURPOSE_LABELS: Readonly<Record<Purpose | 'none', string>> = {
  none: 'for general use',
  training: 'for training',
  performance: 'for performance',
};

/** Gives the weights that a purpose changes. */
export function purposeWeights(weights: Weights, purpose: Purpose): Partial<Weights> {
  switch (purpose) {
    case 'training':
      return {
        finger: plus(weights.finger, [0, 0, 0, -40, -300]),
        openString: weights.openString + 80,
        arrivingUp: times(weights.arrivingUp, 0.6),
        leavingUp: times(weights.leavingUp, 0.6),
      };
    case 'performance': {
      const fourth = dislikeOfFourth(weights);
      return {
        weakOnHard: plus(weights.weakOnHard, [200, 0, 0, 100, 3500 * fourth]),
        arrivingUp: plus(times(weights.arrivingUp, 1.4), [0, 0, 0, 0, 1500 * fourth]),
        arrivingDown: plus(weights.arrivingDown, [100, 0, 0, 50, 1500 * fourth]),
        leavingUp: times(weights.leavingUp, 1.4),
        leavingDown: times(weights.leavingDown, 1.2),
        sameFingerShift: times(weights.sameFingerShift, 1.3),
      };
    }
  }
}

/**
 * Gives the share, up to 1, in which the fourth finger is avoided: wholly on the violin, hardly on the necks of cello and bass, where it is
 * at home.
 */
function dislikeOfFourth({ finger }: Weights): number {
  return Math.min(1, finger[4] / WEAK_FOURTH);
}

/** The cost of a fourth finger on the violin, thousandths. */
const WEAK_FOURTH = 220;
