import type { Piece } from '#core/format';
import type { DemoPlayer } from '../demo/studio.ts';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord } from './database.ts';
import { newRecord } from './pieces.ts';
import { newInstrument, newPlayer } from './studio-records.ts';

/** What the server gives for a demo. */
interface DemoDocuments {
  readonly pieces: readonly Piece[];
  readonly studio: readonly DemoPlayer[];
}

/** The demo as records. */
interface DemoRecords {
  readonly pieces: readonly PieceRecord[];
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

/** Puts the demo in on the very first start of a demo, once. */
export async function seedDemoOnce(): Promise<void> {
  if (await database.facts.get('demo-seeded')) return;
  const records = await demoRecords();
  await inOneGo(async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await putIn(records);
  });
}

/** Brings the demo back as it was; the teacher's own pieces, instruments and players stay as they are. */
export async function restoreDemo(): Promise<void> {
  const records = await demoRecords();
  await inOneGo(async () => {
    await takeOut();
    await putIn(records);
  });
}

/** Takes away the demo. */
export async function clearDemo(): Promise<void> {
  await inOneGo(takeOut);
}

async function inOneGo(work: () => Promise<void>): Promise<void> {
  await database.transaction('rw', database.facts, database.pieces, database.instruments, database.players, work);
}

async function putIn({ pieces, instruments, players }: DemoRecords): Promise<void> {
  await database.pieces.bulkPut(pieces);
  await database.instruments.bulkPut(instruments);
  await database.players.bulkPut(players);
}

async function takeOut(): Promise<void> {
  await database.pieces.filter((record) => record.demo).delete();
  await database.instruments.filter((record) => record.demo).delete();
  await database.players.filter((record) => record.demo).delete();
}

/** The demo as records; the server has checked it. The first of the pieces is the newest, so that it opens first. */
async function demoRecords(): Promise<DemoRecords> {
  const response = await fetch('/api/demo');
  const documents: DemoDocuments | null = response.ok ? await response.json() : null;
  if (documents === null) throw new Error('The demo pieces cannot be fetched from the server just now. Try again later.');
  const pupils = documents.studio.map(({ player, instrument }) => {
    const own = newInstrument(instrument, true);
    return { instrument: own, player: newPlayer(player, own.id, true) };
  });
  const now = Date.now();
  return {
    pieces: documents.pieces.map((piece, index) => ({ ...linked(piece, pupils), updatedAt: now - index * 1000 })),
    instruments: pupils.map((pupil) => pupil.instrument),
    players: pupils.map((pupil) => pupil.player),
  };
}

/** A piece is tied to its pupil by name, and to the pupil's instrument where it is the one described. */
function linked(piece: Piece, pupils: readonly { readonly instrument: InstrumentRecord; readonly player: PlayerRecord }[]): PieceRecord {
  const pupil = pupils.find(({ player }) => player.sheet.name === piece.brief.player?.name);
  const own = JSON.stringify(pupil?.instrument.sheet.instrument) === JSON.stringify(piece.brief.instrument);
  return newRecord(piece, true, { instrumentId: own ? (pupil?.instrument.id ?? null) : null, playerId: pupil?.player.id ?? null });
}
