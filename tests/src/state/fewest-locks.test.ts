import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { after, afterEach, beforeEach, describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import { adoptAlternative } from '../../../src/state/edits/brief-actions.ts';
import { keepPlanning } from '../../../src/state/planning-actions.ts';
import { planningStore } from '../../../src/state/planning.ts';
import { newPiece } from '../../../src/state/bench/work-actions.ts';
import { undo } from '../../../src/state/bench/work-history.ts';
import { workStore } from '../../../src/state/bench/work.ts';
import { endWorkers, withNodeWorkers } from '../../support/engine-worker.ts';
import { until } from '../../support/until.ts';

withNodeWorkers();

/** A scale whose other fingerings differ in many notes. */
const SCALE: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 3, direction: 'up-down' },
  rhythm: { noteValue: '1/8', meter: '4/4' },
  tempo: 72,
};

let stop = (): void => undefined;

beforeEach(() => {
  newPiece();
  stop = keepPlanning();
});
afterEach(() => stop());
after(endWorkers);

function fingersOf(brief: Brief): readonly string[] {
  const outcome = plan(brief);
  assert.ok(outcome.ok);
  return outcome.value.best.notes.map((note) =>
    note.kind === 'note' ? note.stops.map(({ string, finger }) => `${string}${finger}`).join() : '',
  );
}

describe('another fingering that is used', () => {
  it('is held by fewer locks than notes that differ, has the same fingers, and is taken back in one step', async () => {
    workStore.setState({ brief: SCALE });
    await until(planningStore, ({ plannedBrief }) => plannedBrief === SCALE);
    const outcome = plan(SCALE, { alternatives: 6 });
    assert.ok(outcome.ok);
    const other = outcome.value.alternatives.toSorted((one, next) => next.differsAt.length - one.differsAt.length)[0];
    assert.ok(other && other.differsAt.length > 4);
    adoptAlternative(other);
    assert.equal(workStore.getState().brief.locks?.length, other.differsAt.length);
    await until(workStore, ({ brief }) => (brief.locks?.length ?? 0) < other.differsAt.length);
    const { brief } = workStore.getState();
    assert.deepEqual(
      fingersOf(brief),
      other.plan.notes.map((note) => (note.kind === 'note' ? note.stops.map(({ string, finger }) => `${string}${finger}`).join() : '')),
    );
    undo();
    assert.deepEqual(workStore.getState().brief, SCALE);
    await until(planningStore, ({ plannedBrief }) => plannedBrief === workStore.getState().brief);
  });
});
