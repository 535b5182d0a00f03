import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { DOCUMENT_KINDS, type DocumentName } from '#core/documents';

/** The schema of a kind of document as it once landed. */
export interface LandedSchema {
  readonly kind: DocumentName;
  readonly version: number;
  readonly schema: object;
}

/** The file with all schemas that landed: what they have in common stands in it once. */
interface Packed {
  /** The parts of schemas; in a part and in a schema, `{ "part": 3 }` stands for the part with that number. */
  readonly parts: unknown[];
  readonly schemas: readonly { readonly kind: DocumentName; readonly version: number; readonly schema: unknown }[];
}

const FILE = fileURLToPath(new URL('../../tests/support/schemas/landed-schemas.json', import.meta.url));

/** The length below which a part is written where it stands, characters of JSON. */
const SHORTEST_PART = 60;

/** Reads all schemas that landed, the oldest of each kind first. */
export function landedSchemas(): readonly LandedSchema[] {
  const { parts, schemas }: Packed = JSON.parse(readFileSync(FILE, 'utf8'));
  return schemas.map(({ kind, version, schema }) => ({ kind, version, schema: Object(unpack(schema, parts)) }));
}

/** Lists the schemas of today that are not among those that landed. */
export function notLanded(landed: readonly LandedSchema[]): readonly LandedSchema[] {
  const known = new Set(landed.map(({ kind, schema }) => keyOf(kind, schema)));
  const today = Object.values(DOCUMENT_KINDS).map(({ kind, version, schema }) => ({ kind, version, schema: inWordsLeftOut(schema) }));
  return today.filter(({ kind, schema }) => !known.has(keyOf(kind, schema)));
}

/** Writes the file with all schemas. */
export function writeLanded(landed: readonly LandedSchema[]): void {
  const parts: unknown[] = [];
  const schemas = landed.map(({ kind, version, schema }) => ({ kind, version, schema: pack(schema, parts) }));
  const lines = (values: readonly unknown[]): string => `[\n${values.map((value) => JSON.stringify(value)).join(',\n')}\n]`;
  writeFileSync(FILE, `{"parts": ${lines(parts)},\n"schemas": ${lines(schemas)}}\n`);
}

/** Gives a schema without its descriptions, which may change as they like. */
export function inWordsLeftOut(schema: object): object {
  const isWord = (name: string, value: unknown): boolean => (name === 'description' || name === 'title') && typeof value === 'string';
  return JSON.parse(JSON.stringify(schema, (name, value: unknown) => (isWord(name, value) ? undefined : value)));
}

function keyOf(kind: DocumentName, schema: object): string {
  return `${kind} ${JSON.stringify(schema)}`;
}

function pack(value: unknown, parts: unknown[]): unknown {
  if (typeof value !== 'object' || value === null) return value;
  const packed = Array.isArray(value)
    ? value.map((one) => pack(one, parts))
    : Object.fromEntries(Object.entries(value).map(([name, one]) => [name, pack(one, parts)]));
  const text = JSON.stringify(packed);
  if (text.length < SHORTEST_PART) return packed;
  const known = parts.findIndex((part) => JSON.stringify(part) === text);
  return { part: known >= 0 ? known : parts.push(packed) - 1 };
}

function unpack(value: unknown, parts: readonly unknown[]): unknown {
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((one) => unpack(one, parts));
  if ('part' in value && typeof value.part === 'number') return unpack(parts[value.part], parts);
  return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, unpack(one, parts)]));
}
