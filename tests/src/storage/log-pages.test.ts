import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { DOCUMENT_KINDS } from '#core/documents';
import { type LogEntry, MOST_ENTRIES } from '#core/practice/log';
import { entriesOf, newEntry, pageOf } from '../../../src/records/log-pages.ts';
import { newPlayer } from '../../../src/records/new-records.ts';
import { playerDocument } from '../../../src/records/studio.ts';
import { bringIn } from '../../../src/state/backup/brought.ts';
import { restoreSetAside } from '../../../src/state/backup/set-aside.ts';
import { backupState } from '../../../src/state/backup/backup.ts';
import { readStudioText, studioText, textOf } from '../../../src/state/backup/studio-file.ts';
import { logEntry } from '../../../src/state/practice/logging.ts';
import { database } from '../../../src/storage/database/database.ts';
import { loadLog } from '../../../src/storage/reading/practice.ts';
import { countSetAside } from '../../../src/storage/reading/set-aside.ts';
import { mergePages } from '../../../src/storage/writing/merge-pages.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const WREN = { playerId: 'wren', name: 'Wren' };
const NOON = new Date('2026-03-09T12:00').getTime();
const DAY = '2026-03-09';

beforeEach(async () => {
  await database.delete();
  await database.open();
});

function remark(number: number): LogEntry {
  return { kind: 'remark', text: 'x', id: `e${number}`, at: NOON + number };
}

function remarks(from: number, count: number): readonly LogEntry[] {
  return Array.from({ length: count }, (_, index) => remark(from + index));
}

async function idsOfDay(): Promise<readonly string[]> {
  return entriesOf(await loadLog('wren', DAY, DAY)).map(({ id }) => id);
}

describe('a day of a log with more entries than a page holds', () => {
  it('opens another page, and another after that; each entry is there once, in order', async () => {
    const all = remarks(0, 2 * MOST_ENTRIES + 3);
    await mergePages(WREN, [pageOf(WREN, DAY, all.slice(0, MOST_ENTRIES - 1)).document]);
    await logEntry(WREN, remark(MOST_ENTRIES - 1));
    await logEntry(WREN, remark(MOST_ENTRIES));
    await logEntry(WREN, remark(MOST_ENTRIES));
    await mergePages(WREN, [pageOf(WREN, DAY, all).document]);
    const pages = await loadLog('wren', DAY, DAY);
    assert.deepEqual(
      pages.map(({ document }) => document.entries.length).toSorted((one, other) => one - other),
      [3, MOST_ENTRIES, MOST_ENTRIES],
    );
    assert.deepEqual(
      await idsOfDay(),
      all.map(({ id }) => id),
    );
    assert.deepEqual(await mergePages(WREN, [pageOf(WREN, DAY, all).document]), { added: 0, there: all.length, left: [] });
  });

  it('goes into a file and comes back, and stops nothing else that is in it', async () => {
    const wren = {
      ...newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: null, schoolId: null }),
      id: 'wren',
    };
    await saveRecord('player', wren);
    await mergePages(WREN, [pageOf(WREN, DAY, remarks(0, MOST_ENTRIES + 10)).document]);
    const text = await studioText();
    await database.delete();
    await database.open();
    await mergePages(WREN, [pageOf(WREN, DAY, remarks(MOST_ENTRIES, MOST_ENTRIES)).document]);
    const file = await readStudioText(text);
    assert.ok(file.ok);
    const outcome = await bringIn(file.value.brought, file.value.brought);
    assert.deepEqual(outcome, { count: 3, leftOut: [] });
    assert.equal((await idsOfDay()).length, 2 * MOST_ENTRIES);
    assert.equal(await database.players.count(), 1);
    const again = await readStudioText(text);
    assert.ok(again.ok && again.value.brought.every(({ standing }) => standing === 'same'));
  });
});

describe('the recording of a take', () => {
  const recording = { kind: 'file', name: 'take', type: 'audio/wav', bytes: 3, data: 'data:audio/wav;base64,AAAA' } as const;

  it('goes into a file of the studio only where that is wanted, and is counted with its size', async () => {
    await database.logs.clear();
    await logEntry(WREN, newEntry({ ...recording, recording: true }));
    await logEntry(WREN, newEntry({ ...recording, name: 'brought along' }));
    const { recordings } = await backupState();
    assert.deepEqual(recordings, { count: 1, bytes: 3 });
    const filesIn = (text: string): readonly string[] => [...text.matchAll(/"name":"(take|brought along)"/g)].map(([, name]) => name ?? '');
    assert.deepEqual(filesIn(await studioText()), ['brought along']);
    assert.deepEqual(filesIn(await studioText(true)).toSorted(), ['brought along', 'take']);
  });
});

