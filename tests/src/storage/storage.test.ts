import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import Dexie from 'dexie';
import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS } from '#core/documents';
import { DEMO } from '../../../src/demo/documents.ts';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { DEMO_STUDIO } from '../../../src/demo/studio.ts';
import { readStudioFile } from '../../../src/files/document-files.ts';
import { database, DovePathDatabase } from '../../../src/storage/database/database.ts';
import type { InstrumentRecord, PieceRecord, PlayerRecord } from '../../../src/records/record.ts';
import { clearDemo, restoreDemo } from '../../../src/state/of-demo/change-demo.ts';
import { seedDemoOnce } from '../../../src/state/of-demo/demo.ts';
import { demoRecords } from '../../../src/state/of-demo/demo-records.ts';
import { checkRecord, loadPiece, loadPieces } from '../../../src/storage/reading/piece-list.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newInstrument, newPieceRecord, newPlayer, NOTHING_USED } from '../../../src/records/new-records.ts';
import { setAsideText } from '../../../src/state/backup/set-aside.ts';
import { deleteRecord } from '../../../src/storage/deleting/delete-record.ts';
import { loadStudio, piecesUsing } from '../../../src/storage/reading/studio.ts';
import { instrumentDocument, playerDocument } from '../../../src/records/studio.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const BRIEF: Brief = {
  instrument: { kind: 'violin', size: '3/4' },
  player: { name: 'Wren' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' },
};

const VIOLIN = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin', size: '3/4' }));
const WREN = newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: VIOLIN.id, schoolId: null });

async function keep(record: PieceRecord): Promise<PieceRecord> {
  const outcome = await saveRecord('piece', record);
  assert.ok(outcome.ok);
  return outcome.record;
}

async function linkedPiece(brief = BRIEF): Promise<PieceRecord> {
  await saveRecord('instrument', VIOLIN);
  await saveRecord('player', WREN);
  return await keep(newPieceRecord(pieceOf('Scale', brief, ''), false, { instrumentId: VIOLIN.id, playerId: WREN.id, schoolId: null }));
}

async function readStored(id: string): Promise<PieceRecord> {
  const record = await database.pieces.get(id);
  assert.ok(record);
  return record;
}

function longer(lengthMm: number): InstrumentRecord {
  return { ...VIOLIN, document: instrumentDocument('Wren’s violin', { kind: 'violin', size: '3/4', stringLengthMm: lengthMm }) };
}

function withHand(player: PlayerRecord, preset: 'small' | 'large'): PlayerRecord {
  return { ...player, document: playerDocument('Wren', { kind: 'violin', player: { hand: { preset } } }) };
}

beforeEach(async () => {
  await database.delete();
  await database.open();
});

describe('a piece in the browser’s database', () => {
  it('comes back as it was, the newest when none is named', async () => {
    const old = await keep({ ...newPieceRecord(pieceOf('Old', BRIEF, '')), updatedAt: 1 });
    const young = await keep({ ...newPieceRecord(pieceOf('Young', BRIEF, '')), updatedAt: 2 });
    assert.deepEqual(await loadPiece(old.id), old);
    assert.equal((await loadPiece(null))?.id, young.id);
    assert.deepEqual(
      (await loadPieces()).records.map((record) => record.document.name),
      ['Young', 'Old'],
    );
  });

  it('is not written when it does not pass its check, and says why', async () => {
    const broken: Brief = { ...BRIEF, tempo: 5 };
    const outcome = await saveRecord('piece', newPieceRecord(pieceOf('Slow', broken, '')));
    assert.match(outcome.ok ? '' : outcome.message, /tempo/);
    assert.equal(await database.pieces.count(), 0);
  });

  it('that is damaged is set aside, counted and kept as text, never dropped', async () => {
    const record = newPieceRecord(pieceOf('Good', BRIEF, ''));
    await database.table('pieces').put({ ...record, document: { ...record.document, brief: { instrument: 'none' } } });
    assert.equal(await checkRecord(record.id), 'set aside');
    assert.deepEqual(await loadPieces(), { records: [], setAside: 1, newer: 0, whole: true });
    assert.match(await setAsideText(), /"none"/);
  });

  it('of the first tables gets what they did not have', async () => {
    await database.delete();
    const before = new Dexie('dove-path');
    before.version(1).stores({ pieces: 'id, updatedAt', setAside: 'id', facts: 'key' });
    await before.table('pieces').put({ id: 'one', piece: pieceOf('Old', BRIEF, ''), createdAt: 1, updatedAt: 1, demo: false });
    before.close();
    await database.open();
    const { instrumentId, playerId, changed, document } = await readStored('one');
    assert.deepEqual([instrumentId, playerId, changed, document], [null, null, null, pieceOf('Old', BRIEF, '')]);
  });
});

