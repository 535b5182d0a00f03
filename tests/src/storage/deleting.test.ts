import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import type { LogEntry } from '#core/practice/log';
import { DEMO } from '../../../src/demo/documents.ts';
import { newSession, newWeek } from '../../../src/records/new-practice-records.ts';
import { newInstrument, newPieceRecord, newPlayer, NOTHING_USED } from '../../../src/records/new-records.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newEntry, pageOf } from '../../../src/records/log-pages.ts';
import type { PieceRecord, PlayerRecord } from '../../../src/records/record.ts';
import { instrumentDocument, playerDocument } from '../../../src/records/studio.ts';
import { deleteOfNobody, findOfNobody, makePlayerAgain } from '../../../src/state/deleting/belongs-to-nobody.ts';
import { countWithPlayer } from '../../../src/state/deleting/with-player.ts';
import { keep, remove } from '../../../src/state/keeping/keep.ts';
import { changedInDemo, clearDemo, restoreDemo } from '../../../src/state/of-demo/change-demo.ts';
import { seedPracticeOnce } from '../../../src/state/of-demo/demo-practice.ts';
import { seedDemoOnce } from '../../../src/state/of-demo/demo.ts';
import { database } from '../../../src/storage/database/database.ts';
import { bringBackDeleted, deleteForGood, forgetOld, listDeleted } from '../../../src/storage/deleting/deleted-list.ts';
import { deleteRecord } from '../../../src/storage/deleting/delete-record.ts';
import { recordsWhere } from '../../../src/storage/deleting/of-player.ts';
import { mergePages } from '../../../src/storage/writing/merge-pages.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';
import { versionsOf } from '../../../src/storage/writing/versions.ts';

const BRIEF: Brief = {
  instrument: { kind: 'violin', size: '3/4' },
  player: { name: 'Wren' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' },
};

const NO_ITEMS = { day: '2026-03-09', endCheck: '', items: [] };

beforeEach(async () => {
  await database.delete();
  await database.open();
});

/** Makes a player with an instrument, two pieces, a session, a week and two days of a log. */
async function studioOfWren(): Promise<{ readonly wren: PlayerRecord; readonly piece: PieceRecord }> {
  const violin = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin', size: '3/4' }));
  const wren = newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: violin.id, schoolId: null });
  const piece = newPieceRecord(pieceOf('Scale', BRIEF, ''), false, { instrumentId: violin.id, playerId: wren.id, schoolId: null });
  await saveRecord('instrument', violin);
  await saveRecord('player', wren);
  await saveRecord('piece', piece);
  await saveRecord('piece', newPieceRecord(pieceOf('Other', BRIEF, ''), false, { ...NOTHING_USED, playerId: wren.id }));
  await saveRecord('session', newSession({ name: 'Calm', ...NO_ITEMS }, wren.id));
  const whose = { playerId: wren.id, name: 'Wren' };
  await saveRecord('week', newWeek(whose));
  for (const day of ['2026-03-09', '2026-03-10']) await saveRecord('log', pageOf(whose, day, [remark(day)]));
  return { wren, piece };
}

function remark(text: string): LogEntry {
  return newEntry({ kind: 'remark', text }, Date.UTC(2026, 2, 9, 12));
}

/** Gives everything that is kept, but for how often and when it was written. */
async function everything(): Promise<readonly unknown[]> {
  const all = await recordsWhere(() => true);
  return all
    .map(({ kind, record: { revision: _times, writtenBy: _by, updatedAt: _at, ...record } }) => ({ kind, ...record }))
    .toSorted((one, other) => `${one.kind}${one.id}`.localeCompare(`${other.kind}${other.id}`));
}

