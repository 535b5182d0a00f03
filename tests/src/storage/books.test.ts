import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { DOCUMENT_KINDS, withHead } from '#core/documents';
import { NO_FACTS } from '#core/drill/finder';
import { newBook, newPieceRecord } from '../../../src/records/new-records.ts';
import { NOTHING_ALONG, pieceOf, type PlaceInBook } from '../../../src/records/piece-documents.ts';
import type { BookRecord, PieceRecord } from '../../../src/records/record.ts';
import { inBookOrder, numbersFor, withPlace } from '../../../src/state/books/place-in-book.ts';
import { database } from '../../../src/storage/database/database.ts';
import { deleteRecord } from '../../../src/storage/deleting/delete-record.ts';
import { forgetFactsOfGone, keepFacts, loadBooks, loadFacts } from '../../../src/storage/reading/books.ts';
import { loadNewest } from '../../../src/storage/reading/piece-list.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';
import { lineBrief } from '../../support/briefs.ts';

beforeEach(async () => {
  await database.delete();
  await database.open();
});

function piece(name: string, inBook: PlaceInBook | null = null): PieceRecord {
  return newPieceRecord(pieceOf(name, lineBrief('violin', ['D4', 'E4', 'F#4']), '', { ...NOTHING_ALONG, inBook }));
}

/** Makes a book with two pieces, and a piece of no book. */
async function bookOfTwo(): Promise<BookRecord> {
  const book = newBook(withHead(DOCUMENT_KINDS.book, { name: 'Steps' }));
  await saveRecord('book', book);
  await saveRecord('piece', piece('First', { book: book.id, number: '1', page: 4 }));
  await saveRecord('piece', piece('Second', { book: book.id, number: '2' }));
  await saveRecord('piece', piece('Other'));
  return book;
}

async function namesInBooks(): Promise<readonly string[]> {
  return (await loadBooks()).pieces.map(({ document }) => document.name).toSorted();
}

describe('a book of the teacher', () => {
  it('is read with its pieces and no others, which do not crowd the list of pieces', async () => {
    const book = await bookOfTwo();
    assert.deepEqual(
      (await loadBooks()).books.map(({ id }) => id),
      [book.id],
    );
    assert.deepEqual(await namesInBooks(), ['First', 'Second']);
    assert.deepEqual(
      (await loadNewest(20)).records.map(({ document }) => document.name),
      ['Other'],
    );
  });

  it('is deleted alone, and its pieces are of no book; or with them; and all comes back as it was', async () => {
    const book = await bookOfTwo();
    const before = await loadBooks();
    for (const [theirPieces, left] of [
      ['kept', 3],
      ['deleted', 1],
    ] as const) {
      const outcome = await deleteRecord('book', book.id, theirPieces);
      assert.ok(outcome.ok);
      assert.deepEqual([await database.pieces.count(), (await loadBooks()).pieces.length], [left, 0]);
      await outcome.bringBack();
      const after = await loadBooks();
      assert.deepEqual(
        after.pieces.map(({ document }) => document),
        before.pieces.map(({ document }) => document),
      );
      assert.equal(after.books.length, 1);
    }
  });
});

describe('the facts of pieces', () => {
  it('are kept, and forgotten with their piece', async () => {
    await bookOfTwo();
    const [first] = (await loadBooks()).pieces;
    assert.ok(first);
    await keepFacts({ id: first.id, madeFrom: '1', facts: NO_FACTS });
    await keepFacts({ id: 'gone', madeFrom: '1', facts: NO_FACTS });
    await forgetFactsOfGone();
    assert.deepEqual(
      (await loadFacts([first.id, 'gone'])).map(({ id }) => id),
      [first.id],
    );
  });
});

describe('the numbers of a book', () => {
  it('are taken from the names of files where every one has its own, else they go on from the last', () => {
    const there = [piece('x', { book: 'b', number: '7' })];
    assert.deepEqual(numbersFor(['Etude 1', 'Etude 12'], []), ['1', '12']);
    assert.deepEqual(numbersFor(['Etude 7', 'Etude 8'], there), ['8', '9']);
    assert.deepEqual(numbersFor(['Air', 'Etude 2'], there), ['8', '9']);
    assert.deepEqual(numbersFor(['Op. 5 no. 1', 'Op. 5 no. 2'], []), ['1', '2']);
  });

  it('put its pieces in order, those without a number last', () => {
    const pieces = [piece('d', { book: 'b' }), piece('c', { book: 'b', number: '10' }), piece('b', { book: 'b', number: '2' })];
    assert.deepEqual(
      inBookOrder(pieces).map(({ document }) => document.name),
      ['b', 'c', 'd'],
    );
  });

  it('go when a piece is taken out of it', () => {
    assert.equal(withPlace(piece('a', { book: 'b', number: '2' }), null).document.inBook, undefined);
  });
});
