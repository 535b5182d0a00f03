import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { serve, USUAL_GRACE_S } from './serve.ts';

/** The path of the built application, in the folder of this file; the build makes it, so it is not imported by name. */
const builtFile = (path: string): URL => new URL(path, import.meta.url);
const policyFile = builtFile('./content-policy.json');
const { handler } = await import(builtFile('./server/entry.mjs').href);

const host = process.env['HOST'] ?? '0.0.0.0';
const port = Number(process.env['PORT'] ?? 4321);
await serve({
  handler,
  files: fileURLToPath(builtFile('./client/')),
  hashes: existsSync(policyFile) ? JSON.parse(readFileSync(policyFile, 'utf8')) : null,
  worker: fileURLToPath(builtFile('./plan-worker.mjs')),
  host,
  port,
  proxies: process.env['TRUSTED_PROXIES'] ?? null,
  graceMs: Number(process.env['GRACE_S'] ?? USUAL_GRACE_S) * 1000,
});
console.log(`Dove Path listens on http://${host}:${port}/`);
