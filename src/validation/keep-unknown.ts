import { carryUnknown, type DocumentName, type DocumentOf } from '#core/documents';
import { known as knownBy } from './compiled/known.js';

/** Gives a document that was made from what is known here, with those fields of the one before that are not known. */
export async function keepUnknown<Name extends DocumentName>(
  name: Name,
  changed: DocumentOf<Name>,
  before: unknown,
): Promise<DocumentOf<Name>> {
  const { known } = await knownBy[name]();
  return Object.assign({}, changed, carryUnknown(changed, before, known));
}
