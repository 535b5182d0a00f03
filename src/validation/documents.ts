import {
  type Checked,
  type CheckedName,
  DOCUMENT_KINDS,
  type DocumentName,
  type DocumentOf,
  readDocument,
  readDocumentText,
} from '#core/documents';
import type { Reading } from '#core/result';
import { validators } from './compiled/validators.js';
import { readValue, type ReadValue } from './read-value.ts';

/** Reads a value that must be of this version: a request, or something just made. */
export async function readAs<Name extends CheckedName>(name: Name, value: unknown): Promise<Reading<Checked[Name]>> {
  return (await checkOf(name))(value);
}

/** Reads a value as a document of whatever version: one from the database. */
export async function readAnyVersion<Name extends DocumentName>(name: Name, value: unknown): Promise<Reading<DocumentOf<Name>>> {
  return readDocument(value, DOCUMENT_KINDS[name], await checkOf<Name>(name));
}

/** Reads a file's text as a document of whatever version. */
export async function readFileText<Name extends DocumentName>(name: Name, text: string): Promise<Reading<DocumentOf<Name>>> {
  return readDocumentText(text, DOCUMENT_KINDS[name], await checkOf<Name>(name));
}

/** Loads the check of a schema when it is first needed: the bench draws its staff without any. */
async function checkOf<Name extends CheckedName>(name: Name): Promise<ReadValue<Checked[Name]>> {
  const { validate } = await validators[name]();
  return (value) => readValue(validate, value);
}
