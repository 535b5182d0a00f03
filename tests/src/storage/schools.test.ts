import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import Dexie from 'dexie';
import type { Brief } from '#core/brief';
import { readStudioFile } from '../../../src/files/document-files.ts';
import { noteCorrection } from '../../../src/state/school/remembered-corrections.ts';
import { database } from '../../../src/storage/database/database.ts';
import type { PieceRecord } from '../../../src/records/record.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newPieceRecord, newPlayer, newSchool, NOTHING_USED } from '../../../src/records/new-records.ts';
import { deleteRecord } from '../../../src/storage/deleting/delete-record.ts';
import { loadStudio } from '../../../src/storage/reading/studio.ts';
import { playerDocument, schoolDocument } from '../../../src/records/studio.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const BRIEF: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' },
};

const SCHOOL = newSchool(schoolDocument('Ours', { ways: { openUp: 'fourth' } }));

async function readStored(id: string): Promise<PieceRecord> {
  const record = await database.pieces.get(id);
  assert.ok(record);
  return record;
}

async function pieceFor(playerId: string | null, schoolId: string | null): Promise<string> {
  const record = newPieceRecord(pieceOf('Scale', BRIEF, ''), false, { instrumentId: null, playerId, schoolId });
  assert.ok((await saveRecord('piece', record)).ok);
  return record.id;
}

beforeEach(async () => {
  await database.open();
});

afterEach(async () => {
  await database.delete();
});

describe('a school of the studio', () => {
  it('is followed by its pieces as it changes, and by no other', async () => {
    const [follows, free] = [await pieceFor(null, SCHOOL.id), await pieceFor(null, null)];
    await saveRecord('school', SCHOOL);
    assert.deepEqual((await readStored(follows)).document.brief.school, { name: 'Ours', ways: { openUp: 'fourth' } });
    await saveRecord('school', { ...SCHOOL, document: schoolDocument('Ours', { ways: { openUp: 'open' } }) });
    const piece = await readStored(follows);
    assert.deepEqual([piece.document.brief.school?.ways, piece.changed?.before.school], [{ openUp: 'open' }, undefined]);
    assert.equal((await readStored(free)).document.brief.school, undefined);
  });

  it('comes to the pieces of a player who begins to follow it, and goes again', async () => {
    const wren = newPlayer(playerDocument('Wren', { kind: 'violin', player: {} }), NOTHING_USED);
    await saveRecord('school', SCHOOL);
    await saveRecord('player', wren);
    const id = await pieceFor(wren.id, null);
    await saveRecord('player', { ...wren, schoolId: SCHOOL.id });
    assert.deepEqual([(await readStored(id)).schoolId, (await readStored(id)).document.brief.school?.name], [SCHOOL.id, 'Ours']);
    await saveRecord('player', wren);
    assert.deepEqual([(await readStored(id)).schoolId, (await readStored(id)).document.brief.school], [null, undefined]);
  });

  it('that is deleted is followed no more, and its pieces keep their brief', async () => {
    await saveRecord('school', SCHOOL);
    const id = await pieceFor(null, SCHOOL.id);
    await saveRecord('school', SCHOOL);
    await deleteRecord('school', SCHOOL.id);
    assert.deepEqual([(await readStored(id)).schoolId, (await readStored(id)).document.brief.school?.name], [null, 'Ours']);
    assert.deepEqual((await loadStudio()).schools, []);
  });

  it('reads from a file, and a damaged one is refused with a reason', async () => {
    assert.deepEqual(await readStudioFile(JSON.stringify(SCHOOL.document)), { ok: true, value: SCHOOL.document });
    const wrong = await readStudioFile(JSON.stringify({ ...SCHOOL.document, school: { ways: { openUp: 'sideways' } } }));
    assert.ok(!wrong.ok && wrong.issues.length > 0);
  });

  it('is none for records of a time without schools', async () => {
    await database.delete();
    const before = new Dexie('dove-path');
    before
      .version(3)
      .stores({ pieces: 'id, updatedAt', instruments: 'id, updatedAt', players: 'id, updatedAt', setAside: 'id', facts: 'key' });
    const { schoolId: _, ...old } = newPieceRecord(pieceOf('Old', BRIEF, ''));
    await before.table('pieces').put(old);
    before.close();
    await database.open();
    assert.deepEqual([(await readStored(old.id)).schoolId, (await readStored(old.id)).document.brief], [null, BRIEF]);
  });
});

describe('corrections', () => {
  const correctionOf = (note: number, pieceId = 'one') => ({ question: 'openUp', side: 'open', pieceId, note });

  it('lead to an offer at the third of a kind, once, and one note counts once', async () => {
    assert.deepEqual(
      [await noteCorrection(correctionOf(1)), await noteCorrection(correctionOf(1)), await noteCorrection(correctionOf(4))],
      [false, false, false],
    );
    assert.equal(await noteCorrection({ ...correctionOf(5), side: 'fourth' }), false);
    assert.equal(await noteCorrection(correctionOf(1, 'another')), true);
    assert.deepEqual(
      [await noteCorrection(correctionOf(7)), await noteCorrection(correctionOf(9)), await noteCorrection(correctionOf(11))],
      [false, false, false],
    );
  });
});
