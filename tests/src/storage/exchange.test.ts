import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { ladderTo, USUAL_SET } from '#core/practice/ladder';
import type { LogEntry } from '#core/practice/log';
import { PLAIN_ALONG, type PracticeItem } from '#core/practice/item';
import { DOCUMENT_KINDS, withHead } from '#core/documents';
import { plan } from '#core/plan';
import { FIRST_WEEK, withItems } from '#core/week';
import { sameFor } from '../../../src/state/practice/for-pupils.ts';
import { withPlace } from '../../../src/state/books/place-in-book.ts';
import { bringIn } from '../../../src/state/backup/brought.ts';
import { recordsText } from '../../../src/state/backup/records-text.ts';
import { database } from '../../../src/storage/database/database.ts';
import type { PieceRecord, PlayerRecord } from '../../../src/records/record.ts';
import { type AssignmentBrought, assignmentText, type GivenToPupil, readAssignmentText } from '../../../src/state/exchange/assignment.ts';
import { logText, readLogText } from '../../../src/state/exchange/log-file.ts';
import { dayOf, entriesOf, newEntry, pageOf } from '../../../src/records/log-pages.ts';
import { pieceOf } from '../../../src/records/piece-documents.ts';
import { loadLog } from '../../../src/storage/reading/practice.ts';
import { newBook, newPieceRecord, newPlayer } from '../../../src/records/new-records.ts';
import { newSession, newWeek } from '../../../src/records/new-practice-records.ts';
import { loadStudio } from '../../../src/storage/reading/studio.ts';
import { playerDocument } from '../../../src/records/studio.ts';
import { mergePages } from '../../../src/storage/writing/merge-pages.ts';
import { lineBrief } from '../../support/briefs.ts';
import { saveRecord } from '../../../src/storage/writing/save-record.ts';

const NOON = Date.UTC(2026, 2, 9, 12);

beforeEach(async () => {
  await database.delete();
  await database.open();
});

const player = async (name: string, kind: 'violin' | 'viola' | 'cello' | 'bass' = 'violin'): Promise<PlayerRecord> => {
  const record = newPlayer(playerDocument(name, { kind, player: {} }), { instrumentId: null, schoolId: null });
  await saveRecord('player', record);
  return record;
};

const piece = async (name: string, playerId: string, notes = ['D4', 'E4', 'F#4', 'G4']): Promise<PieceRecord> => {
  const record = { ...newPieceRecord(pieceOf(name, lineBrief('violin', notes, {}, 'D major'), '')), playerId };
  assert.ok((await saveRecord('piece', record)).ok);
  return record;
};

const itemOf = ({ id, document: { name } }: PieceRecord, part: PracticeItem['practised']['part'] = { part: 'whole' }): PracticeItem => {
  const practised = { piece: id, title: name, part };
  return { practised, minutes: 5, ladder: ladderTo(72), set: USUAL_SET, along: { ...PLAIN_ALONG, drone: 'D4' }, grouping: 'all' };
};

/** Makes a pupil of the studio with a piece in the week and in a session, an aim, and a remark of the teacher's. */
async function give(): Promise<GivenToPupil> {
  const wren = await player('Wren');
  const air = await piece('Air', wren.id);
  await piece('Not given', wren.id);
  const whose = { playerId: wren.id, name: 'Wren' };
  const week = newWeek(whose, {
    ...FIRST_WEEK,
    items: [...withItems([], [itemOf(air), itemOf(air, { part: 'passage', from: 1, to: 2 })])],
  });
  const session = newSession({ name: 'In tune', day: '2026-03-09', endCheck: '', items: [itemOf(air)] }, wren.id);
  await saveRecord('week', week);
  await saveRecord('session', session);
  await saveRecord(
    'log',
    pageOf(whose, '2026-03-09', [newEntry({ kind: 'aim', text: 'In tune' }, NOON), newEntry({ kind: 'remark', text: 'Between us' }, NOON)]),
  );
  return { player: wren, week, sessions: [session] };
}