describe('a change of an instrument', () => {
  it('goes into the pieces that use it, which remember how they were', async () => {
    const { id } = await linkedPiece();
    await saveRecord('instrument', longer(315));
    const piece = await readStored(id);
    assert.equal(piece.document.brief.instrument.stringLengthMm, 315);
    assert.deepEqual(piece.changed?.before, BRIEF);
  });

  it('made twice is told from the first', async () => {
    const { id } = await linkedPiece();
    await saveRecord('instrument', longer(315));
    await saveRecord('instrument', longer(320));
    const piece = await readStored(id);
    assert.deepEqual([piece.document.brief.instrument.stringLengthMm, piece.changed?.before], [320, BRIEF]);
  });

  it('leaves alone the pieces that do not use it', async () => {
    await linkedPiece();
    const other = await keep(newPieceRecord(pieceOf('Other', BRIEF, '')));
    await saveRecord('instrument', longer(315));
    assert.deepEqual(await readStored(other.id), other);
  });

  it('that cannot be is not written', async () => {
    await linkedPiece();
    const wrong = { ...VIOLIN, document: { ...VIOLIN.document, name: 'x'.repeat(200) } };
    const outcome = await saveRecord('instrument', wrong);
    assert.equal(outcome.ok, false);
    assert.equal((await database.instruments.get(VIOLIN.id))?.document.name, 'Wren’s violin');
  });
});

describe('a change of a player', () => {
  it('goes into the pieces for this player, but for what was decided there', async () => {
    const { id } = await linkedPiece({ ...BRIEF, purpose: 'performance' });
    await saveRecord('player', withHand(WREN, 'small'));
    const { brief } = (await readStored(id)).document;
    assert.deepEqual([brief.player?.hand, brief.purpose], [{ preset: 'small' }, 'performance']);
  });
});

describe('what is deleted', () => {
  it('leaves its pieces and players, whose briefs stay', async () => {
    const { id } = await linkedPiece();
    await deleteRecord('instrument', VIOLIN.id);
    await deleteRecord('player', WREN.id);
    const piece = await readStored(id);
    assert.deepEqual([piece.instrumentId, piece.playerId, piece.document.brief], [null, null, BRIEF]);
    assert.deepEqual(await loadStudio(), { instruments: [], players: [], schools: [] });
  });

  it('is no longer named by the players who had it', async () => {
    await linkedPiece();
    await deleteRecord('instrument', VIOLIN.id);
    assert.equal((await database.players.get(WREN.id))?.instrumentId, null);
  });
});

describe('the studio', () => {
  it('is told by name, and who uses what', async () => {
    const { id } = await linkedPiece();
    await saveRecord('player', newPlayer(playerDocument('Avocet', { kind: 'cello', player: {} }), NOTHING_USED));
    const { players } = await loadStudio();
    assert.deepEqual(
      players.map((player) => player.document.name),
      ['Avocet', 'Wren'],
    );
    assert.deepEqual(
      (await piecesUsing('playerId', WREN.id)).map((piece) => piece.id),
      [id],
    );
  });

  it('sets aside a record that does not read', async () => {
    await database.table('instruments').put({ ...VIOLIN, document: { ...VIOLIN.document, instrument: { kind: 'lute' } } });
    assert.deepEqual((await loadStudio()).instruments, []);
    assert.match(await setAsideText(), /lute/);
  });

  it('knows from a file what it holds', async () => {
    const player = await readStudioFile(JSON.stringify(WREN.document));
    const instrument = await readStudioFile(JSON.stringify(VIOLIN.document));
    assert.ok(player.ok && 'profile' in player.value);
    assert.ok(instrument.ok && 'instrument' in instrument.value);
    assert.equal((await readStudioFile('{')).ok, false);
  });
});

