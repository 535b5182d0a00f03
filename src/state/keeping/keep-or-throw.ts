import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { keep, type Kept } from './keep.ts';

/** The error of a record that could not be written yet; the head of the page says why. */
class NotKept extends Error {}

/**
 * Keeps a record into which nothing is typed any more, and returns it as it was written.
 *
 * @throws the words for people where it cannot be written
 */
export async function keepOrThrow<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<Name> | null = null,
): Promise<Pick<Kept<Name>, 'record' | 'joined'>> {
  const outcome = await keep(name, record, base);
  if (outcome?.ok === false) throw new NotKept(outcome.message);
  return outcome ?? { record, joined: false };
}

/** Gives the words for an error on a page whose head says what could not be kept: null for that, so that nothing is said twice. */
export function wordsBesideHead(error: unknown, otherwise: string): string | null {
  if (error instanceof NotKept) return null;
  return error instanceof Error ? error.message : otherwise;
}
