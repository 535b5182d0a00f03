import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { documentToText } from '#core/documents';
import type { LogEntry, LogWhat } from '#core/practice/log';
import { demoDays } from '../../../src/demo/practice.ts';
import { database } from '../../../src/storage/database/database.ts';
import { deleteRecord } from '../../../src/storage/deleting/delete-record.ts';
import { deleteForGood, listDeleted, recordsOfPlayer } from '../../../src/storage/deleting/index.ts';
import { dayOf, entriesOf, newEntry, pageOf } from '../../../src/records/log-pages.ts';
import { loadLog } from '../../../src/storage/reading/practice.ts';
import { newPieceRecord, newPlayer } from '../../../src/records/new-records.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { playerDocument } from '../../../src/records/studio.ts';
import { bringIn } from '../../../src/state/backup/brought.ts';
import { readStudioText, textOf } from '../../../src/state/backup/studio-file.ts';
import { putUnwritten } from '../../../src/storage/writing/put-unwritten.ts';
import { readFileText } from '../../../src/validation/documents.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const WREN = { playerId: 'wren', name: 'Wren' };
const DAY = '2026-03-09';
const PRACTISED = { piece: 'p', title: 'Air', part: { part: 'whole' } } as const;

function attempt(tempo: number): LogEntry {
  const what: LogWhat = { kind: 'attempt', practised: PRACTISED, tempo, miss: null };
  return newEntry(what, 1_773_000_000_000 + tempo);
}

async function tempos(): Promise<readonly (number | null)[]> {
  return entriesOf(await loadLog('wren', DAY, DAY)).flatMap((entry) => (entry.kind === 'attempt' ? [entry.tempo] : []));
}

beforeEach(async () => {
  for (const table of database.tables) await table.clear();
});

describe('a page of a log', () => {
  it('is only ever added to: two pages that write at once keep the entries of both, each once', async () => {
    const [one, other, third] = [attempt(60), attempt(66), attempt(72)];
    await Promise.all([
      saveRecord('log', pageOf(WREN, DAY, [one])),
      saveRecord('log', pageOf(WREN, DAY, [other])),
      saveRecord('log', pageOf(WREN, DAY, [one, third])),
    ]);
    assert.deepEqual(await tempos(), [60, 66, 72]);
    assert.equal(await database.logs.count(), 1);
    assert.equal(await database.versions.count(), 0);
  });

  it('takes up what a page left when it was closed at once', async () => {
    await saveRecord('log', pageOf(WREN, DAY, [attempt(60)]));
    const left = { ...pageOf(WREN, DAY, [attempt(66)]), updatedAt: 1, writtenBy: 'another page', base: null, sent: [] };
    assert.equal(await putUnwritten(JSON.stringify(left)), true);
    assert.equal(await putUnwritten(JSON.stringify(left)), true);
    assert.deepEqual(await tempos(), [60, 66]);
  });

  it('is read by player and day', async () => {
    await saveRecord('log', pageOf(WREN, DAY, [attempt(60)]));
    await saveRecord('log', pageOf({ playerId: 'robin', name: 'Robin' }, DAY, [attempt(90)]));
    await saveRecord('log', pageOf({ playerId: null, name: '' }, DAY, [attempt(80)]));
    await saveRecord('log', pageOf(WREN, '2026-03-10', [attempt(70)]));
    assert.deepEqual(await tempos(), [60]);
    assert.equal(entriesOf(await loadLog(null, DAY, DAY)).length, 1);
    assert.equal(entriesOf(await loadLog('wren', DAY, '2026-03-10')).length, 2);
  });

  it('with a file lies by itself', async () => {
    const file = newEntry({ kind: 'file', name: 'bow.png', type: 'image/png', bytes: 3, data: 'data:image/png;base64,AAAA' });
    await saveRecord('log', pageOf(WREN, DAY, [file]));
    await saveRecord('log', pageOf(WREN, DAY, [attempt(60)]));
    assert.equal(await database.logs.count(), 2);
    assert.equal(entriesOf(await loadLog('wren', DAY, DAY)).length, 2);
  });

  it('brought in from a file is joined with the page that is there', async () => {
    const page = pageOf(WREN, DAY, [attempt(60)]);
    const text = textOf([{ kind: 'log', record: page }]);
    await saveRecord('log', pageOf(WREN, DAY, [attempt(72)]));
    const reading = await readStudioText(text);
    assert.ok(reading.ok);
    await bringIn(reading.value.brought, reading.value.brought);
    assert.deepEqual(await tempos(), [60, 72]);
  });
});

describe('the data of a player', () => {
  it('is deleted whole, with earlier versions, and put back', async () => {
    const wren = {
      ...newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: null, schoolId: null }),
      id: 'wren',
    };
    await saveRecord('player', wren);
    const brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' },
    } as const;
    const piece = newPieceRecord(pieceOf('Scale', brief, ''), false, { instrumentId: null, playerId: 'wren', schoolId: null });
    const kept = await saveRecord('piece', piece);
    assert.ok(kept.ok);
    await saveRecord('piece', { ...kept.record, document: { ...kept.record.document, name: 'Scale again' } }, kept.record);
    await saveRecord('log', pageOf(WREN, DAY, [attempt(60)]));
    await saveRecord('log', pageOf({ playerId: 'robin', name: 'Robin' }, DAY, [attempt(60)]));
    assert.equal((await recordsOfPlayer('wren')).length, 3);
    const deleted = await deleteRecord('player', 'wren', 'deleted');
    assert.deepEqual([await database.pieces.count(), await database.players.count(), await database.logs.count()], [0, 0, 1]);
    assert.ok(deleted.ok);
    await deleted.bringBack();
    assert.equal((await recordsOfPlayer('wren')).length, 3);
    assert.equal(await database.versions.count(), 1);
    await deleteRecord('player', 'wren', 'deleted');
    for (const { number } of await listDeleted()) await deleteForGood(number);
    assert.deepEqual([await database.versions.count(), await database.deleted.count()], [0, 0]);
  });
});

describe('the log of the demo', () => {
  const pieces = [
    { id: 'a', title: 'Scale', tempo: 72, hard: [11, 14] as const },
    { id: 'b', title: 'Air', tempo: 60, hard: [5] as const },
  ];
  const now = new Date(2026, 10, 27, 15).getTime();

  it('is eight weeks up to yesterday, always the same, and gets better', () => {
    const days = demoDays(5, pieces, now, dayOf);
    assert.deepEqual(days, demoDays(5, pieces, now, dayOf));
    assert.ok(days.length > 35 && days.length <= 56);
    assert.ok(days.every(({ day }) => day < '2026-11-27' && day >= '2026-10-02'));
    const share = (some: typeof days): number => {
      const attempts = some.flatMap(({ entries }) => entries.filter(({ kind }) => kind === 'attempt'));
      return attempts.filter((entry) => entry.kind === 'attempt' && entry.miss === null).length / attempts.length;
    };
    assert.ok(share(days.slice(-10)) > share(days.slice(0, 10)) + 0.1);
  });

  it('passes the check of its documents', async () => {
    for (const { day, entries } of demoDays(9, pieces, now, dayOf)) {
      const reading = await readFileText('log', documentToText(pageOf(WREN, day, entries).document));
      assert.ok(reading.ok);
    }
  });
});
