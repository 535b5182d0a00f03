/**
 * Compiles the documents' schemas into plain functions with Ajv, so that the browser checks what it stores and opens
 * without carrying the compiler. Part of every build; the result is not kept in the repository.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Ajv } from 'ajv';
import standalone from 'ajv/dist/standalone/index.js';
import { SCHEMAS } from '../src/validation/schemas.ts';

const target = fileURLToPath(new URL('../src/validation/compiled-validators.js', import.meta.url));
// Lengths in UTF-16 units need no helper at run time; Ajv would warn of that choice, hence no logger.
const ajv = new Ajv({ allErrors: true, unicode: false, logger: false, code: { source: true, esm: true, lines: true } });
for (const [name, schema] of Object.entries(SCHEMAS)) ajv.addSchema(schema, name);
const code = standalone(ajv, { validateBrief: 'brief', validatePiece: 'piece' });
if (code.includes('require(')) throw new Error('A validator needs Ajv at run time: it would not load in a browser');
writeFileSync(target, code);
