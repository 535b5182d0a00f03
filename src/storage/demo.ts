import { dequal } from 'dequal';
import { withSchool } from '#core/brief/edits';
import { DOCUMENT_NAMES, type DocumentName, type Piece } from '#core/documents';
import type { Demo } from '../demo/documents.ts';
import { NO_DEMO } from '../words/kept/storage.ts';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord, type RecordOf, type SchoolRecord } from './database.ts';
import { newInstrument, newPieceRecord, newPlayer, newSchool } from './records.ts';
import { together } from './writing/together.ts';
import { schoolOf } from './for-briefs.ts';

/** The demo as records. */
type DemoRecords = { readonly [Name in DocumentName]: readonly RecordOf<Name>[] };

/** Puts the demo in on the very first start of a demo, once. */
export async function seedDemoOnce(): Promise<void> {
  if (await database.facts.get('demo-seeded')) return;
  const records = await demoRecords();
  await together(async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await putIn(records);
  });
}

/** Puts the demo back as it was before a change, with what had been edited in it. */
export type PutBack = () => Promise<void>;

/** Brings the demo back as it ships; the teacher's own pieces, instruments and players stay as they are. */
export async function restoreDemo(): Promise<PutBack> {
  const records = await demoRecords();
  const { demoPractice } = await import('./demo-practice.ts');
  const practised = records.player.flatMap((player) => demoPractice(player, records.piece, Date.now()));
  const practice = {
    session: practised.map(({ session }) => session),
    week: practised.map(({ week }) => week),
    log: practised.flatMap(({ log }) => log),
  };
  return await replaceDemo({ ...records, ...practice });
}

/** Removes the demo; the teacher's own stays. */
export async function clearDemo(): Promise<PutBack> {
  return await replaceDemo(NO_RECORDS);
}

const NO_RECORDS: DemoRecords = { piece: [], instrument: [], player: [], school: [], stages: [], session: [], week: [], log: [] };

async function replaceDemo(next: DemoRecords): Promise<PutBack> {
  const before = await demoThere();
  await together(async () => {
    await removeDemo();
    await putIn(next);
  });
  return async () => {
    await replaceDemo(before);
  };
}

async function demoThere(): Promise<DemoRecords> {
  const there = async <Name extends DocumentName>(name: Name): Promise<readonly RecordOf<Name>[]> =>
    await database
      .tableOf(name)
      .filter(({ demo }) => demo)
      .toArray();
  return {
    piece: await there('piece'),
    instrument: await there('instrument'),
    player: await there('player'),
    school: await there('school'),
    stages: await there('stages'),
    session: await there('session'),
    week: await there('week'),
    log: await there('log'),
  };
}

async function putIn(records: DemoRecords): Promise<void> {
  const put = async <Name extends DocumentName>(name: Name): Promise<void> => {
    await database.tableOf(name).bulkPut([...records[name]]);
  };
  for (const name of DOCUMENT_NAMES) await put(name);
}

async function removeDemo(): Promise<void> {
  for (const name of DOCUMENT_NAMES) {
    await database
      .tableOf(name)
      .filter((record) => record.demo)
      .delete();
  }
}

/** The demo as records; the server has checked it. The first of the pieces is the newest, so that it opens first. */
async function demoRecords(): Promise<DemoRecords> {
  const response = await fetch('/api/demo');
  const demo: Demo | null = response.ok ? await response.json() : null;
  if (demo === null) throw new Error(NO_DEMO);
  const { documents, instrumentOf } = demo;
  const instruments = documents.instrument.map((instrument) => newInstrument(instrument, true));
  const schools = documents.school.map((school) => newSchool(school, true));
  const idOf = (name: string | undefined): string | null => instruments.find(({ document }) => document.name === name)?.id ?? null;
  const players = documents.player.map((player) =>
    newPlayer(player, { instrumentId: idOf(instrumentOf[player.name]), schoolId: schools[0]?.id ?? null }, true),
  );
  const now = Date.now();
  const pieces = documents.piece.map((piece, index) => ({
    ...linked(piece, players, instruments, schools[0]),
    updatedAt: now - index * 1000,
  }));
  return {
    piece: pieces,
    instrument: instruments,
    player: players,
    school: schools,
    stages: [],
    session: [],
    week: [],
    log: [],
  };
}

/** A piece is tied to its player by name, to the player's instrument where it is the one described, and follows the studio's school. */
function linked(
  { brief, ...piece }: Piece,
  players: readonly PlayerRecord[],
  instruments: readonly InstrumentRecord[],
  school: SchoolRecord | undefined,
): PieceRecord {
  const player = players.find(({ document }) => document.name === brief.player?.name);
  const own = instruments.find(({ id }) => id === player?.instrumentId);
  const described = own !== undefined && dequal(own.document.instrument, brief.instrument);
  const taught = withSchool(brief, school ? schoolOf(school.document) : null);
  const uses = { instrumentId: described ? own.id : null, playerId: player?.id ?? null, schoolId: school?.id ?? null };
  return newPieceRecord({ ...piece, brief: taught }, true, uses);
}
