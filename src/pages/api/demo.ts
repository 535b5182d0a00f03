import type { APIRoute } from 'astro';
import { DOCUMENT_NAMES } from '#core/documents';
import { DEMO } from '../../demo/documents.ts';
import { only } from '../../endpoints/wrong-method.ts';
import { readAs } from '../../validation/documents.ts';

/** The demo, once every document of it has passed its check. */
export const GET: APIRoute = async () => {
  for (const name of DOCUMENT_NAMES) {
    const read = await Promise.all(DEMO.documents[name].map((document) => readAs(name, document)));
    const failed = read.find((reading) => !reading.ok);
    if (failed && !failed.ok) throw new Error(`A demo ${name} does not pass its check: ${failed.issues[0]?.message ?? ''}`);
  }
  return Response.json(DEMO);
};

export const ALL = only('GET');
