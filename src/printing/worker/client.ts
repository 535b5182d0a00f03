import { type Remote, wrap } from 'comlink';
import type { Paper } from './protocol.ts';

let started: Remote<Paper> | null = null;

/** Gives the worker that sets and writes pages; it starts when it is first asked for. */
export function paper(): Remote<Paper> {
  started ??= wrap<Paper>(new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' }));
  return started;
}
