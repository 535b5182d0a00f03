import { DOCUMENT_KINDS, type InstrumentDocument, type PlayerDocument, type SchoolDocument } from '#core/documents';
import type { Reading } from '#core/result';
import { readFileText } from '../validation/documents.ts';

/** Reads an instrument, a player or a school from a file's text; the file names its kind. */
export async function readStudioFile(
  text: string,
): Promise<Reading<InstrumentDocument> | Reading<PlayerDocument> | Reading<SchoolDocument>> {
  if (text.includes(DOCUMENT_KINDS.school.format)) return await readFileText('school', text);
  return text.includes(DOCUMENT_KINDS.player.format) ? await readFileText('player', text) : await readFileText('instrument', text);
}
