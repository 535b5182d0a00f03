import { type Remote, wrap } from 'comlink';
import type { SheetPages } from '../body.ts';
import type { Paper } from './protocol.ts';

let started: Remote<Paper> | null = null;

/** Gives the worker that sets and writes pages; it starts when it is first asked for. */
export function paper(): Remote<Paper> {
  started ??= wrap<Paper>(new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' }));
  return started;
}

/** Writes the pages of a sheet as a file. */
export async function sheetPdf({ pages, format: { widthMm, heightMm }, title }: SheetPages): Promise<Blob> {
  const printed = pages.map((shapes) => ({ widthMm, heightMm, shapes }));
  const bytes = await paper().pdf({ title, pages: printed, outline: [{ title, page: 1 }], trueToSize: false });
  return new Blob([bytes], { type: 'application/pdf' });
}
