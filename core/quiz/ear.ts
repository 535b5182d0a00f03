import type { GivenAnswer } from './question.ts';

/** The id of every question that measures the ear's own tolerance. */
const EAR = 'ear';

/** The distance of two notes when the ear is first asked, and its largest and smallest, cents. */
const [FIRST, MOST, LEAST] = [50, 100, 2] as const;

/** The factor by which the distance shrinks after two right answers in a row, and grows after a wrong one. */
const NARROWER = 0.75;

/** The number of turning points that are needed, and counted, for a mean. */
const TURNS = 6;

/** Two notes, one of them higher. */
export interface EarQuestion {
  /** The id for the record. */
  readonly id: string;
  /** The distance, cents. */
  readonly cents: number;
}

/** The standing of a player's ear: what it is asked next, and the smallest distance it tells apart. */
export interface EarStanding {
  /** The next question. */
  readonly next: EarQuestion;
  /** The ear's own tolerance: the distance it tells apart in about seven of ten cases, cents; null while too little is known. */
  readonly tolerance: number | null;
}

/**
 * Gives the standing of an ear after its answers: two right in a row narrow the distance, a wrong one widens it, which settles where 71 % are
 * right (the transformed up-down rule of psychophysics, Levitt 1971). Answers to other questions are passed over.
 */
export function earAfter(history: readonly GivenAnswer[]): EarStanding {
  let [cents, inARow, direction]: [number, number, -1 | 0 | 1] = [FIRST, 0, 0];
  const turns: number[] = [];
  const move = (way: -1 | 1): void => {
    if (direction !== 0 && way !== direction) turns.push(cents);
    direction = way;
    cents = Math.min(MOST, Math.max(LEAST, way < 0 ? cents * NARROWER : cents / NARROWER));
    inARow = 0;
  };
  for (const { question, right } of history) {
    if (!isEar(question)) continue;
    inARow = right ? inARow + 1 : 0;
    if (!right) move(1);
    else if (inARow === 2) move(-1);
  }
  const counted = turns.slice(-TURNS);
  const tolerance = counted.length < TURNS ? null : Math.exp(counted.reduce((sum, value) => sum + Math.log(value), 0) / TURNS);
  return { next: { id: `${EAR} | ${Math.round(cents)}`, cents: Math.round(cents) }, tolerance };
}

/** Tells whether an answer was one of the ear. */
function isEar(question: string): boolean {
  return question.startsWith(`${EAR} | `);
}
