import { DOCUMENT_NAMES } from '#core/documents';
import { readAs } from '../validation/documents.ts';
import { DEMO, type Demo } from './documents.ts';

/**
 * The demo, once every document of it has passed its check.
 *
 * @throws where a document does not pass, for the developer who changes the demo
 */
export async function checkedDemo(): Promise<Demo> {
  for (const name of DOCUMENT_NAMES) {
    const read = await Promise.all(DEMO.documents[name].map((document) => readAs(name, document)));
    const failed = read.find((reading) => !reading.ok);
    if (failed && !failed.ok) throw new Error(`A demo ${name} does not pass its check: ${failed.issues[0]?.message ?? ''}`);
  }
  return DEMO;
}
