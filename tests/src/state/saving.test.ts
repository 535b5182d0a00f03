import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readySheet } from '#core/paper/choices';
import { after, afterEach, beforeEach, describe, it } from 'node:test';
import { liveQuery } from 'dexie';
import { lineTextOf } from '#core/brief/lines';
import { withMark } from '#core/brief/locks';
import type { Piece } from '#core/documents';
import { PLAIN_VARIANT } from '#core/drill/families';
import { draft, keepDraft } from '../../../src/state/bench/drafts.ts';
import { keepInStep } from '../../../src/state/bench/in-step.ts';
import { noticeNow } from '../../../src/state/notices.ts';
import { keepSaving, saveSoon } from '../../../src/state/bench/saving.ts';
import { allKept } from '../../../src/state/keeping/keep.ts';
import { noteWaiting, waitingStore } from '../../../src/state/keeping/waiting.ts';
import { setOnBench } from '../../../src/state/bench/on-bench.ts';
import { newPiece, renamePiece, switchPiece } from '../../../src/state/bench/work-actions.ts';
import { forgetHistory, goToState, redo, undo } from '../../../src/state/bench/work-history.ts';
import { type WorkState, workStore } from '../../../src/state/bench/work.ts';
import { database } from '../../../src/storage/database/database.ts';
import type { PieceRecord } from '../../../src/records/record.ts';
import { joinValues, joinPiece } from '../../../src/storage/joining/joined.ts';
import { loadPiece } from '../../../src/storage/reading/piece-list.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newPieceRecord } from '../../../src/records/new-records.ts';
import { writeUnwritten } from '../../../src/storage/writing/write-unwritten.ts';
import { tooClose, versionNumbered, versionsOf } from '../../../src/storage/writing/versions.ts';
import { lineBrief } from '../../support/briefs.ts';
import { storageOf } from '../../support/kept-beside.ts';
import { until } from '../../support/until.ts';

const LINE = lineBrief('viola', ['C3', 'D3', 'E3'], {}, 'C major');

beforeEach(async () => {
  // A change that could not be written in the test before is not tried again.
  waitingStore.setState({ waiting: new Map() });
  await database.delete();
  await database.open();
  newPiece();
});

/** Lists the changes that are not written yet. */
function waitingNow() {
  return [...waitingStore.getState().waiting.values()];
}

/** Changes the work and waits until it is written. */
async function write(change: Partial<WorkState>): Promise<string> {
  workStore.setState(change);
  saveSoon();
  await allKept();
  const { pieceId } = workStore.getState();
  assert.ok(pieceId !== null);
  return pieceId;
}

after(() => waitingStore.setState({ waiting: new Map() }));

