/** The longest value of a field that is not known here, characters of JSON: a document that carries more has to raise its version. */
const LONGEST_UNKNOWN = 4000;

/** The largest number of fields that are not known here, in any one object. */
const MOST_UNKNOWN = 16;

/** The longest name of a field that is not known here, characters. */
const LONGEST_NAME = 80;

/** The keyword that bounds how long a value may be as JSON, characters: it is ours, and taught to the validator when it is compiled. */
export const LONGEST_AS_TEXT = 'longestAsText';

/**
 * Opens a schema (JSON Schema), for what newer versions of the application have written: wherever it allows the fields it knows and no
 * others, further ones pass, bounded in size; where values that are all alike stand under some names, more names pass. What they say is
 * for the version that wrote them: here they are only kept.
 */
export function openSchema(schema: object): object {
  const opened = Object.fromEntries(Object.entries(schema).map(([keyword, value]) => [keyword, openPart(value)]));
  if ('propertyNames' in schema) return { ...opened, propertyNames: { maxLength: LONGEST_NAME } };
  if (!('additionalProperties' in schema) || schema.additionalProperties !== false) return opened;
  const known = 'properties' in schema ? Object.keys(schema.properties ?? {}).length : 0;
  return { ...opened, additionalProperties: { [LONGEST_AS_TEXT]: LONGEST_UNKNOWN }, maxProperties: known + MOST_UNKNOWN };
}

function openPart(part: unknown): unknown {
  if (Array.isArray(part)) return part.map(openPart);
  return typeof part === 'object' && part !== null ? openSchema(part) : part;
}
