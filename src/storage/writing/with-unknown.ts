import type { DocumentName } from '#core/documents';
import { keepUnknown } from '../../validation/keep-unknown.ts';
import type { RecordOf } from '../../records/record.ts';

/**
 * Gives a changed record with whatever a newer version has added to the one before, in its document and beside it: the page that changed it
 * has made it from what it knows.
 */
export async function withUnknownOf<Name extends DocumentName>(
  name: Name,
  changed: RecordOf<Name>,
  before: RecordOf<DocumentName> | null | undefined,
): Promise<RecordOf<Name>> {
  if (!before || before.document.format !== changed.document.format) return changed;
  const document = await keepUnknown<DocumentName>(name, changed.document, before.document);
  return Object.assign({}, before, changed, { document });
}
