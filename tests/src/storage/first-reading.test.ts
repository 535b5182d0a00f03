import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { FIRST_BRIEF } from '#core/brief/lines';
import { database, DovePathDatabase } from '../../../src/storage/database/database.ts';
import { readFirst } from '../../../src/storage/reading/first-reading.ts';
import { loadOpenPieces } from '../../../src/storage/reading/open-pieces.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newPieceRecord } from '../../../src/records/new-records.ts';

const old = { ...newPieceRecord(pieceOf('Old', FIRST_BRIEF, '')), updatedAt: 1 };
const young = { ...newPieceRecord(pieceOf('Young', FIRST_BRIEF, '')), updatedAt: 2 };

async function readPiece(id: string | null, demo = false): Promise<string | null> {
  const reading = await readFirst(id, demo);
  if (reading === 'empty') return reading;
  return reading && reading.piece.document.name;
}

describe('what the bench draws first', () => {
  beforeEach(async () => {
    await database.delete();
    await database.open();
    await database.pieces.bulkPut([old, young]);
  });

  it('is the piece that is asked for, or the one that was changed last', async () => {
    assert.equal(await readPiece(old.id), 'Old');
    assert.equal(await readPiece(null), 'Young');
  });

  it('stands open from then on, as the whole database says too', async () => {
    await readFirst(old.id, false);
    await readFirst(young.id, false);
    assert.deepEqual(
      (await loadOpenPieces()).map(({ name }) => name),
      ['Old', 'Young'],
    );
  });

  it('is nothing in a browser that never kept anything, and no database is made by looking', async () => {
    await database.delete();
    assert.equal(await readPiece(null), 'empty');
    assert.deepEqual(await indexedDB.databases(), []);
  });

  it('is left to the whole database where the piece is not there, is of another version, or the demo is still to come', async () => {
    await database.table('pieces').put({ ...old, document: { ...old.document, version: 999 } });
    assert.equal(await readPiece('nobody'), null);
    assert.equal(await readPiece(old.id), null);
    assert.equal(await readPiece(young.id, true), null);
    await database.facts.put({ key: 'demo-seeded', value: true });
    assert.equal(await readPiece(young.id, true), 'Young');
  });

  it('is left to the whole database where its tables are of another version', async () => {
    await database.delete();
    const grown = new DovePathDatabase('dove-path', { one: { plural: 'pieces' } });
    await grown.open();
    grown.close();
    assert.equal(await readPiece(null), null);
  });
});
