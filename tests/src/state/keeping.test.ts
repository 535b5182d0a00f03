import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { after, beforeEach, describe, it, mock } from 'node:test';
import { FIRST_BRIEF } from '#core/brief/lines';
import { DOCUMENT_NAMES } from '#core/documents';
import { FIRST_WEEK } from '#core/week';
import { allKept, giveUpAhead, keep, keepAhead, remove } from '../../../src/state/keeping/keep.ts';
import { isWaiting, waitingStore, wouldLose } from '../../../src/state/keeping/waiting.ts';
import { database } from '../../../src/storage/database/database.ts';
import type { PieceRecord, RecordOf } from '../../../src/records/record.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { newPieceRecord } from '../../../src/records/new-records.ts';
import { newWeek } from '../../../src/records/new-practice-records.ts';
import { THIS_TAB } from '../../../src/records/this-tab.ts';
import { joinValues } from '../../../src/storage/joining/joined.ts';
import { JOINED_LISTS } from '../../../src/storage/joining/joined-lists.ts';
import { putUnwritten } from '../../../src/storage/writing/put-unwritten.ts';
import { versionNumbered, versionsOf } from '../../../src/storage/writing/versions.ts';
import { kept as keptBeside, storageOf } from '../../support/kept-beside.ts';
import { listsOf } from '../../support/schemas/lists-of-schema.ts';

const HOUR_MS = 3_600_000;

const newPiece = (name: string): PieceRecord => newPieceRecord(pieceOf(name, FIRST_BRIEF, ''));

const rename = (record: PieceRecord, name: string): PieceRecord => ({ ...record, document: { ...record.document, name } });

const nameThere = async ({ id }: PieceRecord): Promise<string | undefined> => (await database.pieces.get(id))?.document.name;

/** Writes over a record as another page does. */
async function writeElsewhere(record: PieceRecord, change: Partial<PieceRecord['document']>): Promise<void> {
  const there = (await database.pieces.get(record.id)) ?? record;
  const document = { ...there.document, ...change };
  await database.pieces.put({ ...there, document, revision: there.revision + 1, writtenBy: 'another page' });
}

/** Lists the names of the versions that are kept of a piece, the newest first. */
async function versionNames({ id }: PieceRecord): Promise<readonly (string | undefined)[]> {
  const versions = await versionsOf('piece', id);
  return await Promise.all(versions.map(async ({ number }) => (await versionNumbered('piece', number))?.document.name));
}

function reset(): void {
  waitingStore.setState({ waiting: new Map() });
  keptBeside.clear();
}

beforeEach(async () => {
  reset();
  Object.assign(globalThis, { localStorage: storageOf(keptBeside) });
  await database.delete();
  await database.open();
});

after(() => {
  reset();
  Object.assign(globalThis, { localStorage: undefined });
});

