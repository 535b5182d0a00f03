import { badReading, type Issue, type Reading } from '#core/reading';
import { damagedDocument, fileOfNewerVersion, notJson } from '#core/words';
import type { Piece } from './schema.ts';
import { type Upgrade, upgraded } from './upgrade.ts';
import { PIECE_FORMAT, PIECE_VERSION } from './version.ts';

/** Checks a value against the schema of a piece; given from outside, since the core knows no validator. */
export type ReadValue = (value: unknown) => Reading<Piece>;

/** Steps between versions of the piece document; none yet. */
const UPGRADES: ReadonlyMap<number, Upgrade> = new Map();

/** Writes a piece as a file: indented, so that people can read it. */
export function pieceToText(piece: Piece): string {
  return `${JSON.stringify(piece, null, 2)}\n`;
}

/** Reads a piece from a file's text: refuses damaged files and newer versions, upgrades older ones. */
export function readPieceText(text: string, readValue: ReadValue): Reading<Piece> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const document = parsed.value;
  if (!isRecord(document)) return refused('schema', damagedDocument('it holds no object'));
  if (document['format'] !== PIECE_FORMAT)
    return refused('schema', damagedDocument(`its format is ${JSON.stringify(document['format'] ?? null)}`));
  const version = document['version'];
  if (typeof version !== 'number') return refused('schema', damagedDocument('it does not say its version'));
  if (version > PIECE_VERSION) return refused('version', fileOfNewerVersion(version, PIECE_VERSION));
  const current = upgraded(document, version, PIECE_VERSION, UPGRADES);
  return current ? readValue(current) : refused('version', damagedDocument(`its version is ${version}`));
}

function parseJson(text: string): Reading<unknown> {
  try {
    const value: unknown = JSON.parse(text);
    return { ok: true, value };
  } catch (error) {
    return refused('syntax', notJson(error instanceof Error ? error.message : 'unknown error'));
  }
}

function refused(
  code: Issue['code'],
  words: { readonly message: string; readonly hint: string },
): { readonly ok: false; readonly issues: readonly Issue[] } {
  return badReading({ code, where: { pointer: '' }, ...words });
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
