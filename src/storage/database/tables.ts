import { DOCUMENT_KINDS } from '#core/documents';

/** The name of the browser's database. */
export const DATABASE_NAME = 'dove-path';

/** The versions there were before any kind was added, and those that were added for another reason than a kind. */
const OTHER_VERSIONS = 2;

/** Gives the version of a database with a table for every kind of document: every kind that is added adds one. */
export function tablesVersion(kinds: Readonly<Record<string, unknown>> = DOCUMENT_KINDS): number {
  return Object.keys(kinds).length + OTHER_VERSIONS;
}
