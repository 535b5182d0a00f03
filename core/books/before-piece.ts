import { isKindOf, type PieceFacts, type Share } from '#core/drill/finder';
import { kindsOfShifts, type Need } from './need.ts';
import type { PieceOfBook } from './piece-of-book.ts';

/** A piece of a book that practises a need. */
export interface PieceForNeed {
  /** The id of the piece. */
  readonly piece: string;
  /** The number of its notes, or shifts, that are of it. */
  readonly times: number;
  /** The number of all its notes, or shifts. */
  readonly among: number;
  /** The measure in which it is first met, as the page counts them. */
  readonly measure: number;
  /** The positions in which this piece is played and the one that comes later is not. */
  readonly otherPositions: readonly string[];
}

/** A need of a piece with the pieces of books that practise it, the best first; none where no book has it. */
export interface BeforePiece {
  readonly need: Need;
  /** The number of notes, or shifts, of the piece that ask for it. */
  readonly times: number;
  readonly pieces: readonly PieceForNeed[];
}

/** The least share of a piece's notes that a key, a position or a pattern must have to be practised before it. */
const LEAST_SHARE = 0.1;

/** The number of patterns, and of kinds of shifts, that are looked for: the most frequent. */
const MOST_OF_A_KIND = 3;

/**
 * Finds what can be practised in some books before a piece: its scales first, then its finger patterns, the positions it lives in, and the
 * kinds of shifts that lead from one to the other, as a lesson builds them up. Of the pieces that practise the same, one that stays in the
 * positions of the piece comes first, then the one of which more is about it.
 */
export function beforePiece(facts: PieceFacts, pieces: readonly PieceOfBook[], most: number): readonly BeforePiece[] {
  const shares = (all: readonly Share[]): readonly Share[] => all.filter(({ notes }) => notes >= LEAST_SHARE * facts.notes);
  const find = (need: Need, times: number): BeforePiece => ({ need, times, pieces: bestFor(facts, need, pieces).slice(0, most) });
  return [
    ...shares(facts.byKey).map(({ name, notes }) => find({ need: 'key', key: name }, notes)),
    ...shares(facts.byPattern)
      .slice(0, MOST_OF_A_KIND)
      .map(({ name, notes }) => find({ need: 'pattern', pattern: name }, notes)),
    ...shares(facts.byPosition).map(({ name, notes }) => find({ need: 'position', position: name }, notes)),
    ...kindsOfShifts(facts.shifts)
      .slice(0, MOST_OF_A_KIND)
      .map(({ shiftClass, times }) => find({ need: 'shift', shiftClass }, times)),
  ];
}

function bestFor(later: PieceFacts, need: Need, pieces: readonly PieceOfBook[]): readonly PieceForNeed[] {
  const found = pieces.flatMap(({ id, facts }): readonly PieceForNeed[] => {
    const part = partFor(need, facts);
    const otherPositions = facts.positions.filter((position) => !later.positions.includes(position));
    return part ? [{ piece: id, ...part, otherPositions }] : [];
  });
  return found.toSorted(
    (one, other) => one.otherPositions.length - other.otherPositions.length || other.times / other.among - one.times / one.among,
  );
}

/** Finds how much of a piece is about a need; null for nothing. */
function partFor(need: Need, facts: PieceFacts): Pick<PieceForNeed, 'times' | 'among' | 'measure'> | null {
  switch (need.need) {
    case 'key':
      return shareOf(facts.byKey, need.key, facts);
    case 'position':
      return shareOf(facts.byPosition, need.position, facts);
    case 'pattern':
      return shareOf(facts.byPattern, need.pattern, facts);
    case 'shift': {
      const alike = facts.shifts.filter(({ shiftClass }) => isKindOf(shiftClass, need.shiftClass));
      const [first] = alike;
      return first ? { times: alike.length, among: facts.shifts.length, measure: first.measure } : null;
    }
  }
}

function shareOf(shares: readonly Share[], name: string, { notes }: PieceFacts): Pick<PieceForNeed, 'times' | 'among' | 'measure'> | null {
  const share = shares.find((one) => one.name === name);
  return share && share.notes >= LEAST_SHARE * notes ? { times: share.notes, among: notes, measure: share.measure } : null;
}
