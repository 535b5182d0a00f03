import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import { lineTextOf } from '#core/brief/lines';
import { keepInStep } from '../../../src/state/work/in-step.ts';
import { noticeNow, noticeStore } from '../../../src/state/notices.ts';
import { allSaved, saveSoon } from '../../../src/state/work/saving.ts';
import { newPiece, renamePiece, switchPiece } from '../../../src/state/work/work-actions.ts';
import { goToState, redo, undo } from '../../../src/state/work/work-history.ts';
import { type WorkState, workStore } from '../../../src/state/work/work.ts';
import { database } from '../../../src/storage/database.ts';
import { loadPiece } from '../../../src/storage/pieces.ts';
import { lineBrief } from '../../support/briefs.ts';
import { until } from '../../support/until.ts';

// The saver waits by the window's clock; a test has only the global one.
Object.assign(globalThis, { window: globalThis });

const LINE = lineBrief('viola', ['C3', 'D3', 'E3'], {}, 'C major');

beforeEach(async () => {
  await database.delete();
  await database.open();
  newPiece();
});

/** The work changes and is written. */
async function written(change: Partial<WorkState>): Promise<string> {
  workStore.setState(change);
  saveSoon();
  await allSaved();
  const { pieceId } = workStore.getState();
  assert.ok(pieceId !== null);
  return pieceId;
}

describe('the work', () => {
  it('is written as it stands, and says when it is', async () => {
    workStore.setState({ brief: LINE, lineText: lineTextOf(LINE), name: 'Monday' });
    saveSoon();
    assert.equal(workStore.getState().saving.state, 'saving');
    await allSaved();
    assert.equal(workStore.getState().saving.state, 'saved');
    const record = await loadPiece(workStore.getState().pieceId);
    assert.deepEqual([record?.document.name, record?.document.brief], ['Monday', LINE]);
  });

  it('that changes while it is written is written again', async () => {
    workStore.setState({ name: 'One' });
    saveSoon();
    const first = allSaved();
    workStore.setState({ name: 'Two' });
    saveSoon();
    await first;
    await allSaved();
    assert.equal((await loadPiece(workStore.getState().pieceId))?.document.name, 'Two');
  });

  it('that does not pass its check is kept on the bench, and the reason is said', async () => {
    const id = await written({ name: 'x'.repeat(200) });
    const { saving, name } = workStore.getState();
    assert.ok(saving.state === 'failed' && /name/.test(saving.message));
    assert.equal(name.length, 200);
    assert.equal(await database.pieces.get(id), undefined);
  });

  it('that failed to be written is tried again while its piece is on the bench, and no other piece is written for it', async (test) => {
    test.mock.timers.enable({ apis: ['setTimeout'] });
    const id = await written({ name: 'x'.repeat(200) });
    workStore.setState({ name: 'Short enough' });
    test.mock.timers.tick(5000);
    await allSaved();
    assert.equal((await database.pieces.get(id))?.document.name, 'Short enough');
    await written({ name: 'y'.repeat(200) });
    newPiece();
    test.mock.timers.tick(5000);
    await allSaved();
    assert.equal(await database.pieces.count(), 1);
  });

  it('that is not written yet is written before another piece is opened', async () => {
    const { pieceId } = workStore.getState();
    workStore.setState({ name: 'Left behind' });
    saveSoon();
    await switchPiece(null);
    assert.notEqual(workStore.getState().pieceId, pieceId);
    assert.equal((await loadPiece(pieceId))?.document.name, 'Left behind');
  });
});

describe('what was done', () => {
  it('is gone over step by step, or to any step at once', () => {
    for (const name of ['A', 'AB', 'ABC']) renamePiece(name);
    goToState(1);
    assert.equal(workStore.getState().name, 'A');
    goToState(3);
    assert.equal(workStore.getState().name, 'ABC');
    undo();
    redo();
    goToState(3);
    assert.equal(workStore.getState().name, 'ABC');
    goToState(0);
    assert.equal(workStore.getState().name, '');
  });
});

describe('a piece that another tab writes into', () => {
  let stop = (): void => undefined;
  afterEach(() => stop());

  it('is taken over where nothing was changed here', async () => {
    const id = await written({ name: 'Here' });
    stop = keepInStep();
    const record = await database.pieces.get(id);
    assert.ok(record);
    await database.pieces.put({ ...record, document: { ...record.document, name: 'There' }, updatedAt: record.updatedAt + 1000 });
    const { name } = await until(workStore, (work) => work.name !== 'Here');
    assert.equal(name, 'There');
    assert.match(noticeNow() ?? '', /changed in another tab/);
  });

  it('stays as it is here where something was, and that is said', async () => {
    const id = await written({ name: 'Here' });
    stop = keepInStep();
    const record = await database.pieces.get(id);
    assert.ok(record);
    workStore.setState({ name: 'Here, changed', saving: { state: 'saving' } });
    await database.pieces.put({ ...record, document: { ...record.document, name: 'There' }, updatedAt: record.updatedAt + 1000 });
    await until(noticeStore, ({ notice }) => notice !== null);
    assert.equal(workStore.getState().name, 'Here, changed');
    assert.match(noticeNow() ?? '', /being changed in another tab, too/);
  });

  it('is not taken for another’s when it was written from here', async () => {
    await written({ name: 'Here' });
    stop = keepInStep();
    await written({ name: 'Here again' });
    assert.deepEqual([workStore.getState().name, noticeNow()], ['Here again', null]);
  });
});
