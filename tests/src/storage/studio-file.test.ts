import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { backUp, backupState, putOffBackup } from '../../../src/state/backup/backup.ts';
import { database } from '../../../src/storage/database/database.ts';
import type { PieceRecord } from '../../../src/records/record.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newInstrument, newPieceRecord } from '../../../src/records/new-records.ts';
import { countSetAside, loadAll } from '../../../src/storage/reading/set-aside.ts';
import { restoreSetAside } from '../../../src/state/backup/set-aside.ts';
import { instrumentDocument } from '../../../src/records/studio.ts';
import { bringIn } from '../../../src/state/backup/brought.ts';
import { readStudioText, type StudioBrought, studioText, textOf } from '../../../src/state/backup/studio-file.ts';
import { versionNumbered, versionsOf } from '../../../src/storage/writing/versions.ts';
import { lineBrief } from '../../support/briefs.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const BRIEF = lineBrief('violin', ['D4', 'E4'], {}, 'D major');
const DAY_MS = 86_400_000;

beforeEach(async () => {
  await database.delete();
  await database.open();
});

async function keepPiece(name: string, change: Partial<PieceRecord> = {}): Promise<PieceRecord> {
  const outcome = await saveRecord('piece', { ...newPieceRecord(pieceOf(name, BRIEF, '')), ...change });
  assert.ok(outcome.ok);
  return outcome.record;
}

async function read(text: string): Promise<StudioBrought> {
  const reading = await readStudioText(text);
  assert.ok(reading.ok);
  return reading.value;
}

const standings = ({ brought }: StudioBrought): readonly string[] => brought.map(({ name, standing }) => `${name} ${standing}`).toSorted();

describe('the studio as a file', () => {
  it('comes back whole in an empty browser, with what belongs together', async () => {
    const violin = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin' }));
    await saveRecord('instrument', violin);
    const piece = await keepPiece('Scale', { instrumentId: violin.id });
    const text = await studioText();
    await database.delete();
    await database.open();
    const file = await read(text);
    assert.deepEqual(standings(file), ['Scale new', 'Wren’s violin new']);
    await bringIn(file.brought, file.brought);
    const [back] = await loadAll('piece');
    assert.deepEqual([back?.document, back?.instrumentId], [piece.document, violin.id]);
    assert.deepEqual(standings(await read(text)), ['Scale same', 'Wren’s violin same']);
  });

  it('is looked through without a scan of everything here for each of its parts', async () => {
    for (let number = 0; number < 40; number += 1) await keepPiece(`Here ${number}`);
    const there = Array.from({ length: 60 }, (_, number) => newPieceRecord(pieceOf(`There ${number}`, BRIEF, '')));
    const text = textOf(there.map((record) => ({ kind: 'piece', record })));
    const { openCursor, getAll } = IDBObjectStore.prototype;
    let scans = 0;
    IDBObjectStore.prototype.openCursor = function (...asked) {
      scans += 1;
      return openCursor.apply(this, asked);
    };
    IDBObjectStore.prototype.getAll = function (...asked) {
      scans += 1;
      return getAll.apply(this, asked);
    };
    try {
      assert.equal((await read(text)).brought.length, 60);
    } finally {
      Object.assign(IDBObjectStore.prototype, { openCursor, getAll });
    }
    assert.ok(scans <= 2, `${scans} scans`);
  });

  it('tells what is new, changed, older and the same, and what is written over stays as a version', async () => {
    const [one, two, three] = [await keepPiece('One'), await keepPiece('Two'), await keepPiece('Three')];
    const text = await studioText();
    // Another computer has written the first less often; the clock of neither tells anything.
    await database.pieces.put({ ...one, document: { ...one.document, name: 'One, here' }, updatedAt: one.updatedAt + 5, revision: 0 });
    await saveRecord('piece', { ...two, document: { ...two.document, name: 'Two, here' }, updatedAt: two.updatedAt - 5 }, two);
    await database.pieces.delete(three.id);
    const file = await read(text);
    assert.deepEqual(standings(file), ['One changed', 'Three new', 'Two older']);
    await bringIn(
      file.brought.filter(({ standing }) => standing === 'changed'),
      file.brought,
    );
    assert.equal((await database.pieces.get(one.id))?.document.name, 'One');
    const versions = await Promise.all((await versionsOf('piece', one.id)).map(({ number }) => versionNumbered('piece', number)));
    assert.ok(versions.some((version) => version?.document.name === 'One, here'));
    assert.equal((await database.pieces.get(two.id))?.document.name, 'Two, here');
  });

  it('brings all that is wanted or nothing: no half of a studio stays where the disk runs full', async () => {
    await keepPiece('One');
    await keepPiece('Two');
    const text = await studioText();
    await database.pieces.clear();
    const file = await read(text);
    const fails = (): void => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
    database.pieces.hook('creating', (key) => void (key === file.brought[1]?.ids[0] && fails()));
    await assert.rejects(bringIn(file.brought, file.brought), /disk is full/);
    assert.equal(await database.pieces.count(), 0);
  });

  it('brings nothing twice that is here under another id, and ties pieces to what is here', async () => {
    const there = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin' }));
    await saveRecord('instrument', there);
    await keepPiece('Scale', { instrumentId: there.id });
    const text = await studioText();
    await database.instruments.clear();
    await database.pieces.clear();
    const here = newInstrument(instrumentDocument('Wren’s violin', { kind: 'violin' }));
    await saveRecord('instrument', here);
    const file = await read(text);
    assert.deepEqual(standings(file), ['Scale new', 'Wren’s violin same']);
    await bringIn(
      file.brought.filter(({ standing }) => standing === 'new'),
      file.brought,
    );
    assert.deepEqual([await database.instruments.count(), (await loadAll('piece'))[0]?.instrumentId], [1, here.id]);
  });

  it('loses only what is damaged, even where it is cut off', async () => {
    await keepPiece('One');
    await keepPiece('Two');
    const text = await studioText();
    const damaged = await read(text.replace('"name":"One"', '"name":7'));
    assert.deepEqual([standings(damaged), damaged.damaged.map(({ place }) => place).length], [['Two same'], 1]);
    const cut = await read(text.slice(0, text.indexOf('\n', text.indexOf('"record"')) + 40));
    assert.equal(cut.brought.length, 1);
    assert.ok(!(await readStudioText('{"format":"something"}')).ok);
    const newer = await readStudioText(text.replace('"version":1,"savedAt"', '"version":9,"savedAt"'));
    assert.ok(!newer.ok && /version 9/.test(newer.issues[0]?.message ?? ''));
  });
});

