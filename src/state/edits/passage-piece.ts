import { lineTextOf, partOf } from '#core/brief/lines';
import { NOTHING_ALONG, pieceOf } from '../../records/piece-documents.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { excerptOf } from '../books/index.ts';
import { keep } from '../keeping/index.ts';
import type { Passage } from '../selection.ts';
import { passageText, tellNotesOfBrief } from '../../words/line/note-places.ts';
import { workStore } from '../bench/index.ts';

/** Makes a piece of its own of a passage and keeps it; resolves to its id, or the reason why not. */
export async function pieceOfPassage({ from, to }: Passage): Promise<{ readonly id: string } | { readonly trouble: string }> {
  const { brief, name, instrumentId, playerId, schoolId, inBook } = workStore.getState();
  const part = partOf(brief, from, to);
  const title = `${name === '' ? 'A line' : name}, ${passageText({ from, to }, tellNotesOfBrief(brief))}`.slice(0, 120);
  const record = newPieceRecord(pieceOf(title, part, lineTextOf(part), { ...NOTHING_ALONG, inBook: excerptOf(inBook) }), false, {
    instrumentId,
    playerId,
    schoolId,
  });
  const outcome = await keep('piece', record, null);
  return outcome?.ok === false ? { trouble: outcome.message } : { id: record.id };
}
