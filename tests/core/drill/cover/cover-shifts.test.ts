import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { drillFor } from '#core/drill';
import { coverShifts, type PieceToCover, shiftNeeds, type ShiftCover } from '#core/drill/cover';
import { writeDrill } from '#core/drill/families';
import { classOf, keyOfClass } from '#core/drill/shifts';
import { finish } from '#core/result';
import { planBest } from '../../../support/briefs.ts';

const never = (): boolean => false;

function scale(tonic: string, octaves: number, more: Partial<Brief> = {}): Brief {
  return {
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' } as never,
    ...more,
  };
}

function pieces(...briefs: readonly Brief[]): readonly PieceToCover[] {
  return briefs.map((brief, order) => ({ id: `piece ${order}`, brief, missed: [] }));
}

function cover(asked: readonly PieceToCover[], kept: readonly { readonly id: string; readonly brief: Brief }[] = []): ShiftCover {
  return finish(coverShifts(drillFor(scale('G3', 1)), { pieces: asked, kept }, never));
}

describe('the shifts of all pieces', () => {
  it('are counted by their kind, over all pieces, the most missed first', () => {
    const plans = [planBest(scale('G3', 3)), planBest(scale('A3', 3))];
    const [first, second] = plans;
    assert.ok(first && second);
    const last = first.shifts.at(-1);
    const needs = shiftNeeds([
      { id: 'one', plan: first, missed: new Map([[last?.to ?? 0, 3]]) },
      { id: 'two', plan: second, missed: new Map() },
    ]);
    assert.equal(
      needs.reduce((sum, { places }) => sum + places.length, 0),
      first.shifts.length + second.shifts.length,
    );
    assert.equal(needs[0]?.missed, 3);
    assert.ok(needs[0]?.places.some(({ note, piece }) => piece === 'one' && note === last?.to));
  });
});

describe('drills for all pieces', () => {
  it('have the very shifts that they are said to cover, and are the fewest', () => {
    const found = cover(pieces(scale('G3', 3), scale('A3', 3), scale('C4', 2)));
    assert.ok(found.covered > 0 && found.covered <= found.shifts);
    assert.equal(found.leastDrills, found.drills.length);
    for (const { drill, needs } of found.drills) {
      assert.equal(drill.kind, 'made');
      const written = drill.kind === 'made' ? writeDrill(drillFor(scale('G3', 1)), drill.request) : null;
      assert.ok(written?.ok);
      const plan = planBest(written.value.brief);
      const has = new Set(plan.shifts.flatMap((shift) => classOf(plan, shift) ?? []).map(keyOfClass));
      for (const need of needs) assert.ok(has.has(keyOfClass(found.needs[need]?.shiftClass ?? assert.fail())));
    }
    const adds = found.drills.map(({ adds }) => adds);
    assert.equal(
      adds.reduce((sum, own) => sum + own, 0),
      found.covered,
    );
  });

  it('are the teacher’s own where they cover as much', () => {
    const found = cover(pieces(scale('G3', 3)), [
      { id: 'kept', brief: scale('G3', 3, { material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' } }) },
    ]);
    assert.deepEqual(
      found.drills.map(({ drill }) => drill),
      [{ kind: 'kept', piece: 'kept' }],
    );
    assert.equal(found.covered, found.shifts);
  });

  it('are none where nothing shifts', () => {
    const found = cover(pieces(scale('D4', 1, { limits: { positions: ['1'] } })));
    assert.deepEqual([found.needs, found.drills, found.shifts], [[], [], 0]);
  });
});
