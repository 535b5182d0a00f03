import { documentIssue, type Issue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { type OldDocument, upgrade, type UpgradePath } from './document-kind.ts';

/** A check of a value against the schema of a document; it is passed in, since the core knows no validator. */
export type ReadValue<Document> = (value: unknown) => Reading<Document>;

/** The fields of a kind that reading a file needs. */
export interface ReadableKind extends UpgradePath {
  /** The name for people: "piece". */
  readonly kind: string;
  /** The format named in its files. */
  readonly format: string;
}

/** Writes a document as a file: indented, so that people can read it. */
export function documentToText(document: object): string {
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Reads a document from a file's text: refuses damaged files and newer versions, upgrades older ones. */
export function readDocumentText<Document>(text: string, kind: ReadableKind, readValue: ReadValue<Document>): Reading<Document> {
  const parsed = parseJson(text);
  return parsed.ok ? readDocument(parsed.value, kind, readValue) : parsed;
}

/** Reads a document of any version from a value. */
export function readDocument<Document>(value: unknown, kind: ReadableKind, readValue: ReadValue<Document>): Reading<Document> {
  const reportDamage = (what: string): Reading<never> => badReading(at(documentIssue('damaged', { kind: kind.kind, what })));
  if (!isRecord(value)) return reportDamage('it holds no object');
  const { format, version } = value;
  if (format !== kind.format) return reportDamage(`its format is ${JSON.stringify(format ?? null)}`);
  if (typeof version !== 'number') return reportDamage('it does not say its version');
  if (version > kind.version) return badReading(at(documentIssue('newer-version', { version, known: kind.version })));
  const current = upgrade(value, version, kind);
  return current ? readValue(current) : reportDamage(`its version is ${version}`);
}

function parseJson(text: string): Reading<unknown> {
  try {
    const value: unknown = JSON.parse(text);
    return goodReading(value);
  } catch (error) {
    return badReading(at(documentIssue('not-json', { detail: error instanceof Error ? error.message : String(error) })));
  }
}

/** Gives a fault that concerns the whole document its place. */
function at(issue: Issue): Issue {
  return { ...issue, where: { pointer: '' } };
}

function isRecord(value: unknown): value is OldDocument & { readonly format?: unknown; readonly version?: unknown } {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
