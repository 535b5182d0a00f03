import { dequal } from 'dequal';
import { withSchool } from '#core/brief/edits';
import type { DocumentName, Piece } from '#core/documents';
import type { Demo } from '../../demo/index.ts';
import type { InstrumentRecord, PieceRecord, PlayerRecord, RecordOf, SchoolRecord } from '../../records/record.ts';
import { schoolOf } from '../../records/for-briefs.ts';
import { newInstrument, newPieceRecord, newPlayer, newSchool } from '../../records/new-records.ts';

/** The demo as records. */
export type DemoRecords = { readonly [Name in DocumentName]: readonly RecordOf<Name>[] };

/** The records where there is no demo. */
const NO_RECORDS: DemoRecords = { piece: [], instrument: [], player: [], school: [], stages: [], session: [], week: [], log: [], book: [] };

/**
 * Makes the records of the demo at a time, ms since 1970; the server has checked it. The first of the pieces is the newest, so that it
 * opens first. Everything of the demo has the same id in every browser.
 */
export function demoRecords({ documents, instrumentOf }: Demo, now: number): DemoRecords {
  const instruments = documents.instrument.map((document) => withDemoId(newInstrument(document, true)));
  const schools = documents.school.map((document) => withDemoId(newSchool(document, true)));
  const idOf = (name: string | undefined): string | null => instruments.find(({ document }) => document.name === name)?.id ?? null;
  const players = documents.player.map((document) =>
    withDemoId(newPlayer(document, { instrumentId: idOf(instrumentOf[document.name]), schoolId: schools[0]?.id ?? null }, true)),
  );
  const pieces = documents.piece.map((piece, index) => {
    const at = now - index * 1000;
    return { ...linkPiece(piece, players, instruments, schools[0]), createdAt: at, updatedAt: at };
  });
  return { ...NO_RECORDS, piece: pieces, instrument: instruments, player: players, school: schools };
}

/** Gives a record an id that says that it is of the demo, and which. */
function withDemoId<Kept extends { readonly id: string; readonly document: { readonly format: string; readonly name: string } }>(
  record: Kept,
): Kept {
  const { format, name } = record.document;
  const words = [format, name].flatMap(
    (word) =>
      word
        .toLowerCase()
        .replaceAll('♭', ' flat')
        .replaceAll('♯', ' sharp')
        .match(/[a-z0-9]+/g) ?? [],
  );
  return { ...record, id: ['demo', ...words.slice(FORMAT_WORDS)].join('-') };
}

/** The words with which every format begins: those of the application's name. */
const FORMAT_WORDS = 2;

/** Links a piece to its player by name, to the player's instrument where it is the one described, and to the studio's school. */
function linkPiece(
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
  return withDemoId(newPieceRecord({ ...piece, brief: taught }, true, uses));
}
