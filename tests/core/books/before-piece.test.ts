import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { beforePiece, type BeforePiece, bookIndex, drillOfNeed, type PieceOfBook } from '#core/books';
import type { Brief } from '#core/brief';
import { bestOf, drillFor } from '#core/drill';
import { writeDrill } from '#core/drill/families';
import { isKindOf, NO_FACTS, pieceFacts } from '#core/drill/finder';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { planBest } from '../../support/briefs.ts';
import { madeStudy } from '../../support/plans/made-studies.ts';

function scale(tonic: string, octaves: 1 | 2, more: Partial<Brief> = {}): PieceOfBook {
  const material = { kind: 'scale' as const, type: 'major' as const, tonic, octaves, direction: 'up-down' as const };
  const plan = planBest({ instrument: { kind: 'violin' }, material, ...more });
  return { id: `${tonic} ${octaves}`, facts: pieceFacts(plan) };
}

function ofNeed(found: readonly BeforePiece[], need: BeforePiece['need']['need']): readonly BeforePiece[] {
  return found.filter((one) => one.need.need === need);
}

describe('what is played before a piece', () => {
  const later = scale('D4', 2);
  const firstPosition = scale('A3', 1);
  const inD = scale('D4', 1);
  const high = scale('D5', 2);

  it('begins with its scale, then its patterns, its positions and its shifts', () => {
    const found = beforePiece(later.facts, [], 3);
    const order = found.map(({ need }) => ['key', 'pattern', 'position', 'shift'].indexOf(need.need));
    assert.deepEqual(order, order.toSorted());
    assert.deepEqual(
      ofNeed(found, 'key').map(({ need }) => need),
      [{ need: 'key', key: 'D major' }],
    );
    assert.ok(ofNeed(found, 'shift').length > 0 && ofNeed(found, 'position').length > 1);
  });

  it('is taken from the pieces that have it, one that asks nothing else first', () => {
    const [key] = ofNeed(beforePiece(later.facts, [high, firstPosition, inD], 3), 'key');
    assert.deepEqual(
      key?.pieces.map(({ piece }) => piece),
      [inD.id, high.id],
    );
    assert.deepEqual(key?.pieces[0]?.otherPositions, []);
    assert.equal(key?.pieces[0]?.times, key?.pieces[0]?.among);
  });

  it('says where no book has it', () => {
    const [key] = ofNeed(beforePiece(later.facts, [firstPosition], 3), 'key');
    assert.deepEqual(key?.pieces, []);
  });

  it('is nothing for a piece that no hand plays', () => {
    assert.deepEqual(beforePiece(NO_FACTS, [inD], 3), []);
  });
});

describe('what is told of a piece of a book', () => {
  it('is so, on every instrument: counted again from its facts', () => {
    let told = 0;
    for (const kind of INSTRUMENT_KINDS) {
      const book = Array.from({ length: 10 }, (_, seed): readonly PieceOfBook[] => {
        const plan = bestOf(madeStudy(kind, seed));
        return plan ? [{ id: `no. ${seed}`, facts: pieceFacts(plan) }] : [];
      }).flat();
      for (const { facts } of book) {
        for (const { need, pieces } of beforePiece(facts, book, 10)) {
          for (const { piece, times, among } of pieces) {
            told += 1;
            const there = book.find(({ id }) => id === piece)?.facts;
            assert.ok(there);
            assert.equal(among, need.need === 'shift' ? there.shifts.length : there.notes);
            assert.ok(times > 0 && times <= among);
            if (need.need === 'shift') {
              assert.equal(times, there.shifts.filter(({ shiftClass }) => isKindOf(shiftClass, need.shiftClass)).length);
            }
          }
        }
      }
    }
    assert.ok(told > 100);
  });
});

describe('the facts of a piece', () => {
  it('count every note that is played once, by key, by position and by pattern', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const plan = bestOf(madeStudy(kind, 3));
      assert.ok(plan);
      const facts = pieceFacts(plan);
      const sum = (shares: readonly { readonly notes: number }[]): number => shares.reduce((all, { notes }) => all + notes, 0);
      assert.equal(facts.notes, plan.notes.filter((note) => note.kind === 'note').length);
      assert.equal(sum(facts.byKey), facts.notes);
      assert.equal(sum(facts.byPosition), facts.notes);
      assert.ok(sum(facts.byPattern) <= facts.notes);
    }
  });
});

describe('the drill for what a piece asks', () => {
  it('is played by its hand, for nearly everything, on every instrument', () => {
    let [asked, played] = [0, 0];
    for (const kind of INSTRUMENT_KINDS) {
      for (let seed = 0; seed < 6; seed += 1) {
        const plan = bestOf(madeStudy(kind, seed));
        assert.ok(plan);
        const facts = pieceFacts(plan);
        for (const { need } of beforePiece(facts, [], 1)) {
          const request = drillOfNeed(facts, need);
          assert.equal(request === null, need.need === 'pattern');
          if (!request) continue;
          asked += 1;
          if (writeDrill(drillFor(plan.brief), request).ok) played += 1;
        }
      }
    }
    assert.ok(asked > 40 && played >= 0.9 * asked, `${played} of ${asked} are played`);
  });

  it('is none for a piece that no hand plays', () => {
    assert.equal(drillOfNeed(NO_FACTS, { need: 'key', key: 'D major' }), null);
  });
});

describe('the index of a book', () => {
  it('names every shift, position, pattern and key once, with the pieces that have it', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const book = Array.from({ length: 12 }, (_, seed): readonly PieceOfBook[] => {
        const plan = bestOf(madeStudy(kind, seed));
        return plan ? [{ id: `no. ${seed}`, facts: pieceFacts(plan) }] : [];
      }).flat();
      const index = bookIndex(book);
      const shifts = index.filter(({ need }) => need.need === 'shift');
      assert.equal(
        shifts.reduce((sum, { times }) => sum + times, 0),
        book.reduce((sum, { facts }) => sum + facts.shifts.length, 0),
      );
      assert.equal(new Set(index.map(({ need }) => JSON.stringify(need))).size, index.length);
      for (const { need, pieces } of index) {
        if (need.need !== 'position') continue;
        assert.deepEqual(
          pieces,
          book.filter(({ facts }) => facts.positions.includes(need.position)).map(({ id }) => id),
        );
      }
    }
  });
});