async function read(text: string): Promise<AssignmentBrought> {
  const reading = await readAssignmentText(text);
  assert.ok(reading.ok);
  return reading.value;
}

async function takeIn({ pupils: [pupil] }: AssignmentBrought): Promise<void> {
  assert.ok(pupil);
  await bringIn(pupil.brought, pupil.brought);
}

async function emptyStorage(): Promise<void> {
  for (const table of database.tables) await table.clear();
}

describe('music of a book', () => {
  it('stays at home, and what is left of week and session goes; it goes, as the pupil’s own, where the book may be given', async () => {
    const given = await give();
    const book = newBook(withHead(DOCUMENT_KINDS.book, { name: 'Steps' }));
    await saveRecord('book', book);
    const copied = withPlace(await piece('Copied', given.player.id), { book: book.id, number: '3' });
    await database.pieces.put(copied);
    const { week, sessions } = given;
    assert.ok(week && sessions[0]);
    const withCopied: GivenToPupil = {
      ...given,
      week: { ...week, document: { ...week.document, items: [...withItems(week.document.items, [itemOf(copied)])] } },
      sessions: [...sessions, { ...sessions[0], id: 'only-copied', document: { ...sessions[0].document, items: [itemOf(copied)] } }],
    };
    const atHome = await read(await assignmentText([withCopied]));
    const kindsOf = ({ pupils: [pupil] }: AssignmentBrought, kind: string): number =>
      pupil?.brought.filter((one) => one.kind === kind).length ?? 0;
    assert.deepEqual([kindsOf(atHome, 'piece'), kindsOf(atHome, 'session')], [1, 1]);
    assert.doesNotMatch(await assignmentText([withCopied]), /Copied/);
    await database.books.update(book.id, { document: { ...book.document, mayBeGiven: true } });
    const text = await assignmentText([withCopied]);
    assert.deepEqual([kindsOf(await read(text), 'piece'), kindsOf(await read(text), 'session')], [2, 2]);
    assert.doesNotMatch(text, /inBook/);
  });

  it('stays at home where its book is not here', async () => {
    const given = await give();
    const lost = withPlace(await piece('Lost', given.player.id), { book: 'elsewhere' });
    await database.pieces.put(lost);
    const { week } = given;
    assert.ok(week);
    const items = [...withItems(week.document.items, [itemOf(lost)])];
    assert.doesNotMatch(await assignmentText([{ ...given, week: { ...week, document: { ...week.document, items } } }]), /Lost/);
  });
});

