import type { PieceFacts, Share } from '#core/drill/finder';
import { keyOfKind } from '#core/drill/finder';
import { kindsOfShifts, type Need } from './need.ts';
import type { PieceOfBook } from './piece-of-book.ts';

/** An entry of the index of a book: something that can be practised, and the pieces that have it. */
export interface IndexEntry {
  readonly need: Need;
  /** The pieces (by id), in the order of the book. */
  readonly pieces: readonly string[];
  /** The number of shifts in all of them, or of notes. */
  readonly times: number;
}

/** Makes the index of a book: its kinds of shifts, then positions, finger patterns and keys, those that most pieces have first. */
export function bookIndex(pieces: readonly PieceOfBook[]): readonly IndexEntry[] {
  const byShare = (sharesOf: (facts: PieceFacts) => readonly Share[], needOf: (name: string) => Need): readonly IndexEntry[] =>
    entriesOf(
      pieces.map(({ id, facts }) => ({
        id,
        parts: sharesOf(facts).map(({ name, notes }) => ({ key: name, need: needOf(name), times: notes })),
      })),
    );
  return [
    ...entriesOf(pieces.map(({ id, facts }) => ({ id, parts: shiftsOf(facts) }))),
    ...byShare(
      ({ byPosition }) => byPosition,
      (position) => ({ need: 'position', position }),
    ),
    ...byShare(
      ({ byPattern }) => byPattern,
      (pattern) => ({ need: 'pattern', pattern }),
    ),
    ...byShare(
      ({ byKey }) => byKey,
      (key) => ({ need: 'key', key }),
    ),
  ];
}

/** A part of a piece that goes into the index, by the key of its entry. */
interface Part {
  readonly key: string;
  readonly need: Need;
  readonly times: number;
}

function shiftsOf({ shifts }: PieceFacts): readonly Part[] {
  return kindsOfShifts(shifts).map(({ shiftClass, times }) => ({
    key: keyOfKind(shiftClass),
    need: { need: 'shift', shiftClass },
    times,
  }));
}

function entriesOf(pieces: readonly { readonly id: string; readonly parts: readonly Part[] }[]): readonly IndexEntry[] {
  const entries = new Map<string, IndexEntry>();
  for (const { id, parts } of pieces) {
    for (const { key, need, times } of parts) {
      const before = entries.get(key);
      entries.set(key, { need: before?.need ?? need, pieces: [...(before?.pieces ?? []), id], times: (before?.times ?? 0) + times });
    }
  }
  return [...entries.values()].toSorted((one, other) => other.pieces.length - one.pieces.length || other.times - one.times);
}