describe('what is kept', () => {
  it('stands where the next page finds it before anything else happens, and in the database then', async () => {
    const piece = newPiece('Monday');
    const keeping = keep('piece', piece, null);
    assert.match([...keptBeside.values()].join(), /Monday/);
    assert.equal(isWaiting(piece.id), true);
    const outcome = await keeping;
    assert.ok(outcome?.ok);
    assert.deepEqual([await nameThere(piece), outcome.record.revision, keptBeside.size, isWaiting(piece.id)], ['Monday', 1, 0, false]);
  });

  it('is written once where changes follow each other, and says of the others that a later one took their place', async () => {
    const piece = newPiece('M');
    const outcomes = ['M', 'Mo', 'Mon', 'Monday'].map((name) => keep('piece', rename(piece, name), null));
    await allKept();
    const told = (await Promise.all(outcomes)).map((outcome) => outcome?.ok ?? null);
    assert.deepEqual(told, [null, null, null, true]);
    assert.deepEqual([await nameThere(piece), (await database.pieces.get(piece.id))?.revision], ['Monday', 1]);
  });

  it('has all its changes in it although another page wrote before the first of them was written', async () => {
    const piece = newPiece('Before');
    await keep('piece', piece, null);
    const base = await database.pieces.get(piece.id);
    assert.ok(base);
    await writeElsewhere(base, { tags: ['june'] });
    // Two fields change, one after the other: the second change begins with a record that was never written.
    const first = rename(base, 'After');
    void keep('piece', first, base);
    void keep('piece', { ...first, document: { ...first.document, lineText: 'A4' } }, first);
    await allKept();
    const { name, tags, lineText } = (await database.pieces.get(piece.id))?.document ?? {};
    assert.deepEqual([name, tags, lineText], ['After', ['june'], 'A4']);
  });

  it('is tried again until it is written, and a later change takes the place of the one that failed', async (test) => {
    test.mock.timers.enable({ apis: ['setTimeout'] });
    const piece = newPiece('x'.repeat(200));
    const failed = await keep('piece', piece, null);
    assert.ok(failed?.ok === false && /name/.test(failed.message));
    assert.match([...waitingStore.getState().waiting.values()][0]?.failed ?? '', /name/);
    const next = keep('piece', rename(piece, 'Short'), null);
    await allKept();
    assert.equal((await next)?.ok, true);
    test.mock.timers.tick(5000);
    assert.equal(await failed.later, null);
    assert.equal(await nameThere(piece), 'Short');
  });

  it('leaves for the next page what is typed while it is written', async () => {
    const piece = newPiece('Monday');
    const keeping = keep('piece', piece, null);
    keepAhead(rename(piece, 'Tuesday'), piece);
    assert.ok((await keeping)?.ok);
    assert.match([...keptBeside.values()].join(), /Tuesday/);
    for (const left of [...keptBeside.values()]) assert.equal(await putUnwritten(left), true);
    assert.equal(await nameThere(piece), 'Tuesday');
  });

  it('leaves nothing of what was typed while it was written and given up', async () => {
    const piece = newPiece('Monday');
    const keeping = keep('piece', piece, null);
    keepAhead(rename(piece, 'Tuesday'), piece);
    giveUpAhead(piece.id);
    assert.ok((await keeping)?.ok);
    assert.deepEqual([await nameThere(piece), keptBeside.size], ['Monday', 0]);
  });

  it('would be lost only while neither place has it', async () => {
    const piece = newPiece('Monday');
    Object.assign(globalThis, { localStorage: { setItem: () => assert.fail('full') } });
    const keeping = keep('piece', piece, null);
    assert.equal(wouldLose(), true);
    await keeping;
    assert.equal(wouldLose(), false);
  });

  it('is gone for good once it is deleted, whatever was on its way', async () => {
    const piece = newPiece('Monday');
    void keep('piece', piece, null);
    await remove('piece', piece.id);
    await allKept();
    assert.deepEqual([await nameThere(piece), keptBeside.size], [undefined, 0]);
  });
});

describe('what two pages make at once', () => {
  const week = (minutes: number, daysOff: readonly string[]): RecordOf<'week'> => {
    const made = newWeek({ playerId: 'wren', name: 'Wren' });
    return { ...made, document: { ...made.document, minutes: [minutes, ...made.document.minutes.slice(1)], daysOff: [...daysOff] } };
  };

  it('is one in the end, with what both put into it, whoever writes it, now or from what was left', async () => {
    for (const isLeft of [false, true]) {
      await database.weeks.clear();
      await database.weeks.put({ ...week(30, ['2026-03-09']), revision: 1, writtenBy: 'another page' });
      if (isLeft) await putUnwritten(JSON.stringify({ ...week(45, ['2026-03-10']), base: null, sent: [] }));
      else await keep('week', week(45, ['2026-03-10']), null);
      const [there] = await database.weeks.toArray();
      assert.equal(there?.document.minutes[0], 45);
      assert.deepEqual(there?.document.daysOff.toSorted(), ['2026-03-09', '2026-03-10']);
      assert.equal((await versionsOf('week', there?.id ?? '')).length > 0, true);
    }
  });

  it('has the minutes that either has typed, for a week begins with some for every day', async () => {
    const weekWith = (day: number, minutes: number): RecordOf<'week'> => {
      const made = newWeek({ playerId: 'wren', name: 'Wren' });
      return { ...made, document: { ...made.document, minutes: made.document.minutes.with(day, minutes) } };
    };
    for (const isLeft of [false, true]) {
      await database.weeks.clear();
      await database.weeks.put({ ...weekWith(0, 45), revision: 1, writtenBy: 'another page' });
      if (isLeft) await putUnwritten(JSON.stringify({ ...weekWith(1, 20), base: null, sent: [] }));
      else await keep('week', weekWith(1, 20), null);
      const [there] = await database.weeks.toArray();
      assert.deepEqual(there?.document.minutes.slice(0, 2), [45, 20]);
    }
  });

  it('in a place where nothing was is in it from both', () => {
    const changed = { bases: [{}], here: { weights: { shift: 1 } }, there: { weights: { crossing: 2 } }, counts: 'here' as const };
    assert.deepEqual(joinValues(changed), { weights: { shift: 1, crossing: 2 } });
    // A value that was removed on purpose is not nothing.
    assert.deepEqual(
      joinValues({ bases: [{ goal: null }], here: { goal: { name: 'a' } }, there: { goal: { day: 'b' } }, counts: 'here' }),
      {
        goal: { name: 'a' },
      },
    );
  });
});