describe('deleting a player', () => {
  it('takes the practice along, or the pieces too, and all of it comes back as it was, pieces tied again', async () => {
    const { wren } = await studioOfWren();
    const before = await everything();
    assert.deepEqual(await countWithPlayer(wren.id), { days: 2, sessions: 1, weeks: 1, stages: 0, pieces: 2 });
    for (const [theirPieces, pieces] of [
      ['kept', 2],
      ['deleted', 0],
    ] as const) {
      const outcome = await deleteRecord('player', wren.id, theirPieces);
      assert.ok(outcome.ok);
      const left = (await recordsWhere(() => true)).map(({ kind }) => kind);
      assert.deepEqual(left, [...Array.from({ length: pieces }, () => 'piece'), 'instrument']);
      assert.ok((await database.pieces.toArray()).every(({ playerId }) => playerId === null));
      await outcome.bringBack();
      assert.deepEqual(await everything(), before);
    }
  });

  it('can be taken back after the page was loaded again, and until it is deleted for good', async () => {
    const { wren } = await studioOfWren();
    const before = await everything();
    await deleteRecord('player', wren.id, 'deleted');
    const [deletion] = await listDeleted();
    assert.deepEqual([deletion?.name, deletion?.kind, deletion?.count], ['Wren', 'player', 7]);
    assert.equal(await bringBackDeleted(deletion?.number ?? 0), true);
    assert.deepEqual([await everything(), await listDeleted()], [before, []]);
    assert.equal(await bringBackDeleted(deletion?.number ?? 0), false);
  });

  it('leaves alone what was tied to somebody else meanwhile', async () => {
    const { wren, piece } = await studioOfWren();
    const outcome = await deleteRecord('player', wren.id);
    assert.ok(outcome.ok);
    await database.pieces.update(piece.id, { playerId: 'robin' });
    await outcome.bringBack();
    assert.equal((await database.pieces.get(piece.id))?.playerId, 'robin');
  });

  it('needs no room where the disk is full', async () => {
    const { wren } = await studioOfWren();
    const add = database.deleted.hook('creating').subscribe;
    const refuse = (): never => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
    add(refuse);
    const outcome = await deleteRecord('player', wren.id);
    database.deleted.hook('creating').unsubscribe(refuse);
    assert.ok(outcome.ok);
    assert.deepEqual([await database.players.count(), (await listDeleted()).length], [0, 0]);
    await outcome.bringBack();
    assert.equal(await database.players.count(), 1);
  });
});

describe('a deleted piece', () => {
  it('comes back with its earlier versions, and with a change made just before', async () => {
    const { piece } = await studioOfWren();
    const stored = await database.pieces.get(piece.id);
    assert.ok(stored);
    await saveRecord('piece', { ...stored, document: { ...stored.document, name: 'Scale, changed' } }, stored);
    const changed = await database.pieces.get(piece.id);
    assert.ok(changed);
    void keep('piece', { ...changed, document: { ...changed.document, name: 'Changed again' } }, changed);
    const outcome = await remove('piece', piece.id);
    assert.ok(outcome.ok);
    assert.equal(await database.pieces.get(piece.id), undefined);
    await outcome.bringBack();
    assert.equal((await database.pieces.get(piece.id))?.document.name, 'Changed again');
    assert.ok((await versionsOf('piece', piece.id)).length > 0);
  });

  it('that another tab has made again stays, as an earlier version of the one that comes back', async () => {
    const { piece } = await studioOfWren();
    const outcome = await deleteRecord('piece', piece.id);
    assert.ok(outcome.ok);
    await saveRecord('piece', { ...piece, document: { ...piece.document, name: 'Made again' } });
    await outcome.bringBack();
    assert.equal((await database.pieces.get(piece.id))?.document.name, 'Scale');
    assert.equal((await versionsOf('piece', piece.id)).length, 1);
  });

  it('goes for good after a month, with its versions', async () => {
    const { piece } = await studioOfWren();
    const stored = await database.pieces.get(piece.id);
    assert.ok(stored);
    await saveRecord('piece', { ...stored, document: { ...stored.document, name: 'Changed' } }, stored);
    await deleteRecord('piece', piece.id);
    await forgetOld(Date.now() + 29 * 24 * 60 * 60 * 1000);
    assert.equal((await listDeleted()).length, 1);
    await forgetOld(Date.now() + 31 * 24 * 60 * 60 * 1000);
    assert.deepEqual([await database.deleted.count(), await database.versions.count()], [0, 0]);
  });

  it('whose copy has a part that does not read comes back without that part, and the copy stays', async () => {
    const { wren } = await studioOfWren();
    await database.table('sessions').put({ id: 'odd', updatedAt: 1, revision: 0, playerId: wren.id, document: { name: 7 } });
    await deleteRecord('player', wren.id);
    const [deletion] = await listDeleted();
    assert.equal(await bringBackDeleted(deletion?.number ?? 0), true);
    assert.deepEqual([await database.players.count(), await database.sessions.count(), (await listDeleted()).length], [1, 1, 1]);
    await deleteForGood(deletion?.number ?? 0);
    assert.deepEqual(await listDeleted(), []);
  });
});

