import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Gives a short text that changes whenever the code of the core does. */
export function coreHash() {
  const hash = createHash('sha256');
  const files = readdirSync('core', { recursive: true }).filter((file) => file.endsWith('.ts'));
  for (const file of files.toSorted()) hash.update(readFileSync(join('core', file)));
  return hash.digest('hex').slice(0, 16);
}
