import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it, mock } from 'node:test';
import { inOrder, LAST_MOMENT, orderOf } from '#core/practice/log';
import { dayLogged, newEntry } from '../../../src/records/log-pages.ts';
import { nextEntry, noteOrder } from '../../../src/state/keeping/entry-order.ts';
import { kept, storageOf } from '../../support/kept-beside.ts';

const NOON = Date.UTC(2026, 2, 9, 12);
const HOUR_MS = 3_600_000;

beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, { localStorage: storageOf(kept) });
  mock.timers.enable({ apis: ['Date'], now: NOON });
});

afterEach(() => {
  mock.timers.reset();
  Object.assign(globalThis, { localStorage: undefined });
});

describe('an entry of this moment', () => {
  it('comes after the one before it, whatever the clock does between them, and has the time of the clock', () => {
    const said = ['first', 'second', 'third'].map((text, turn) => {
      mock.timers.setTime(NOON - turn * HOUR_MS);
      return nextEntry({ kind: 'remark', text });
    });
    assert.deepEqual(inOrder(said.toReversed()), said);
    assert.deepEqual(
      said.map(({ at }) => at),
      [NOON, NOON - HOUR_MS, NOON - 2 * HOUR_MS],
    );
  });

  it('comes after what another tab wrote, and after what was read', () => {
    kept.set('dove-path/last-entry', String(NOON + HOUR_MS));
    assert.equal(orderOf(nextEntry({ kind: 'remark', text: 'after the other tab' })), NOON + HOUR_MS + 1);
    noteOrder([{ id: 'read', at: NOON + 2 * HOUR_MS, kind: 'remark', text: 'from a file' }]);
    assert.equal(orderOf(nextEntry({ kind: 'remark', text: 'after what was read' })), NOON + 2 * HOUR_MS + 1);
  });

  it('can be written whatever a file or the place beside the database says of the last one', () => {
    kept.set('dove-path/last-entry', '5.5');
    assert.equal(Number.isInteger(orderOf(nextEntry({ kind: 'remark', text: 'after half a moment' }))), true);
    assert.equal(newEntry({ kind: 'remark', text: 'after the last moment' }, NOON, LAST_MOMENT).order, LAST_MOMENT);
  });

  it('needs no place beside the database: then it comes after what this page knows', () => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      get: () => {
        throw new Error('shut');
      },
    });
    const first = nextEntry({ kind: 'remark', text: 'first' });
    mock.timers.setTime(NOON - HOUR_MS);
    assert.ok(orderOf(nextEntry({ kind: 'remark', text: 'second' })) > orderOf(first));
    Object.defineProperty(globalThis, 'localStorage', { configurable: true, writable: true, value: undefined });
  });
});

describe('the day of an entry', () => {
  it('is the one under which it was logged, wherever it is looked at', () => {
    const entry = { id: 'late', at: Date.UTC(2026, 2, 9, 22, 30), kind: 'remark', text: 'late' } as const;
    const dayOf = dayLogged([{ day: '2026-03-10', entries: [entry] }]);
    assert.equal(dayOf(entry), '2026-03-10');
  });
});