describe('which of two writings is later', () => {
  /** Makes a piece that is stored, and what a page that read it has left unwritten. */
  async function leave(change: Partial<PieceRecord>, sent: readonly PieceRecord[] = []): Promise<{ piece: PieceRecord; text: string }> {
    const piece = newPiece('Before');
    await keep('piece', piece, null);
    const base = await database.pieces.get(piece.id);
    assert.ok(base);
    return {
      piece,
      text: JSON.stringify({ ...rename(base, 'Left'), ...change, base, sent: sent.map((version) => ({ ...base, ...version })) }),
    };
  }

  it('goes by the revisions: what was left follows from what is there, though the clock was put back an hour', async () => {
    const { piece, text } = await leave({ updatedAt: Date.now() - HOUR_MS });
    await putUnwritten(text);
    assert.equal(await nameThere(piece), 'Left');
  });

  it('keeps both where another page wrote meanwhile, though the clock was put back an hour', async () => {
    const { piece, text } = await leave({ updatedAt: Date.now() - HOUR_MS });
    await writeElsewhere(piece, { name: 'There', tags: ['june'] });
    await putUnwritten(text);
    assert.deepEqual([await nameThere(piece), (await database.pieces.get(piece.id))?.document.tags], ['Left', ['june']]);
    assert.deepEqual((await versionNames(piece))[0], 'There');
  });

  it('joins what another page writes while what was left is being put in: neither is written over', async () => {
    const { piece, text } = await leave({ writtenBy: 'an earlier page' });
    const { pieces } = database;
    const meanwhile = mock.method(
      database,
      'tableOf',
      () =>
        Object.create(pieces, {
          get: {
            value: async (id: string) => {
              const there = await pieces.get(id);
              await writeElsewhere(piece, { tags: ['june'] });
              return there;
            },
          },
        }) as typeof pieces,
      { times: 1 },
    );
    await putUnwritten(text);
    meanwhile.mock.restore();
    assert.deepEqual([await nameThere(piece), (await database.pieces.get(piece.id))?.document.tags], ['Left', ['june']]);
  });

  it('knows a page’s own later write: what it had left before is not put in its place', async () => {
    const { piece, text } = await leave({ writtenBy: THIS_TAB });
    const there = await database.pieces.get(piece.id);
    assert.ok(there);
    await keep('piece', rename(there, 'Left and changed again'), there);
    await putUnwritten(text);
    assert.equal(await nameThere(piece), 'Left and changed again');
    assert.equal((await versionNames(piece))[0], 'Left');
  });

  it('is not taken from what a browser that was killed gives once more: what was left and is written long since', async () => {
    const { piece, text } = await leave({ writtenBy: 'an earlier page' });
    const left = JSON.stringify({ ...JSON.parse(text), change: 3 });
    await putUnwritten(left);
    const there = await database.pieces.get(piece.id);
    assert.ok(there);
    await keep('piece', rename(there, 'Changed later'), there);
    await putUnwritten(left);
    assert.equal(await nameThere(piece), 'Changed later');
    await putUnwritten(JSON.stringify({ ...JSON.parse(text), change: 4 }));
    assert.equal(await nameThere(piece), 'Left', 'a change that is not in the record yet is put in');
  });

  it('knows that of a piece that the page had made itself, too', async () => {
    const piece = newPiece('Made');
    const text = JSON.stringify({ ...piece, base: null, sent: [] });
    await keep('piece', rename(piece, 'Made and named'), null);
    await putUnwritten(text);
    assert.equal(await nameThere(piece), 'Made and named');
    await putUnwritten(JSON.stringify({ ...rename(piece, 'Named again'), base: null, sent: [rename(piece, 'Made and named')] }));
    assert.equal(await nameThere(piece), 'Named again');
  });

  it('keeps both where what was left does not say what it began with', async () => {
    const piece = newPiece('There');
    await keep('piece', piece, null);
    await putUnwritten(JSON.stringify({ ...rename(piece, 'Left'), updatedAt: 1 }));
    assert.equal(await nameThere(piece), 'Left');
    assert.equal((await versionNames(piece))[0], 'There');
  });
});

