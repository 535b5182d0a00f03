/** The fields of a part of a document that this version knows; none for a plain value, and for an object with names of its own. */
export interface KnownFields {
  /** The parts under their names. */
  readonly fields?: { readonly [Name in string]?: KnownFields };
  /** The names of the fields that tell which kind of thing it is: "kind". */
  readonly told?: readonly string[];
}

/** The parts of a schema (JSON Schema) that name fields. */
interface Schema {
  readonly const?: unknown;
  readonly anyOf?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly propertyNames?: { readonly enum?: readonly string[] };
  readonly additionalProperties?: Schema | boolean;
}

/** Lists the fields that a schema knows. Of a part that may be one of several things, those of all of them. */
export function knownFields(schema: Schema): KnownFields {
  if (schema.anyOf) return schema.anyOf.map(knownFields).reduce(joinKnown, {});
  const alike = typeof schema.additionalProperties === 'object' ? schema.additionalProperties : {};
  const parts = schema.properties ?? Object.fromEntries((schema.propertyNames?.enum ?? []).map((name) => [name, alike]));
  const names = Object.keys(parts);
  if (names.length === 0) return {};
  const told = Object.entries(parts).flatMap(([name, part]) => ('const' in part ? [name] : []));
  const fields = Object.fromEntries(Object.entries(parts).map(([name, part]) => [name, knownFields(part)]));
  return { fields, ...(told.length > 0 ? { told } : {}) };
}

function joinKnown(one: KnownFields, other: KnownFields): KnownFields {
  const names = new Set([...Object.keys(one.fields ?? {}), ...Object.keys(other.fields ?? {})]);
  if (names.size === 0) return {};
  const fields = [...names].map((name) => [name, joinKnown(one.fields?.[name] ?? {}, other.fields?.[name] ?? {})]);
  const told = [...new Set([...(one.told ?? []), ...(other.told ?? [])])];
  return { fields: Object.fromEntries(fields), ...(told.length > 0 ? { told } : {}) };
}

/**
 * Gives a changed part of a document with the fields of the one before that this version does not know: whoever changed it has
 * made it from what is known. Where it is another kind of thing now, they went with the old one. Lists are taken as they are.
 */
export function carryUnknown(changed: unknown, before: unknown, known: KnownFields): unknown {
  const { fields, told = [] } = known;
  if (!fields || !isObject(changed) || !isObject(before)) return changed;
  if (told.some((name) => name !== 'version' && changed[name] !== before[name])) return changed;
  const parts = Object.entries(changed).map(([name, value]) => [name, carryUnknown(value, before[name], fields[name] ?? {})]);
  const unknown = Object.entries(before).filter(([name]) => !(name in fields) && !(name in changed));
  return Object.fromEntries([...parts, ...unknown]);
}

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
