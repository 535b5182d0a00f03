import { dequal } from 'dequal';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import { issuesText } from '#core/messages';
import { FIRST_TOLERANCE } from '#core/trends';
import { briefFromText } from '../../files/index.ts';
import { dayOf } from '../../records/log-pages.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { newSession } from '../../records/new-practice-records.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import type { PieceRecord } from '../../records/record.ts';
import { loadPieces } from '../../storage/reading/index.ts';
import { CODE_OF_NO_PIECE } from '../../words/practice/stand.ts';
import { keepOrThrow } from '../keeping/index.ts';
import { loadItem } from './load-item.ts';
import { newItem } from './new-item.ts';
import { beginSession } from './running.ts';

/**
 * Opens the brief of a code on the stand: as the piece that has it already, or as a new one, in a session of its own, as whoever is taught on
 * this device. Returns why it cannot be played; null where it stands there.
 */
export async function openOnStand(
  text: string,
  whose: { readonly playerId: string | null; readonly name: string },
): Promise<string | null> {
  const reading = await briefFromText(text);
  if (!reading.ok) return issuesText(reading.issues);
  const piece = (await pieceWith(reading.value)) ?? (await keptPiece(reading.value));
  const item = newItem(piece, { part: 'whole' });
  const loaded = await loadItem(item);
  if (!loaded) return CODE_OF_NO_PIECE;
  const session = newSession({ name: '', day: dayOf(Date.now()), endCheck: '', items: [item] }, whose.playerId);
  await keepOrThrow('session', session);
  beginSession({ session, whose, items: [loaded], tolerance: FIRST_TOLERANCE, fadingOf: () => null, left: undefined });
  return null;
}

/** Finds the piece with this brief: a code that is scanned once more opens what is there. */
async function pieceWith(brief: Brief): Promise<PieceRecord | null> {
  const { records } = await loadPieces();
  return records.find(({ document }) => dequal(document.brief, brief)) ?? null;
}

async function keptPiece(brief: Brief): Promise<PieceRecord> {
  const record = newPieceRecord(pieceOf('', brief, lineTextOf(brief)));
  await keepOrThrow('piece', record);
  return record;
}
