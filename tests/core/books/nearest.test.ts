import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { nearestMeasures, passageOf, type PieceOfBook, type SoughtShift } from '#core/books';
import type { Brief } from '#core/brief';
import { bestOf } from '#core/drill';
import { type ClassedShift, pieceFacts } from '#core/drill/finder';
import { keyOfClass } from '#core/drill/shifts';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { planBest } from '../../support/briefs.ts';
import { madeStudy } from '../../support/plans/made-studies.ts';

/** The number of lines that make up a book, and of those in which shifts are looked for. */
const [IN_BOOK, SOUGHT_IN] = [20, 6];

function bookOf(plans: readonly Plan[]): readonly PieceOfBook[] {
  return plans.map((plan, order) => ({ id: `no. ${order}`, facts: pieceFacts(plan) }));
}

function plansFor(kind: InstrumentKind, count: number): readonly Plan[] {
  return Array.from({ length: count }, (_, seed) => bestOf(madeStudy(kind, seed)) ?? []).flat();
}

function soughtOf({ shiftClass, left, written }: ClassedShift): SoughtShift {
  return { shiftClass, left, written };
}

function sounds(text: string): number {
  const pitch = parsePitch(text);
  assert.ok(pitch.ok);
  return semitonesOf(pitch.value);
}

function scale(tonic: string, more: Partial<Brief> = {}): Brief {
  return {
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic, octaves: 1, direction: 'up' },
    ...more,
  };
}

/** Gives a brief without its limits: a measure that is moved is not bound to the strings it had. */
function anywhere({ limits: _, ...brief }: Brief): Brief {
  return brief;
}

for (const kind of INSTRUMENT_KINDS) {
  describe(`the nearest measure of a book for the ${kind}`, () => {
    const plans = plansFor(kind, IN_BOOK + SOUGHT_IN);
    const [others, inBook] = [plans.slice(0, SOUGHT_IN), plans.slice(SOUGHT_IN)];
    const book = bookOf(inBook);

    it('is the one with the very shift, as it stands, where the book has it', () => {
      let looked = 0;
      for (const { id, facts } of book) {
        for (const shift of facts.shifts) {
          const [nearest] = nearestMeasures(soughtOf(shift), book, 1);
          assert.ok(nearest, `${id}: nothing near ${keyOfClass(shift.shiftClass)}`);
          assert.deepEqual([nearest.moved.semitones, nearest.missing, nearest.unlike], [0, [], []]);
          assert.equal(keyOfClass(nearest.shift.shiftClass), keyOfClass(shift.shiftClass));
          looked += 1;
        }
      }
      assert.ok(looked > 0);
    });

    it('has the notes that it is said to have, and is played as it is said', () => {
      let [played, told] = [0, 0];
      const sought = bookOf(others).flatMap(({ facts }) => facts.shifts.map(soughtOf));
      for (const shift of sought) {
        for (const near of nearestMeasures(shift, book, 3)) {
          told += 1;
          const from = inBook[book.findIndex(({ id }) => id === near.piece)];
          assert.ok(from && shift.left !== null && shift.written !== null);
          const moved = [near.shift.left, near.shift.written].map((note) => sounds(note) + near.moved.semitones);
          const isMissing = [shift.left, shift.written].map((note, end) => sounds(note) !== moved[end]);
          assert.deepEqual(
            near.missing,
            [shift.left, shift.written].filter((_, end) => isMissing[end]),
          );
          const passage = passageOf(from.brief, { ...near.shift, moved: near.moved, shiftClass: near.played });
          if (!passage?.isPlayed) continue;
          played += 1;
          const plan = bestOf(passage.brief);
          assert.ok(plan, `${near.piece}: said to be played`);
          const there = pieceFacts(plan).shifts.find(({ to }) => to === passage.arrival);
          if (!there) continue;
          assert.deepEqual([there.shiftClass.fromFinger, there.shiftClass.toFinger], [near.played.fromFinger, near.played.toFinger]);
          assert.deepEqual([sounds(there.left), sounds(there.written)], moved);
        }
      }
      assert.ok(told > 0 && played > told / 2, `${played} of ${told} are played`);
    });
  });
}

describe('a shift of another instrument, or of another hand', () => {
  const [violin] = bookOf([planBest(scale('A4', { limits: { strings: ['A4'] } }))]);

  it('is not near one of the cello', () => {
    const [cello] = plansFor('cello', 4).flatMap((plan) => pieceFacts(plan).shifts);
    assert.ok(cello && violin);
    assert.deepEqual(nearestMeasures(soughtOf(cello), [violin], 3), []);
  });
});

describe('a shift that lies on another string in the book', () => {
  const onA = planBest(scale('A4', { limits: { strings: ['A4'] } }));
  const onD = planBest(scale('D4', { limits: { strings: ['D4'] } }));

  it('is found a fifth away, with all its notes', () => {
    const [shift] = pieceFacts(onA).shifts;
    assert.ok(shift);
    const [nearest] = nearestMeasures(soughtOf(shift), bookOf([onD]), 1);
    assert.ok(nearest);
    assert.deepEqual([nearest.moved, nearest.missing, nearest.unlike], [{ steps: 4, semitones: 7 }, [], []]);
    const passage = passageOf(anywhere(onD.brief), { ...nearest.shift, moved: nearest.moved, shiftClass: nearest.played });
    assert.ok(passage?.isPlayed);
    assert.equal(passage.brief.material.kind === 'line' && passage.brief.material.key, 'A major');
    const moved = pieceFacts(planBest(passage.brief)).shifts.find(({ to }) => to === passage.arrival);
    assert.equal(moved && keyOfClass(moved.shiftClass), keyOfClass(shift.shiftClass));
  });

  it('is found by its kind alone, too, where no notes are sought', () => {
    const [shift] = pieceFacts(onA).shifts;
    assert.ok(shift);
    const [nearest] = nearestMeasures({ shiftClass: shift.shiftClass, left: null, written: null }, bookOf([onD]), 1);
    assert.deepEqual([nearest?.moved.semitones, nearest?.missing, nearest?.unlike], [7, [], []]);
  });

  it('leaves out, and names, notes that lie below the lowest string', () => {
    const wide = planBest({
      instrument: { kind: 'violin' },
      material: {
        kind: 'line',
        key: 'D major',
        notes: ['A3', 'D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5'].map((pitch) => ({ pitches: [pitch], duration: '1/8' })),
      },
      limits: { strings: ['G3', 'D4'] },
    });
    const [shift] = pieceFacts(wide).shifts;
    assert.ok(shift);
    const moved = { steps: -4, semitones: -7 };
    const passage = passageOf(anywhere(wide.brief), { ...shift, moved, shiftClass: shift.shiftClass });
    assert.deepEqual(passage?.missing, ['D3']);
    assert.ok(passage.brief.material.kind === 'line');
    assert.deepEqual(passage.brief.material.notes[0], { rest: true, duration: '1/8' });
  });
});
