/**
 * Compiles the documents' schemas into plain functions with Ajv, so that the browser checks what it stores and opens without carrying the
 * compiler: one module for each document. It is part of every build; the result is not kept in the repository.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import standalone from 'ajv/dist/standalone/index.js';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, knownFields, openSchema, SCHEMA_NAMES, schemaNamed } from '#core/documents';
import { Brief } from '#core/brief';
import { BookRequest } from '#core/scale-book';
import { boundedAjv } from './bounded-ajv.ts';

/** The length below which hoisting a part costs more than a call, characters of JSON. */
const SHORTEST_HOISTED = 60;

/**
 * The schemas by name: what comes from files, links and the browser may be of a newer version; a request may not, and is read by the server
 * alone.
 */
const schemas: readonly (readonly [name: string, schema: object])[] = [
  ...SCHEMA_NAMES.map((name) => [name, openSchema(schemaNamed(name) ?? {})] as const),
  ['request', Brief],
  ['book-request', BookRequest],
];

for (const [name, schema] of schemas) {
  // Reporting the first error is enough to correct it, keeps the browser's part small, and bounds the cost of a wrong request.
  const allErrors = false;
  // The words for errors are ours (`read-value.ts`), not the validator's. Lengths in UTF-16 units need no helper at run time; Ajv would
  // warn of that choice, hence no logger.
  const ajv = boundedAjv({
    allErrors,
    messages: false,
    unicode: false,
    logger: false,
    inlineRefs: false,
    code: { source: true, esm: true },
  });
  ajv.addSchema(hoist(schema, name), name);
  const code = standalone(ajv, { validate: name });
  if (code.includes('require(')) throw new Error(`The validator of ${name} needs Ajv at run time: it would not load in a browser`);
  write(name, code);
}
write(
  'requests',
  "export { validate as validateBrief } from './request.js';\nexport { validate as validateBook } from './book-request.js';\n",
);
write(
  'validators',
  `export const validators = {\n${SCHEMA_NAMES.map((name) => `  ${name}: () => import('./${name}.js'),\n`).join('')}};\n`,
);

for (const { kind, schema } of Object.values(DOCUMENT_KINDS))
  write(`known-${kind}`, `export const known = ${JSON.stringify(knownFields(JSON.parse(JSON.stringify(schema))))};\n`);
write('known', `export const known = {\n${DOCUMENT_NAMES.map((name) => `  ${name}: () => import('./known-${name}.js'),\n`).join('')}};\n`);

function write(module: string, code: string): void {
  writeFileSync(fileURLToPath(new URL(`../src/validation/compiled/${module}.js`, import.meta.url)), code);
}

/**
 * Rewrites the schema so that every part that stands in it more than once is written once and referred to: a function each instead of the
 * same code repeated, which makes the browser's part a fraction of the size.
 */
function hoist(schema: object, name: string): object {
  const counts = new Map<string, number>();
  const count = (part: unknown): void => {
    if (Array.isArray(part)) return part.forEach(count);
    if (typeof part !== 'object' || part === null) return;
    if (isSchema(part)) counts.set(JSON.stringify(part), (counts.get(JSON.stringify(part)) ?? 0) + 1);
    Object.values(part).forEach(count);
  };
  count(schema);
  const repeated = [...counts].filter(([text, times]) => times > 1 && text.length > SHORTEST_HOISTED).map(([text]) => text);
  const refer = (part: unknown, top: boolean): unknown => {
    if (Array.isArray(part)) return part.map((value) => refer(value, false));
    if (typeof part !== 'object' || part === null) return part;
    const index = top ? -1 : repeated.indexOf(JSON.stringify(part));
    if (index >= 0) return { $ref: `${name}#/$defs/part${index}` };
    return Object.fromEntries(Object.entries(part).map(([key, value]) => [key, refer(value, false)]));
  };
  const parts = repeated.map((text, index): [string, unknown] => [`part${index}`, refer(JSON.parse(text), true)]);
  const whole = refer(schema, true);
  return typeof whole === 'object' && whole !== null ? { ...whole, $id: name, $defs: Object.fromEntries(parts) } : schema;
}

/** Tells whether a value is a schema for the validator, and not a list of properties or a plain value. */
function isSchema(part: object): boolean {
  return 'type' in part || 'anyOf' in part || 'enum' in part;
}
