import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../storage/database.ts';
import { keep } from './keep.ts';

/** A record could not be written yet; the head of the page says why. */
export class NotKept extends Error {}

/** Keeps a record that nothing is typed into any more: it as it was written. Throws the words for people where it cannot be written. */
export async function keepOrThrow<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<Name> | null = null,
): Promise<RecordOf<Name>> {
  const outcome = await keep(name, record, base);
  if (outcome?.ok === false) throw new NotKept(outcome.message);
  return outcome?.record ?? record;
}