describe('an assignment', () => {
  it('brings a pupil in an empty browser what was given, and nothing else of the studio', async () => {
    const there = await give();
    await player('Robin');
    const text = await assignmentText([there]);
    await emptyStorage();
    await takeIn(await read(text));
    assert.deepEqual(
      (await loadStudio()).players.map(({ document: { name } }) => name),
      ['Wren'],
    );
    assert.deepEqual(
      (await database.pieces.toArray()).map(({ document: { name } }) => name),
      ['Air'],
    );
    assert.deepEqual([await database.weeks.count(), await database.sessions.count()], [1, 1]);
    assert.deepEqual(
      entriesOf(await loadLog(there.player.id)).map(({ kind }) => kind),
      ['aim'],
    );
    assert.ok(!text.includes('Between us') && !text.includes('Robin'));
  });

  it('taken in twice changes nothing the second time, and never writes over what the pupil logged', async () => {
    const there = await give();
    const text = await assignmentText([there]);
    await emptyStorage();
    await takeIn(await read(text));
    const whose = { playerId: there.player.id, name: 'Wren' };
    await saveRecord('log', pageOf(whose, '2026-03-09', [newEntry({ kind: 'remark', text: 'It went well' }, NOON + 1)]));
    const again = await read(text);
    assert.deepEqual(
      again.pupils[0]?.brought.map(({ standing }) => standing).filter((standing) => standing !== 'same'),
      [],
    );
    await takeIn(again);
    assert.deepEqual(
      entriesOf(await loadLog(there.player.id)).map(({ kind }) => kind),
      ['aim', 'remark'],
    );
  });

  it('for a class gives everyone the same piece on an instrument of their own, once', async () => {
    const there = await give();
    const [martin, merle] = [await player('Martin', 'cello'), await player('Merle', 'bass')];
    const all: GivenToPupil[] = [];
    for (const player of [there.player, martin, merle, martin]) all.push(await sameFor(player, there, await loadStudio()));
    const [wrens, martins, , again] = all;
    assert.equal(wrens, there);
    assert.deepEqual(again?.week?.document.items, martins?.week?.document.items);
    assert.equal(await database.sessions.count(), 3);
    const airs = (await database.pieces.toArray()).filter(({ document: { name } }) => name === 'Air');
    assert.deepEqual(airs.map(({ document: { brief } }) => brief.instrument.kind).toSorted(), ['bass', 'cello', 'violin']);
    for (const { document } of airs) assert.ok(plan(document.brief).ok, `${document.brief.instrument.kind} plays it`);
    const parts = martins?.week?.document.items.map(({ item }) => [item.practised.part.part, item.along.drone]);
    assert.deepEqual(parts, [
      ['whole', 'tonic'],
      ['passage', 'tonic'],
    ]);
    const file = await read(await assignmentText(all.slice(0, 3)));
    assert.deepEqual(
      file.pupils.map(({ name }) => name),
      ['Wren', 'Martin', 'Merle'],
    );
  });

  it('for a class sounds a scale an octave lower on the cello, and two on the double bass', async () => {
    const wren = await player('Wren');
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
    };
    const scale = { ...newPieceRecord(pieceOf('G major', brief, '')), playerId: wren.id };
    assert.ok((await saveRecord('piece', scale)).ok);
    const session = newSession({ name: '', day: '2026-03-09', endCheck: '', items: [itemOf(scale)] }, wren.id);
    const tonics: string[] = [];
    for (const kind of ['viola', 'cello', 'bass'] as const) {
      const pupil = await player(kind, kind);
      await sameFor(pupil, { player: wren, week: null, sessions: [session] }, await loadStudio());
      const copy = await database.pieces.filter(({ playerId }) => playerId === pupil.id).first();
      const material = copy?.document.brief.material;
      tonics.push(material && material.kind !== 'line' ? material.tonic : '');
      assert.ok(copy && plan(copy.document.brief).ok, kind);
    }
    assert.deepEqual(tonics, ['G3', 'G2', 'G1']);
  });

  it('that is hostile or damaged harms nothing: each part that is not in order is told, the others read', async () => {
    const there = await give();
    const robin = await player('Robin');
    const robins = await piece('Robin’s own', robin.id);
    const wrens = { ...robins, playerId: there.player.id };
    const to = there.player.id;
    const text = recordsText('dove-path/assignment', [
      { kind: 'player', record: there.player, for: to },
      { kind: 'player', record: robin, for: to },
      { kind: 'piece', record: robins, for: to },
      { kind: 'piece', record: wrens, for: to },
      { kind: 'session', record: newSession({ name: '', day: '2026-03-09', endCheck: '', items: [] }, robin.id), for: to },
      { kind: 'piece', record: { ...wrens, id: 'new', document: { ...wrens.document, name: 'x'.repeat(5000) } }, for: to },
      { kind: 'player', record: robin },
    ]);
    const { pupils, damaged } = await read(text);
    assert.deepEqual(
      damaged.map(({ place }) => place),
      [2, 3, 4, 5, 6, 7],
    );
    assert.deepEqual(
      pupils.map(({ name, brought }) => [name, brought.length]),
      [['Wren', 1]],
    );
    for (const wrong of ['', '[]', '{"format":"dove-path/studio","version":1,"records":[]}', text.replace('"version":1', '"version":9')])
      assert.equal((await readAssignmentText(wrong)).ok, false);
    assert.ok((await readAssignmentText(text.slice(0, text.indexOf('\n') + 40))).ok);
  });
});