describe('a list that two tabs have changed', () => {
  const join = (field: string, bases: readonly unknown[], here: unknown, there: unknown): unknown =>
    Reflect.get(
      Object(
        joinValues({ bases: bases.map((base) => ({ [field]: base })), here: { [field]: here }, there: { [field]: there }, counts: 'here' }),
      ),
      field,
    );

  it('of minutes has those of each tab, day by day', () => {
    const { minutes } = FIRST_WEEK;
    const [monday, sunday] = [minutes.with(0, 5), minutes.with(6, 90)];
    assert.deepEqual(join('minutes', [minutes], monday, sunday), minutes.with(0, 5).with(6, 90));
  });

  it('of tags has what either added and not what either took away', () => {
    assert.deepEqual(join('tags', [['june', 'duet']], ['june', 'slow'], ['duet', 'june', 'exam']), ['june', 'exam', 'slow']);
  });

  it('of items has both changes of one item, a new item of each, and no item that was taken away', () => {
    const item = (piece: string, minutes: number): object => ({ practised: { piece }, minutes });
    const before = [item('a', 5), item('b', 5), item('c', 5)];
    const here = [item('a', 10), item('b', 5), item('c', 5), item('here', 5)];
    const there = [item('there', 5), item('a', 5), item('b', 7)];
    assert.deepEqual(join('items', [before], here, there), [item('there', 5), item('a', 10), item('b', 7), item('here', 5)]);
  });

  it('keeps an item that one tab took away and the other has just changed', () => {
    const stage = (state: string): object => ({ stage: 'name', state });
    assert.deepEqual(join('states', [[stage('not-yet')]], [], [stage('known')]), [stage('known')]);
  });

  it('is joined through a whole record in the database', async () => {
    const week = newWeek({ playerId: null, name: '' });
    await keep('week', week, null);
    const base = await database.weeks.get(week.id);
    assert.ok(base);
    const changedWeek = (day: number, minutes: number): typeof base => ({
      ...base,
      document: { ...base.document, minutes: base.document.minutes.with(day, minutes) },
    });
    await database.weeks.put({ ...changedWeek(6, 90), revision: base.revision + 1, writtenBy: 'another page' });
    const outcome = await keep('week', changedWeek(0, 5), base);
    assert.ok(outcome?.ok && outcome.joined);
    assert.deepEqual(outcome.record.document.minutes, base.document.minutes.with(0, 5).with(6, 90));
  });

  it('is joined item by item or known to make sense only whole, for every list of every document', () => {
    /** The lists of which one item says little without the others, or which stay with the notes, or are joined by a rule of their own. */
    const whole = [
      ...['notes', 'pitches', 'locks', 'stretches', 'marks', 'changes', 'lengths', 'lockedBows', 'strings', 'fingers'],
      ...['given', 'shown', 'points', 'entries', 'bows', 'helps', 'tuning', 'pressingMm', 'highestPerString', 'weights'],
    ];
    const lists = new Set(DOCUMENT_NAMES.flatMap(listsOf));
    assert.deepEqual([...lists].filter((field) => !(field in JOINED_LISTS) && !whole.includes(field)).toSorted(), []);
  });
});