describe('a page of a log that does not read', () => {
  it('is set aside before entries are added to it, and joined with what was added when it reads again', async () => {
    const page = pageOf(WREN, DAY, remarks(0, 3));
    const broken = { ...page, document: { ...page.document, name: 7 } };
    for (const add of [
      async () => await logEntry(WREN, remark(9)),
      async () => await mergePages(WREN, [pageOf(WREN, DAY, [remark(9)]).document]),
    ]) {
      await database.table('logs').put(broken);
      await add();
      assert.deepEqual([await idsOfDay(), await countSetAside()], [['e9'], 1]);
      await database.setAside.toCollection().modify({ record: page });
      assert.deepEqual([await restoreSetAside(), await countSetAside()], [1, 0]);
      assert.deepEqual(await idsOfDay(), ['e0', 'e1', 'e2', 'e9']);
      await database.logs.clear();
    }
  });

  it('costs only itself in a file', async () => {
    const pages = [pageOf(WREN, DAY, remarks(0, 2)), pageOf(WREN, '2026-03-10', remarks(5, 2))];
    const text = textOf(pages.map((record) => ({ kind: 'log', record }))).replace('"at":' + String(NOON), '"at":"noon"');
    const file = await readStudioText(text);
    assert.ok(file.ok);
    assert.deepEqual([file.value.brought.length, file.value.damaged.map(({ place }) => place)], [1, [1]]);
  });
});

describe('a record that a newer version of the application has written', () => {
  const raised = { ...DOCUMENT_KINDS.log, version: DOCUMENT_KINDS.log.version + 1 };

  it('is left as it is where entries are added, or a file is brought in: the others come in', async () => {
    const page = pageOf(WREN, DAY, [remark(0)]);
    const newer = { ...page, document: { ...page.document, version: raised.version, mood: 'calm' } };
    await database.table('logs').put(newer);
    assert.deepEqual((await mergePages(WREN, [pageOf(WREN, DAY, [remark(1)]).document])).left, [DAY]);
    const player = {
      ...newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: null, schoolId: null }),
      id: 'wren',
    };
    const ours = textOf([
      { kind: 'log', record: pageOf(WREN, DAY, [remark(2)]) },
      { kind: 'player', record: player },
    ]);
    const file = await readStudioText(ours);
    assert.ok(file.ok);
    const { count, leftOut } = await bringIn(file.value.brought, file.value.brought);
    assert.equal(count, 1);
    assert.match(leftOut.join(), /2026-03-09: a newer Dove Path has written/);
    assert.deepEqual(await database.table('logs').get(page.id), newer);
  });

  it('is not written over by a page that had it open; the change waits beside it for the newer version', async () => {
    const player = newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: null, schoolId: null });
    const first = await saveRecord('player', player);
    assert.ok(first.ok);
    const newer = { ...first.record, revision: 9, writtenBy: 'newer', document: { ...player.document, version: 99, name: 'Wren, newer' } };
    await database.table('players').put(newer);
    const outcome = await saveRecord('player', { ...first.record, document: { ...player.document, name: 'Wren, older' } }, first.record);
    assert.match(outcome.ok ? '' : outcome.message, /A newer version of Dove Path has changed this/);
    assert.deepEqual(await database.table('players').get(player.id), newer);
  });

  it('of a kind that is not known here is said in a file, and the rest reads', async () => {
    const page = pageOf(WREN, DAY, [remark(0)]);
    const text = textOf([{ kind: 'log', record: page }]).replace('"records":[', '"records":[\n{"kind":"recording","record":{"id":"r"}},');
    const file = await readStudioText(text);
    assert.ok(file.ok);
    assert.equal(file.value.brought.length, 1);
    assert.match(file.value.damaged[0]?.issues[0]?.message ?? '', /knows no documents of the kind “recording”: a newer one wrote it/);
  });
});

describe('a record with fields that a newer version has added', () => {
  it('keeps them when it is changed here, on the record and in the document, and in a file', async () => {
    const player = newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), { instrumentId: null, schoolId: null });
    await database.table('players').put({ ...player, group: 'Friday', document: { ...player.document, pronoun: 'they' } });
    const file = await readStudioText(await studioText());
    assert.ok(file.ok);
    await database.players.clear();
    await bringIn(file.value.brought, file.value.brought);
    const stored = await database.players.get(player.id);
    assert.ok(stored);
    assert.ok((await saveRecord('player', { ...stored, document: { ...stored.document, name: 'Wren B' } }, stored)).ok);
    const { group, document } = await database.table('players').get(player.id);
    assert.deepEqual([group, document.pronoun, document.name], ['Friday', 'they', 'Wren B']);
  });
});
