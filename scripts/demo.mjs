/**
 * Starts Dove Path with its demo data on a machine that has only Node: installs the packages if they are missing, builds,
 * serves, and prints the address.
 */
import { createServer } from 'node:net';
import { ensurePackages, run } from './machine.mjs';

const FIRST_PORT = Number(process.env['PORT'] ?? 4321);

ensurePackages();
run('npm', ['run', '--silent', 'build']);
const port = await freePort(FIRST_PORT);
Object.assign(process.env, { HOST: '127.0.0.1', PORT: String(port), DOVE_PATH_DEMO: '1' });
await import('../dist/serve.mjs');
console.log(`\nDove Path with its demo pieces: http://127.0.0.1:${port}/\nStop it with Ctrl C.`);

/** Finds the first port from `port` on that nobody listens on. */
function freePort(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(freePort(port + 1)));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(port)));
  });
}