describe('what belongs to nobody', () => {
  it('is found, by player; the player is made again, or it is deleted with undo', async () => {
    const { wren } = await studioOfWren();
    await database.players.delete(wren.id);
    const [found, ...others] = await findOfNobody();
    assert.deepEqual(others, []);
    assert.ok(found);
    assert.deepEqual(found, { playerId: wren.id, name: 'Wren', days: 2, sessions: 1, weeks: 1, stages: 0, pieces: 0 });
    const bringBack = await deleteOfNobody(found);
    assert.deepEqual([await findOfNobody(), await database.logs.count()], [[], 0]);
    await bringBack();
    await makePlayerAgain(found);
    assert.deepEqual([await findOfNobody(), (await database.players.get(wren.id))?.document.name], [[], 'Wren']);
  });

  it('is not the log that nobody of the studio has', async () => {
    await saveRecord('log', pageOf({ playerId: null, name: '' }, '2026-03-09', [remark('one')]));
    assert.deepEqual(await findOfNobody(), []);
  });
});

describe('the demo', () => {
  const fetched = globalThis.fetch;
  beforeEach(async () => {
    globalThis.fetch = async () => Response.json(DEMO);
    await seedDemoOnce();
    await seedPracticeOnce();
  });
  afterEach(() => {
    globalThis.fetch = fetched;
  });

  it('tells what of the teacher’s would go with it', async () => {
    assert.deepEqual(await changedInDemo(), { changed: 0, made: 0, logged: 0 });
    const player = await anyPlayer();
    await saveRecord('player', { ...player, document: { ...player.document, name: 'Changed' } }, player);
    await saveRecord('session', newSession({ name: 'Own', ...NO_ITEMS }, player.id));
    await mergePages({ playerId: player.id, name: 'Changed' }, [
      pageOf({ playerId: null, name: '' }, await anyDay(), [remark('own')]).document,
    ]);
    const { made, logged, changed } = await changedInDemo();
    assert.deepEqual([made, logged], [1, 1]);
    assert.ok(changed >= 1);
  });

  it('is restored under the same ids, and a remark stays with its player', async () => {
    const player = await anyPlayer();
    const ids = async (): Promise<readonly string[]> =>
      (await recordsWhere(({ demo }) => demo)).filter(({ kind }) => kind !== 'log').map(({ record }) => record.id);
    const before = await ids();
    const own = remark('A remark of the teacher');
    await mergePages({ playerId: player.id, name: 'x' }, [pageOf({ playerId: null, name: '' }, await anyDay(), [own]).document]);
    await restoreDemo();
    assert.deepEqual(await ids(), before);
    const pages = await database.logs.filter(({ playerId }) => playerId === player.id).toArray();
    assert.equal(pages.flatMap(({ document }) => document.entries).filter(({ id }) => id === own.id).length, 1);
  });

  it('comes back after the page was loaded again, with everything that was made for its players', async () => {
    const player = await anyPlayer();
    await saveRecord('session', newSession({ name: 'Own', ...NO_ITEMS }, player.id));
    const before = await everything();
    await clearDemo();
    assert.deepEqual([await database.players.count(), await database.sessions.count(), await findOfNobody()], [0, 0, []]);
    const [deletion] = await listDeleted();
    assert.ok(await bringBackDeleted(deletion?.number ?? 0));
    assert.deepEqual(await everything(), before);
  });

  async function anyPlayer(): Promise<PlayerRecord> {
    const player = await database.players.toCollection().first();
    assert.ok(player);
    return player;
  }

  async function anyDay(): Promise<string> {
    return (await database.logs.toCollection().first())?.document.day ?? '';
  }
});