describe('the log of a pupil', () => {
  const entry = (number: number): LogEntry => newEntry({ kind: 'remark', text: `${number}` }, NOON + number * 3_600_000);

  it('comes back in files in any order, any number of times, with doubles, and ends in the same record', async () => {
    const wren = { playerId: 'wren', name: 'Wren' };
    const all = Array.from({ length: 30 }, (_, number) => entry(number * 7));
    const files = fc.sample(fc.subarray(all, { minLength: 1 }), { numRuns: 60, seed: 7 });
    const pages = (entries: readonly LogEntry[]) =>
      [...new Set(entries.map(({ at }) => dayOf(at)))].map(
        (day) =>
          pageOf(
            wren,
            day,
            entries.filter(({ at }) => dayOf(at) === day),
          ).document,
      );
    let [added, there] = [0, 0];
    for (const file of [...files, all]) {
      const merged = await mergePages(wren, pages(file));
      added += merged.added;
      there += merged.there;
    }
    assert.deepEqual(entriesOf(await loadLog('wren')), all);
    assert.equal(added, all.length);
    assert.equal(
      added + there,
      files.reduce((sum, { length }) => sum + length, all.length),
    );
    const text = await logText('wren');
    await emptyStorage();
    const reading = await readLogText(text);
    assert.ok(reading.ok);
    for (const { pages: found } of reading.value.logs) await mergePages(wren, found);
    assert.deepEqual(entriesOf(await loadLog('wren')), all);
  });

  it('goes to the player it is brought to, whatever the file says of pages, and touches nobody else', async () => {
    const robin = { playerId: 'robin', name: 'Robin' };
    await saveRecord('log', pageOf(robin, '2026-03-09', [entry(1)]));
    const forged = { ...pageOf(robin, '2026-03-09', [entry(2)]), playerId: 'wren' };
    const reading = await readLogText(recordsText('dove-path/studio', [{ kind: 'log', record: forged }]));
    assert.ok(reading.ok);
    for (const { playerId, name, pages } of reading.value.logs) await mergePages({ playerId, name }, pages);
    assert.deepEqual([entriesOf(await loadLog('robin')).length, entriesOf(await loadLog('wren')).length], [1, 1]);
  });

  it('that is damaged costs only the pages that are', async () => {
    const wren = { playerId: 'wren', name: 'Wren' };
    const good = pageOf(wren, '2026-03-09', [entry(1)]);
    const bad = [
      { ...good, document: { ...good.document, day: '2026-99-99' } },
      { ...good, document: { ...good.document, entries: [{ ...entry(2), at: 9e15 }] } },
      {
        ...good,
        document: {
          ...good.document,
          entries: [{ id: 'x', at: 1, kind: 'file', name: 'x', type: 'image/png', bytes: 1, data: 'https://elsewhere.example/x.png' }],
        },
      },
    ];
    const lines = [...bad, good].map((record) => JSON.stringify({ kind: 'log', record }));
    const reading = await readLogText(`{"format":"dove-path/studio","version":1,"savedAt":1,"records":[\n${lines.join(',\n')}\n]}`);
    assert.ok(reading.ok);
    assert.deepEqual(
      reading.value.damaged.map(({ place }) => place),
      [1, 2, 3],
    );
    assert.deepEqual(
      reading.value.logs.map(({ pages }) => pages.length),
      [1],
    );
  });

  it('read from any text that was a file once never throws', async () => {
    const text = recordsText('dove-path/studio', [
      { kind: 'log', record: pageOf({ playerId: 'wren', name: 'Wren' }, '2026-03-09', [entry(1)]) },
    ]);
    await fc.assert(
      fc.asyncProperty(fc.nat(text.length), fc.nat(30), fc.string({ maxLength: 20 }), async (at, cut, put) => {
        const damaged = text.slice(0, at) + put + text.slice(at + cut);
        await readLogText(damaged);
        await readAssignmentText(damaged.replace('dove-path/studio', 'dove-path/assignment'));
      }),
      { numRuns: 300 },
    );
  });
});
