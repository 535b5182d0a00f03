import { type DocumentName, schemaNamed } from '#core/documents';

/** Lists the fields of a document that are lists, wherever they stand in it. */
export function listsOf(name: DocumentName): readonly string[] {
  const lists: string[] = [];
  const walk = (schema: unknown, field: string): void => {
    if (typeof schema !== 'object' || schema === null) return;
    if ('type' in schema && schema.type === 'array') lists.push(field);
    for (const [part, value] of Object.entries(schema)) {
      if (part === 'properties') for (const [inner, one] of Object.entries(value ?? {})) walk(one, inner);
      else walk(value, field);
    }
  };
  walk(schemaNamed(name), '');
  return lists;
}
