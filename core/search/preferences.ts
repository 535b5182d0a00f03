import type { PerFinger } from './weight-types.ts';
import type { Weights } from './weight-table.ts';

/** What a teacher may wish for, softly: each moves named weights, and none breaks a limit. */
export const PREFERENCES = [
  'fewest-shifts',
  'strong-fingers',
  'train-fourth',
  'open-strings-ring',
  'open-strings-covered',
  'one-string',
  'no-extensions',
  'low-positions',
  'connected',
  'finger-a-semitone',
] as const;

/** A teacher's wish. */
export type Preference = (typeof PREFERENCES)[number];

/** What the plan is for: in training weak fingers are wanted, in performance they are kept from shifts, arrivals and top notes. */
export const PURPOSES = ['training', 'performance'] as const;

/** What the plan is for. */
export type Purpose = (typeof PURPOSES)[number];

/** A wish at full strength; 0 is none. */
export type Wishes = ReadonlyMap<Preference, number>;

/** The weights a purpose and wishes ask for. A wish of strength 0 changes nothing; strengths scale the change evenly. */
export function preferredWeights(weights: Weights, purpose: Purpose | null, wishes: Wishes): Weights {
  const forPurpose = purpose === null ? weights : mixed(weights, withPurpose(weights, purpose), 1);
  return [...wishes].reduce((before, [wish, strength]) => mixed(before, withWish(before, wish), strength), forPurpose);
}

function withPurpose(weights: Weights, purpose: Purpose): Partial<Weights> {
  switch (purpose) {
    case 'training':
      return {
        finger: plus(weights.finger, [0, 0, 0, -40, -300]),
        openString: weights.openString + 150,
        arrivingUp: times(weights.arrivingUp, 0.6),
        leavingUp: times(weights.leavingUp, 0.6),
      };
    case 'performance':
      return {
        weakOnHard: plus(weights.weakOnHard, [200, 0, 0, 100, 1000]),
        arrivingUp: times(weights.arrivingUp, 1.4),
        arrivingDown: plus(weights.arrivingDown, [100, 0, 0, 50, 200]),
        leavingUp: times(weights.leavingUp, 1.4),
        leavingDown: times(weights.leavingDown, 1.2),
        sameFingerShift: times(weights.sameFingerShift, 1.3),
      };
  }
}

function withWish(weights: Weights, wish: Preference): Partial<Weights> {
  switch (wish) {
    case 'fewest-shifts':
      // At full strength the search counts shifts first; below it, a shift is dearer.
      return { shift: weights.shift * 3 };
    case 'strong-fingers':
      return { weakOnHard: plus(weights.weakOnHard, [300, 0, 0, 250, 2400]), finger: plus(weights.finger, [100, 0, 0, 20, 150]) };
    case 'train-fourth':
      return {
        finger: plus(weights.finger, [0, 0, 0, 0, -650]),
        openString: weights.openString + 250,
        arrivingUp: plus(weights.arrivingUp, [0, 0, 0, 0, -300]),
      };
    case 'open-strings-ring':
      return { openString: weights.openString - 700 };
    case 'open-strings-covered':
      return { openString: weights.openString + 900 };
    case 'one-string':
      return { crossing: weights.crossing + 6000, highPlace: 0 };
    case 'no-extensions':
      return {
        reachedBack: weights.reachedBack + 2500,
        reachedForward: weights.reachedForward + 2500,
        drawnIn: weights.drawnIn + 800,
        opening: weights.opening + 1500,
        pivot: weights.pivot + 1500,
      };
    case 'low-positions':
      return { position: weights.position.map((value, index) => value + 350 * Math.max(0, index - 1)), highPlace: weights.highPlace * 2 };
    case 'connected':
      return {
        crossing: weights.crossing + 150,
        crossingInSlur: weights.crossingInSlur + 1200,
        shift: weights.shift * 0.75,
        shiftUnderSlur: 0,
        slide: weights.slide * 0.6,
        sameFingerShift: times(weights.sameFingerShift, 0.2),
      };
    case 'finger-a-semitone':
      return { slide: weights.slide + 900, fingerASemitone: 0, respelling: weights.respelling * 0.4, creeping: weights.creeping * 0.4 };
  }
}

/** Goes from one set of weights towards changed ones by a share, 0 to 1. */
function mixed(weights: Weights, changed: Partial<Weights>, share: number): Weights {
  if (share <= 0) return weights;
  const towards = (from: number, to: number): number => from + (to - from) * Math.min(1, share);
  const next: { -readonly [Name in keyof Weights]: Weights[Name] } = { ...weights };
  for (const [name, value] of Object.entries(changed)) setWeight(next, name, value, towards);
  return next;
}

function setWeight(next: object, name: string, value: unknown, towards: (from: number, to: number) => number): void {
  const from: unknown = Reflect.get(next, name);
  if (typeof from === 'number' && typeof value === 'number') Reflect.set(next, name, towards(from, value));
  if (Array.isArray(from) && Array.isArray(value)) {
    Reflect.set(
      next,
      name,
      value.map((to, index) => towards(Number(from[index] ?? 0), Number(to))),
    );
  }
}

function plus(values: PerFinger, added: PerFinger): PerFinger {
  return [values[0] + added[0], values[1] + added[1], values[2] + added[2], values[3] + added[3], values[4] + added[4]];
}

function times(values: PerFinger, factor: number): PerFinger {
  return [values[0] * factor, values[1] * factor, values[2] * factor, values[3] * factor, values[4] * factor];
}
