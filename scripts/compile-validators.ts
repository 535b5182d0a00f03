/**
 * Compiles the documents' schemas into plain functions with Ajv, so that the browser checks what it stores and opens
 * without carrying the compiler: one module for each document. Part of every build; the result is not kept in the
 * repository.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Ajv } from 'ajv';
import standalone from 'ajv/dist/standalone/index.js';
import { SCHEMAS } from '../src/validation/schemas.ts';

for (const [name, schema] of Object.entries(SCHEMAS)) {
  // A request is told all that is wrong with it; a file is told the first thing, which keeps the browser's part small.
  const allErrors = name === 'brief';
  // The words for what is wrong are ours (`read-value.ts`), not the validator's.
  // Lengths in UTF-16 units need no helper at run time; Ajv would warn of that choice, hence no logger.
  const ajv = new Ajv({ allErrors, messages: false, unicode: false, logger: false, code: { source: true, esm: true } });
  ajv.addSchema(schema, name);
  const code = standalone(ajv, { validate: name });
  if (code.includes('require(')) throw new Error(`The validator of ${name} needs Ajv at run time: it would not load in a browser`);
  writeFileSync(fileURLToPath(new URL(`../src/validation/compiled/${name}.js`, import.meta.url)), code);
}
