import type { GivenAnswer } from './question.ts';

/** What every question of the ear's own tolerance is called. */
const EAR = 'ear';

/** How far apart two notes are when the ear is first asked, and at most and at least, cents. */
const [FIRST, MOST, LEAST] = [50, 100, 2] as const;

/** After two right in a row the distance becomes so much smaller, after a wrong one larger again by as much. */
const NARROWER = 0.75;

/** The mean of the last turning points is where the ear stands: so many are needed, and so many count. */
const TURNS = 6;

/** Two notes, one of them higher. */
export interface EarQuestion {
  /** For the record. */
  readonly id: string;
  /** How far apart, cents. */
  readonly cents: number;
}

/** What an ear tells apart. */
export interface EarStanding {
  /** What is asked next. */
  readonly next: EarQuestion;
  /** The ear's own tolerance: what it tells apart in about seven of ten cases, cents; null while too little is known. */
  readonly tolerance: number | null;
}

/**
 * Where an ear stands after its answers: two right in a row narrow the distance, a wrong one widens it, which settles where 71 % are
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
  const tolerance = counted.length < TURNS ? null : Math.exp(counted.reduce((sum, each) => sum + Math.log(each), 0) / TURNS);
  return { next: { id: `${EAR} | ${Math.round(cents)}`, cents: Math.round(cents) }, tolerance };
}

/** Whether an answer was one of the ear. */
function isEar(question: string): boolean {
  return question.startsWith(`${EAR} | `);
}
