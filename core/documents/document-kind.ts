import { type TLiteral, type TObject, type TProperties, Type } from '@sinclair/typebox';

/** A step that turns a document of one version into one of the next. */
export type OldDocument = Readonly<Record<string, unknown>>;

/** A step that turns a document of one version into one of the next. */
export type Upgrade = (document: OldDocument) => OldDocument;

/** The head that every document has. */
interface Head<Kind extends string, Version extends number> {
  /** The format named in its file. */
  readonly format: TLiteral<`dove-path/${Kind}`>;
  /** The version of its file. */
  readonly version: TLiteral<Version>;
}

/** A kind of document: its format, its schema, and the steps between its versions. */
export interface DocumentKind<Kind extends string, Version extends number, Fields extends TProperties> {
  /** The name for people: "piece". */
  readonly kind: Kind;
  /** The plural: "pieces"; the browser's table of them has this name. */
  readonly plural: string;
  /** The format named in its files. */
  readonly format: `dove-path/${Kind}`;
  /** The version written today. */
  readonly version: Version;
  /** The schema of the version written today. */
  readonly schema: TObject<Fields & Head<Kind, Version>>;
  /** The steps to the next version, by the version they start from. */
  readonly upgrades: Readonly<Record<number, Upgrade>>;
}

/** The fields from which a kind of document is made. */
interface DocumentSource<Kind extends string, Version extends number, Fields extends TProperties> {
  /** The name for people: "piece". */
  readonly kind: Kind;
  /** The plural: "pieces". */
  readonly plural: string;
  /** The version written today. */
  readonly version: Version;
  /** The fields of the document, beside its head. */
  readonly fields: Fields;
  /** The steps to the next version, by the version they start from. */
  readonly upgrades: Readonly<Record<number, Upgrade>>;
}

/** Makes a kind of document from its own fields and the head that every document has. */
export function documentKind<const Kind extends string, const Version extends number, Fields extends TProperties>({
  kind,
  plural,
  version,
  fields,
  upgrades,
}: DocumentSource<Kind, Version, Fields>): DocumentKind<Kind, Version, Fields> {
  const format = `dove-path/${kind}` as const;
  const head: Head<Kind, Version> = { format: Type.Literal(format), version: Type.Literal(version) };
  const schema = Type.Object(
    { ...fields, ...head },
    { additionalProperties: false, $id: kind, title: `${kind.charAt(0).toUpperCase()}${kind.slice(1)}` },
  );
  return { kind, plural, format, version, schema, upgrades };
}

/** Writes a document: its head, and its fields. */
export function withHead<Kind extends string, Version extends number, Fields extends object>(
  { format, version }: { readonly format: `dove-path/${Kind}`; readonly version: Version },
  fields: Fields,
): Fields & { readonly format: `dove-path/${Kind}`; readonly version: Version } {
  return { format, version, ...fields };
}

/**
 * Brings an older document to the current version, one step at a time. Null where a step is missing, so that the version cannot be read.
 */
export function upgrade(document: OldDocument, from: number, { version, upgrades }: UpgradePath): OldDocument | null {
  if (from === version) return document;
  const step = upgrades[from];
  return step ? upgrade({ ...step(document), version: from + 1 }, from + 1, { version, upgrades }) : null;
}

/** The fields of a kind that upgrading needs. */
export type UpgradePath = Pick<DocumentKind<string, number, TProperties>, 'version' | 'upgrades'>;
