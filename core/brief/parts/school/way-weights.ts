import { wishPart } from '#core/brief/parts/wishes';
import type { InstrumentKind } from '#core/instrument';
import { plus, type Weights } from '#core/weights';
import { ALL_STRINGS, UPPER_STRINGS } from './question.ts';

/** A change of weights. */
export type WeightsChange = (weights: Weights) => Partial<Weights>;

/** The changes that the answers to a question make to the weights, by side, on the instruments on which it comes up. */
export interface WayWeights {
  readonly kinds: readonly InstrumentKind[];
  readonly sides: Readonly<Record<string, WeightsChange>>;
}

/** The worth of an open string to a teacher who asks for it, thousandths: a crossing or two. */
const WANTED = -900;

/**
 * The cost of an open string to a teacher who asks for the finger, thousandths: more than any fourth finger, less than a shift to avoid it.
 */
const UNWANTED = 1500;

/**
 * The changes that answers make to the weights, by question and side, in the order of the questions; sides that move no finger are left
 * out. The table stands by itself so that planning loads none of the words in which the questions are put.
 */
export const WAY_WEIGHTS = {
  openUp: {
    kinds: UPPER_STRINGS,
    sides: {
      open: ({ openGoingUp }) => ({ openGoingUp: openGoingUp + WANTED }),
      fourth: ({ openGoingUp }) => ({ openGoingUp: openGoingUp + UNWANTED }),
    },
  },
  openDown: {
    kinds: UPPER_STRINGS,
    sides: {
      open: ({ openGoingDown }) => ({ openGoingDown: openGoingDown + WANTED }),
      fourth: ({ openGoingDown }) => ({ openGoingDown: openGoingDown + UNWANTED }),
    },
  },
  openAbove: {
    kinds: ALL_STRINGS,
    sides: {
      open: ({ openAboveHome }) => ({ openAboveHome: openAboveHome + WANTED / 2 }),
      covered: ({ openAboveHome }) => ({ openAboveHome: openAboveHome + UNWANTED }),
    },
  },
  fourthAtShifts: {
    kinds: ALL_STRINGS,
    sides: {
      use: ({ leavingUp, arrivingUp, leavingDown, arrivingDown }) => ({
        leavingUp: plus(leavingUp, [0, 0, 0, 0, -400]),
        arrivingUp: plus(arrivingUp, [0, 0, 0, 0, -700]),
        leavingDown: plus(leavingDown, [0, 0, 0, 0, -700]),
        arrivingDown: plus(arrivingDown, [0, 0, 0, 0, -200]),
      }),
      save: ({ leavingUp, arrivingUp, leavingDown, arrivingDown }) => ({
        leavingUp: plus(leavingUp, [0, 0, 0, 0, 900]),
        arrivingUp: plus(arrivingUp, [0, 0, 0, 0, 1500]),
        leavingDown: plus(leavingDown, [0, 0, 0, 0, 900]),
        arrivingDown: plus(arrivingDown, [0, 0, 0, 0, 1500]),
      }),
    },
  },
  fourthOnTop: {
    kinds: ALL_STRINGS,
    sides: {
      use: ({ weakOnHard }) => ({ weakOnHard: plus(weakOnHard, [0, 0, 0, 0, -900]) }),
      save: ({ weakOnHard }) => ({ weakOnHard: plus(weakOnHard, [300, 0, 0, 250, 2400]) }),
    },
  },
  shiftUp: {
    kinds: ALL_STRINGS,
    sides: {
      early: ({ leavingUp }) => ({ leavingUp: plus(leavingUp, [0, -300, -250, 400, 600]) }),
      late: ({ leavingUp }) => ({ leavingUp: plus(leavingUp, [0, 500, 350, -400, -500]) }),
    },
  },
  shiftDown: {
    kinds: ALL_STRINGS,
    sides: {
      early: ({ leavingDown }) => ({ leavingDown: plus(leavingDown, [0, 500, -350, -400, -200]) }),
      late: ({ leavingDown }) => ({ leavingDown: plus(leavingDown, [0, -300, 350, 500, 500]) }),
    },
  },
  nextPosition: {
    kinds: UPPER_STRINGS,
    sides: {
      second: ({ position }) => ({ position: position.map((value, index) => value + ([0, 0, -700, 300][index] ?? 0)) }),
    },
  },
  violinSemitones: {
    kinds: UPPER_STRINGS,
    sides: {
      slide: ({ slide, fingerASemitone }) => ({ slide: slide * 0.7, fingerASemitone: fingerASemitone + 1200 }),
      each: (weights) => wishPart('finger-a-semitone').weights(weights),
    },
  },
  semitones: {
    kinds: ['cello'],
    sides: { '1234': () => ({ fourthInSemitones: 0, fingersLeft: 0 }) },
  },
  celloHand: {
    kinds: ['cello'],
    sides: {
      closed: (weights) => wishPart('no-extensions').weights(weights),
      open: ({ opening, reachedBack, reachedForward, shift }) => ({
        opening: opening * 0.4,
        reachedBack: reachedBack * 0.4,
        reachedForward: reachedForward * 0.4,
        shift: shift + 350,
      }),
    },
  },
} as const satisfies Readonly<Record<string, WayWeights>>;
