import { type TLiteral, type TObject, type TProperties, Type } from '@sinclair/typebox';

/** A document of an older version, about which nothing is known but that it is an object. */
export type OldDocument = Readonly<Record<string, unknown>>;

/** Turns a document of one version into one of the next. */
export type Upgrade = (document: OldDocument) => OldDocument;

/** What every document says of itself. */
interface Head<Kind extends string, Version extends number> {
  /** What its file calls itself. */
  readonly format: TLiteral<`dove-path/${Kind}`>;
  /** Which version its file is of. */
  readonly version: TLiteral<Version>;
}

/** A kind of document: what it calls itself, what is in it, and the steps between its versions. */
export interface DocumentKind<Kind extends string, Version extends number, Fields extends TProperties> {
  /** For people: "piece". */
  readonly kind: Kind;
  /** Many of them: "pieces"; the browser's table of them is called so. */
  readonly plural: string;
  /** What its files call themselves. */
  readonly format: `dove-path/${Kind}`;
  /** The version written today. */
  readonly version: Version;
  /** Of the version written today. */
  readonly schema: TObject<Fields & Head<Kind, Version>>;
  /** By the version it starts from, the step to the next. */
  readonly upgrades: Readonly<Record<number, Upgrade>>;
}

/** What a kind of document is made from. */
interface DocumentSource<Kind extends string, Version extends number, Fields extends TProperties> {
  /** For people: "piece". */
  readonly kind: Kind;
  /** Many of them: "pieces". */
  readonly plural: string;
  /** The version written today. */
  readonly version: Version;
  /** What is in it, beside its head. */
  readonly fields: Fields;
  /** By the version it starts from, the step to the next. */
  readonly upgrades: Readonly<Record<number, Upgrade>>;
}

/** Makes a kind of document: its fields are those of its own and the head that every document has. */
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

/** A document as it is written: the head that says what it is, and its fields. */
export function headed<Kind extends string, Version extends number, Fields extends object>(
  { format, version }: { readonly format: `dove-path/${Kind}`; readonly version: Version },
  fields: Fields,
): Fields & { readonly format: `dove-path/${Kind}`; readonly version: Version } {
  return { format, version, ...fields };
}

/**
 * Brings an older document to the current version, one step at a time. Null when a step is missing: nobody knows how to
 * read that version.
 */
export function upgraded(document: OldDocument, from: number, { version, upgrades }: UpgradePath): OldDocument | null {
  if (from === version) return document;
  const step = upgrades[from];
  return step ? upgraded({ ...step(document), version: from + 1 }, from + 1, { version, upgrades }) : null;
}

/** What upgrading has to know of a kind. */
export type UpgradePath = Pick<DocumentKind<string, number, TProperties>, 'version' | 'upgrades'>;