describe('the work', () => {
  it('is written as it stands, and says when it is', async () => {
    workStore.setState({ brief: LINE, lineText: lineTextOf(LINE), name: 'Monday' });
    saveSoon();
    assert.equal(waitingNow().length, 1);
    await allKept();
    assert.deepEqual(waitingNow(), []);
    const record = await loadPiece(workStore.getState().pieceId);
    assert.deepEqual([record?.document.name, record?.document.brief], ['Monday', LINE]);
  });

  it('that changes while it is written is written again', async () => {
    workStore.setState({ name: 'One' });
    saveSoon();
    const first = allKept();
    workStore.setState({ name: 'Two' });
    saveSoon();
    await first;
    await allKept();
    assert.equal((await loadPiece(workStore.getState().pieceId))?.document.name, 'Two');
  });

  it('that does not pass its check is kept on the bench, and the reason is said', async () => {
    const id = await write({ name: 'x'.repeat(200) });
    const { name } = workStore.getState();
    assert.match(waitingNow()[0]?.failed ?? '', /name/);
    assert.equal(name.length, 200);
    assert.equal(await database.pieces.get(id), undefined);
  });

  it('that failed to be written is tried again while its piece is on the bench, and no other piece is written for it', async (test) => {
    test.mock.timers.enable({ apis: ['setTimeout'] });
    const id = await write({ name: 'x'.repeat(200) });
    workStore.setState({ name: 'Short enough' });
    saveSoon();
    test.mock.timers.tick(5000);
    await allKept();
    assert.equal((await database.pieces.get(id))?.document.name, 'Short enough');
    await write({ name: 'y'.repeat(200) });
    newPiece();
    test.mock.timers.tick(5000);
    await allKept();
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

describe('a piece whose last change the database could not take', () => {
  it('is as it was changed when it is opened again, in this page or another, and is written when there is room', async () => {
    const kept = new Map<string, string>();
    Object.assign(globalThis, { localStorage: storageOf(kept) });
    const id = await write({ name: 'Before' });
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
    await write({ name: 'On a full disk' });
    newPiece();
    await writeUnwritten();
    await switchPiece(id);
    await allKept();
    const { name } = workStore.getState();
    assert.deepEqual([name, kept.size], ['On a full disk', 1]);
    assert.match(waitingNow()[0]?.failed ?? '', /full/);
    IDBObjectStore.prototype.put = put;
    await writeUnwritten();
    assert.deepEqual([(await database.pieces.get(id))?.document.name, kept.size], ['On a full disk', 0]);
    Object.assign(globalThis, { localStorage: undefined });
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
  let stops: readonly (() => void)[] = [];
  afterEach(() => {
    for (const stop of stops) stop();
  });

  /** Opens a piece that is saved and watched, into which another tab may write, as the bench does. */
  async function watchRecord(): Promise<PieceRecord> {
    stops = [keepSaving(), keepInStep()];
    const record = await database.pieces.get(await write({ name: 'Here', brief: LINE, lineText: lineTextOf(LINE) }));
    assert.ok(record);
    forgetHistory();
    return record;
  }

  /** Writes as another tab does. */
  const writeThere = async (record: PieceRecord, change: Partial<Piece>): Promise<void> =>
    void (await database.pieces.put({
      ...record,
      document: { ...record.document, ...change },
      updatedAt: record.updatedAt + 1000,
      revision: record.revision + 1,
      writtenBy: 'another tab',
    }));

  it('is taken over where nothing was changed here, and undo goes back', async () => {
    await writeThere(await watchRecord(), { name: 'There' });
    const { name } = await until(workStore, (work) => work.name !== 'Here');
    assert.equal(name, 'There');
    assert.match(noticeNow() ?? '', /changed in another tab/);
    undo();
    assert.equal(workStore.getState().name, 'Here');
  });

  it('has both changes where each tab changed something else', async () => {
    const record = await watchRecord();
    await writeThere({ ...record }, { name: 'There', tags: ['june'] });
    workStore.setState({ brief: { ...LINE, tempo: 80 }, base: record });
    saveSoon();
    await allKept();
    const stored = await database.pieces.get(record.id);
    assert.deepEqual([stored?.document.name, stored?.document.tags, stored?.document.brief.tempo], ['There', ['june'], 80]);
    const { brief } = await until(workStore, ({ name }) => name === 'There');
    assert.equal(brief.tempo, 80);
  });

  it('is taken over where the other tab wrote just after this one, and that came before this one knew that it was written', async () => {
    const record = await watchRecord();
    const waiting = { name: 'piece' as const, record, change: 1, since: 0, base: record, keptAhead: true, failed: null };
    noteWaiting(record.id, waiting);
    const arrival = new Promise<void>((resolve) => {
      const watching = liveQuery(() => database.pieces.get(record.id)).subscribe((read) => {
        if (read?.document.name !== 'There') return;
        watching.unsubscribe();
        resolve();
      });
    });
    await writeThere({ ...record, revision: record.revision + 1 }, { name: 'There' });
    await arrival;
    assert.equal(workStore.getState().name, 'Here');
    noteWaiting(record.id, null);
    workStore.setState({ base: { ...record, revision: record.revision + 1 } });
    assert.equal(workStore.getState().name, 'There');
  });

  it('still knows what it was written for, when it is a drill, after an edit on the bench', async () => {
    const asks = { family: 'one-string' as const, strings: ['C3'] };
    const drill = { request: { key: 'C major', asks, variant: PLAIN_VARIANT }, piece: 'Etude', note: 3 };
    const inBook = { book: 'book-1', number: '3b', page: 12 };
    const sheet = readySheet('spare');
    const record = newPieceRecord(pieceOf('Along one string', LINE, lineTextOf(LINE), { tags: ['drill'], drill, inBook, sheet }));
    setOnBench(record);
    workStore.setState({ name: 'Along the C string' });
    saveSoon();
    await allKept();
    const stored = await database.pieces.get(record.id);
    const { name, tags, drill: kept, inBook: there, sheet: chosen } = stored?.document ?? {};
    assert.deepEqual([name, tags, kept, there, chosen], ['Along the C string', ['drill'], drill, inBook, sheet]);
  });

  it('is as it was changed here last where both changed the same, and the other is a version', async () => {
    const record = await watchRecord();
    await writeThere(record, { name: 'There' });
    await write({ name: 'Here again', base: record });
    assert.equal((await database.pieces.get(record.id))?.document.name, 'Here again');
    const [version] = await versionsOf('piece', record.id);
    assert.ok(version?.fromElsewhere);
    assert.equal((await versionNumbered('piece', version.number))?.document.name, 'There');
  });

  it('keeps the notes of one tab with their locks', () => {
    const locks = [{ note: 2, finger: '3' as const }];
    const moved = { ...LINE, material: { ...LINE.material, key: 'G major' } };
    const [here, there] = [{ brief: moved }, { brief: { ...LINE, locks, tempo: 60 } }];
    assert.deepEqual(joinPiece({ bases: [{ brief: LINE }], here, there, counts: 'here' }), { brief: { ...moved, tempo: 60 } });
    assert.deepEqual(joinPiece({ bases: [{ brief: LINE }], here: there, there: here, counts: 'there' }), {
      brief: { ...moved, tempo: 60 },
    });
  });

  it('has what was changed here and put back again, whether or not the database had got the change', () => {
    const [before, sent] = [{ octaves: 1 }, { octaves: 2 }];
    for (const there of [
      { ...before, bowing: 4 },
      { ...sent, bowing: 4 },
    ])
      assert.deepEqual(joinValues({ bases: [before, sent], here: before, there, counts: 'here' }), { octaves: 1, bowing: 4 });
  });

  it('keeps going back to what was there before, when it is written while another tab writes', async () => {
    const record = await watchRecord();
    await writeThere(record, { tags: ['june'] });
    workStore.setState({ name: 'A moment', base: record });
    saveSoon();
    const first = allKept();
    workStore.setState({ name: 'Here' });
    saveSoon();
    await first;
    await allKept();
    const stored = await database.pieces.get(record.id);
    assert.deepEqual([stored?.document.name, stored?.document.tags], ['Here', ['june']]);
  });

  it('is not taken for another’s when it was written from here', async () => {
    await watchRecord();
    await write({ name: 'Here again' });
    assert.deepEqual([workStore.getState().name, noticeNow()], ['Here again', null]);
  });

  it('that is gone is said to be, and comes back with the next change', async () => {
    const record = await watchRecord();
    await database.pieces.clear();
    await until(workStore, (work) => work.gone);
    await write({ name: 'Still here' });
    assert.equal((await database.pieces.get(record.id))?.document.name, 'Still here');
  });
});

describe('what is typed in a field that is not left yet', () => {
  it('is saved with the piece, changes nothing else, and goes when it is given up', async () => {
    workStore.setState({ brief: LINE, lineText: lineTextOf(LINE) });
    const stop = keepSaving();
    draft('Cue', (work) => ({ ...work, brief: withMark(work.brief, 1, { cue: 'sing' }) }));
    await allKept();
    const { pieceId } = workStore.getState();
    assert.deepEqual((await loadPiece(pieceId))?.document.brief.marks, [{ note: 1, cue: 'sing' }]);
    assert.equal(workStore.getState().brief, LINE);
    draft('Remark', (work) => ({ ...work, brief: withMark(work.brief, 2, { remark: 'softly' }) }));
    keepDraft('Remark');
    assert.deepEqual(workStore.getState().brief.marks, [{ note: 2, remark: 'softly' }]);
    undo();
    draft('Cue', null);
    await allKept();
    assert.equal((await loadPiece(pieceId))?.document.brief.marks, undefined);
    stop();
  });
});

describe('versions', () => {
  const MINUTE = 60_000;
  const version = (number: number, minutesAgo: number, fromElsewhere = false) => ({
    number,
    of: 'piece/one',
    at: -minutesAgo * MINUTE,
    packed: new Uint8Array(),
    fromElsewhere,
  });

  it('stand the farther apart the older they are; what another tab had stays for a month', () => {
    const all = [version(1, 3000), version(2, 2990), version(3, 70), version(4, 65, true), version(5, 66), version(6, 6), version(7, 5)];
    assert.deepEqual(tooClose(all, 0), [6, 3, 1]);
  });
});