describe('the demo', () => {
  const fetched = globalThis.fetch;
  beforeEach(() => {
    globalThis.fetch = async () => Response.json(DEMO);
  });
  afterEach(() => {
    globalThis.fetch = fetched;
  });

  it('is put in once, each piece tied to its pupil and, where it is the pupil’s, the instrument', async () => {
    await seedDemoOnce();
    await seedDemoOnce();
    assert.equal(await database.pieces.count(), DEMO_PIECES.length);
    assert.equal(await database.players.count(), DEMO_STUDIO.length);
    for (const piece of await database.pieces.toArray()) {
      const { brief, name } = piece.document;
      const pupil = DEMO_STUDIO.find(({ player }) => player.name === brief.player?.name);
      const own = JSON.stringify(pupil?.instrument.instrument) === JSON.stringify(brief.instrument);
      assert.notEqual(piece.playerId, null, name);
      assert.equal(piece.instrumentId !== null, own, name);
    }
  });

  it('leaves as it is what was changed of it before it was put in', async () => {
    const [first] = demoRecords(DEMO, 0).piece;
    assert.ok(first);
    await database.pieces.put({ ...first, document: { ...first.document, name: 'Changed early' } });
    await seedDemoOnce();
    assert.equal((await database.pieces.get(first.id))?.document.name, 'Changed early');
    assert.equal(await database.pieces.count(), DEMO_PIECES.length);
  });

  it('has the same ids wherever it is put in, each once', async () => {
    const { piece, player, instrument, school } = demoRecords(DEMO, 0);
    const ids = [piece, player, instrument, school].flatMap((records) => records.map(({ id }) => id));
    assert.equal(new Set(ids).size, ids.length);
    assert.ok(ids.every((id) => /^demo-[a-z0-9-]+$/.test(id)));
    assert.deepEqual(
      demoRecords(DEMO, 1).piece.map(({ id }) => id),
      piece.map(({ id }) => id),
    );
  });

  it('can be taken out and brought back; the teacher’s own stays', async () => {
    await seedDemoOnce();
    await linkedPiece();
    await clearDemo();
    assert.deepEqual([await database.pieces.count(), await database.players.count()], [1, 1]);
    await restoreDemo();
    assert.equal(await database.pieces.count(), DEMO_PIECES.length + 1);
  });

  it('comes back with what was edited in it, after it was removed and after it was restored', async () => {
    await seedDemoOnce();
    const [piece] = await database.pieces.toArray();
    assert.ok(piece);
    await database.pieces.put({ ...piece, document: { ...piece.document, name: 'Edited' } });
    for (const change of [clearDemo, restoreDemo]) {
      const putBack = await change();
      assert.notEqual((await database.pieces.get(piece.id))?.document.name, 'Edited');
      await putBack();
      assert.equal((await database.pieces.get(piece.id))?.document.name, 'Edited');
      assert.equal(await database.pieces.count(), DEMO_PIECES.length);
    }
  });

  it('says so when the server does not give it', async () => {
    globalThis.fetch = async () => new Response(null, { status: 503 });
    await assert.rejects(seedDemoOnce(), /cannot be fetched/);
  });
});

describe('a new kind of document', () => {
  it('has a table of its own as soon as it is in the registry, and what was there stays', async () => {
    await linkedPiece();
    database.close();
    const grown = new DovePathDatabase('dove-path', { ...DOCUMENT_KINDS, diary: { plural: 'diaries' } });
    await grown.table('diaries').put({ id: 'one', updatedAt: 1, document: { name: 'June' } });
    assert.deepEqual([await grown.table('diaries').count(), await grown.pieces.count()], [1, 1]);
    grown.close();
  });
});