describe('the reminder of the backup', () => {
  it('comes after five days with changes, and after five more where it was put off', async () => {
    for (const daysAgo of [1, 2, 3, 4]) await keepPiece(`Day ${daysAgo}`, { updatedAt: Date.now() - daysAgo * DAY_MS });
    assert.deepEqual([(await backupState()).daysChanged, (await backupState()).isDue], [4, false]);
    await keepPiece('Today');
    assert.ok((await backupState()).isDue);
    await putOffBackup();
    assert.ok(!(await backupState()).isDue);
    await backUp();
    assert.deepEqual([(await backupState()).daysChanged, (await backupState()).backedUpAt === null], [0, false]);
  });
});

describe('a damaged record', () => {
  it('is mended where only what stands beside its document is wrong', async () => {
    const { id } = await keepPiece('Odd');
    const odd = { ...(await database.pieces.get(id)), updatedAt: 'yesterday', changed: { before: 7 }, instrumentId: 3 };
    await database.table('pieces').put(odd);
    const [read] = await loadAll('piece');
    assert.deepEqual([read?.document.name, read?.updatedAt, read?.changed, read?.instrumentId], ['Odd', 0, null, null]);
  });

  it('is set aside, and comes back when it reads again', async () => {
    const record = await keepPiece('Broken');
    await database.table('pieces').put({ ...record, document: { ...record.document, name: 7 } });
    assert.deepEqual([await loadAll('piece'), await countSetAside()], [[], 1]);
    assert.equal(await restoreSetAside(), 0);
    await database.setAside.update(record.id, { record: { ...record, id: undefined } });
    assert.deepEqual([await restoreSetAside(), await countSetAside()], [1, 0]);
    assert.equal((await database.pieces.get(record.id))?.document.name, 'Broken');
  });

  it('of a newer version stays where it is', async () => {
    const record = await keepPiece('Newer');
    await database.table('pieces').put({ ...record, document: { ...record.document, version: 9 } });
    assert.deepEqual([await loadAll('piece'), await countSetAside(), await database.pieces.count()], [[], 0, 1]);
  });
});
