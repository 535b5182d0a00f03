/**
 * Measures the finder in a teacher’s books, and the fewest drills for many pieces: `npm run bench:finder`. The books are studies of our own,
 * as many as a teacher may have.
 */
import { beforePiece, nearestMeasures, type PieceOfBook } from '#core/books';
import type { Brief } from '#core/brief';
import { bestOf, drillFor } from '#core/drill';
import { coverShifts } from '#core/drill/cover';
import { pieceFacts } from '#core/drill/finder';
import { finish } from '#core/result';
import { madeStudy } from '../support/plans/made-studies.ts';

/** The number of studies in the books, and of pieces whose shifts are covered. */
const [STUDIES, PIECES] = [200, 60];

function measure<Value>(work: () => Value): { readonly value: Value; readonly ms: number } {
  const since = performance.now();
  const value = work();
  return { value, ms: performance.now() - since };
}

function median(times: readonly number[]): number {
  return times.toSorted((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;
}

const read = measure(() =>
  Array.from({ length: STUDIES }, (_, seed): readonly PieceOfBook[] => {
    const plan = bestOf(madeStudy('violin', seed));
    return plan ? [{ id: `no. ${seed}`, facts: pieceFacts(plan) }] : [];
  }).flat(),
);
const book = read.value;
const shifts = book.flatMap(({ facts }) => facts.shifts);
const nearest = shifts.map(({ shiftClass, left, written }) => measure(() => nearestMeasures({ shiftClass, left, written }, book, 3)).ms);
const before = book.map(({ facts }) => measure(() => beforePiece(facts, book, 3)).ms);
const bytes = JSON.stringify(book).length;
console.log(`${book.length} studies read in ${(read.ms / 1000).toFixed(1)} s, kept in ${Math.round(bytes / 1000)} KB`);
console.log(
  `nearest measures to a shift: ${median(nearest).toFixed(1)} ms, at most ${Math.max(...nearest).toFixed(1)} ms (${shifts.length} asked)`,
);
console.log(`before a piece: ${median(before).toFixed(1)} ms, at most ${Math.max(...before).toFixed(1)} ms (${before.length} asked)`);

const pieces = Array.from({ length: PIECES }, (_, seed) => ({
  id: `piece ${seed}`,
  brief: madeStudy('violin', 1000 + seed),
  missed: [],
}));
const player: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', notes: [] } };
const cover = measure(() => finish(coverShifts(drillFor(player), { pieces, kept: [] }, () => false)));
const { needs, drills } = cover.value;
const places = needs.reduce((sum, need) => sum + need.places.length, 0);
console.log(
  `the fewest drills for ${PIECES} pieces: ${drills.length} for ${places} shifts of ${needs.length} kinds, in ${(cover.ms / 1000).toFixed(1)} s`,
);
