import fc from 'fast-check';

/** The parts of a JSON Schema that the schemas of documents are written with. */
export interface Schema {
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Schema[];
  readonly type?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly propertyNames?: { readonly enum?: readonly string[] };
  readonly additionalProperties?: boolean | Schema;
  readonly items?: Schema;
  readonly pattern?: string;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
}

/**
 * Lists values that a schema allows. Every field, every branch, every word and every limit stands in at least one of them, and every field
 * that may be missing is missing in one.
 */
export function samplesOf(schema: Schema): readonly unknown[] {
  if ('const' in schema) return [schema.const];
  if (schema.enum) return schema.enum;
  if (schema.anyOf) return schema.anyOf.flatMap(samplesOf);
  switch (schema.type) {
    case 'object':
      return objects(schema);
    case 'array':
      return lists(schema);
    case 'string':
      return [text(schema)];
    case 'integer':
    case 'number':
      return limits(schema);
    case 'boolean':
      return [true, false];
    case 'null':
      return [null];
    default:
      throw new Error(`A schema has a type that no samples are made of: ${JSON.stringify(schema)}`);
  }
}

/** Gives as many objects as the field with the most samples has, each with all fields, and one with those alone that it must have. */
function objects({ properties, required = [], propertyNames, additionalProperties }: Schema): readonly unknown[] {
  const alike = typeof additionalProperties === 'object' ? additionalProperties : {};
  const fields = properties ?? Object.fromEntries((propertyNames?.enum ?? []).map((name) => [name, alike]));
  const samples = Object.entries(fields).map(([name, schema]) => [name, samplesOf(schema)] as const);
  const most = Math.max(1, ...samples.map(([, values]) => values.length));
  const take = (index: number, names: typeof samples): object =>
    Object.fromEntries(names.map(([name, values]) => [name, values[index % values.length]]));
  const whole = Array.from({ length: most }, (_, index) => take(index, samples));
  const least = samples.filter(([name]) => required.includes(name));
  return least.length === samples.length ? whole : [...whole, take(0, least)];
}

/** Gives lists with all samples in them, as many in each as it may hold, and the shortest that is allowed. */
function lists({ items = {}, minItems = 0, maxItems = 8 }: Schema): readonly unknown[] {
  const samples = samplesOf(items);
  const length = Math.min(maxItems, Math.max(minItems, samples.length));
  const count = length === 0 ? 0 : Math.ceil(samples.length / length);
  const full = Array.from({ length: count }, (_, list) =>
    Array.from({ length }, (_item, index) => samples[(list * length + index) % samples.length]),
  );
  return [...full, samples.slice(0, minItems)].filter((list) => list.length >= minItems);
}

/** Texts as they were always written, also where the rule for them has become stricter since: a day, and the data of a file. */
const WRITTEN = ['2026-03-09', 'data:,x'] as const;

/** The length from which a text is the data of a file, characters. */
const LONG_AS_FILE = 1_000_000;

function text({ pattern, minLength = 0, maxLength = 0 }: Schema): string {
  if (pattern === undefined) return maxLength > LONG_AS_FILE ? WRITTEN[1] : 'x'.repeat(Math.max(1, minLength));
  const written = WRITTEN.find((one) => new RegExp(pattern).test(one));
  if (written !== undefined) return written;
  const [sample = ''] = fc.sample(fc.stringMatching(new RegExp(pattern)), { numRuns: 1, seed: 1 });
  return sample;
}

function limits({ type, minimum, exclusiveMinimum, maximum }: Schema): readonly number[] {
  const least = minimum ?? (exclusiveMinimum === undefined ? 0 : exclusiveMinimum + (type === 'integer' ? 1 : 0.001));
  return [least, maximum ?? least + 1];
}

/** Gives the schema that a newer version may have within the same version of its documents: a further field in every object. */
export function grownSchema(schema: Schema): Schema {
  const grown: Schema = JSON.parse(JSON.stringify(schema), (_name, part: unknown) => (isSchema(part) ? withOneMore(part) : part));
  return grown;
}

/** The field of a newer version. */
const LATER: Schema = { anyOf: [{ const: 'a word of a newer version' }, { const: { said: ['by', 'a newer version'] } }] };

function withOneMore(schema: Schema): Schema {
  if (schema.propertyNames?.enum) return { ...schema, propertyNames: { enum: [...schema.propertyNames.enum, 'later'] } };
  return schema.properties && schema.additionalProperties === false
    ? { ...schema, properties: { ...schema.properties, later: LATER } }
    : schema;
}

function isSchema(part: unknown): part is Schema {
  return typeof part === 'object' && part !== null && !Array.isArray(part);
}
