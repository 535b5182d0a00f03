import { badReading, type Issue, type Reading } from '#core/reading';
import { damagedDocument, fileOfNewerVersion, notJson } from '#core/words';
import type { InstrumentSheet, Piece, PlayerSheet } from './schema.ts';
import { type Upgrade, upgraded } from './upgrade.ts';
import { INSTRUMENT_FORMAT, INSTRUMENT_VERSION, PIECE_FORMAT, PIECE_VERSION, PLAYER_FORMAT, PLAYER_VERSION } from './version.ts';

/** Checks a value against the schema of a document; given from outside, since the core knows no validator. */
export type ReadValue<Document> = (value: unknown) => Reading<Document>;

/** A kind of document: what it calls itself, and the steps between its versions. */
interface Kind {
  /** For people. */
  readonly name: string;
  readonly format: string;
  readonly version: number;
  readonly upgrades: ReadonlyMap<number, Upgrade>;
}

const PIECE: Kind = { name: 'piece', format: PIECE_FORMAT, version: PIECE_VERSION, upgrades: new Map() };
const INSTRUMENT: Kind = { name: 'instrument', format: INSTRUMENT_FORMAT, version: INSTRUMENT_VERSION, upgrades: new Map() };
const PLAYER: Kind = { name: 'player', format: PLAYER_FORMAT, version: PLAYER_VERSION, upgrades: new Map() };

/** Writes a document as a file: indented, so that people can read it. */
export function documentToText(document: Piece | InstrumentSheet | PlayerSheet): string {
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Reads a piece from a file's text: refuses damaged files and newer versions, upgrades older ones. */
export function readPieceText(text: string, readValue: ReadValue<Piece>): Reading<Piece> {
  return readDocumentText(text, PIECE, readValue);
}

/** Reads an instrument from a file's text, as a piece is read. */
export function readInstrumentText(text: string, readValue: ReadValue<InstrumentSheet>): Reading<InstrumentSheet> {
  return readDocumentText(text, INSTRUMENT, readValue);
}

/** Reads a player from a file's text, as a piece is read. */
export function readPlayerText(text: string, readValue: ReadValue<PlayerSheet>): Reading<PlayerSheet> {
  return readDocumentText(text, PLAYER, readValue);
}

function readDocumentText<Document>(text: string, kind: Kind, readValue: ReadValue<Document>): Reading<Document> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const document = parsed.value;
  if (!isRecord(document)) return refused('schema', damagedDocument(kind.name, 'it holds no object'));
  if (document['format'] !== kind.format)
    return refused('schema', damagedDocument(kind.name, `its format is ${JSON.stringify(document['format'] ?? null)}`));
  const version = document['version'];
  if (typeof version !== 'number') return refused('schema', damagedDocument(kind.name, 'it does not say its version'));
  if (version > kind.version) return refused('version', fileOfNewerVersion(version, kind.version));
  const current = upgraded(document, version, kind.version, kind.upgrades);
  return current ? readValue(current) : refused('version', damagedDocument(kind.name, `its version is ${version}`));
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
