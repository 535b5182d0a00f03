import { dequal } from 'dequal';
import { DOCUMENT_NAMES, type Piece } from '#core/documents';
import type { Demo } from '../demo/documents.ts';
import { NO_DEMO } from '../words/storage.ts';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord } from './database.ts';
import { newInstrument, newPieceRecord, newPlayer, together } from './records.ts';

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
  await together(async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await putIn(records);
  });
}

/** Brings the demo back as it was; the teacher's own pieces, instruments and players stay as they are. */
export async function restoreDemo(): Promise<void> {
  const records = await demoRecords();
  await together(async () => {
    await takeOut();
    await putIn(records);
  });
}

/** Takes away the demo. */
export async function clearDemo(): Promise<void> {
  await together(takeOut);
}

async function putIn({ pieces, instruments, players }: DemoRecords): Promise<void> {
  await database.pieces.bulkPut(pieces);
  await database.instruments.bulkPut(instruments);
  await database.players.bulkPut(players);
}

async function takeOut(): Promise<void> {
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
  const idOf = (name: string | undefined): string | null => instruments.find(({ document }) => document.name === name)?.id ?? null;
  const players = documents.player.map((player) => newPlayer(player, idOf(instrumentOf[player.name]), true));
  const now = Date.now();
  return {
    pieces: documents.piece.map((piece, index) => ({ ...linked(piece, players, instruments), updatedAt: now - index * 1000 })),
    instruments,
    players,
  };
}

/** A piece is tied to its player by name, and to the player's instrument where it is the one described. */
function linked(piece: Piece, players: readonly PlayerRecord[], instruments: readonly InstrumentRecord[]): PieceRecord {
  const player = players.find(({ document }) => document.name === piece.brief.player?.name);
  const own = instruments.find(({ id }) => id === player?.instrumentId);
  const described = own !== undefined && dequal(own.document.instrument, piece.brief.instrument);
  return newPieceRecord(piece, true, { instrumentId: described ? own.id : null, playerId: player?.id ?? null });
}
