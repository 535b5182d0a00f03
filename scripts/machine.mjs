/** What a fresh machine needs before anything else runs: plain Node, no packages. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';

/** How long each part took, in the order in which they ended. */
const times = [];

function noteTime(what, since) {
  times.push(`${what} ${Math.round((Date.now() - since) / 1000)} s`);
}

/** Says which part took how long. */
export function printTimes() {
  console.log(`\nTimes: ${times.join(' · ')}`);
}

/** Runs a command with its output shown; ends the process with the command's code when it fails. */
export function run(command, args, env = {}) {
  const since = Date.now();
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', ...env } });
  noteTime(args.at(-1), since);
  if (status !== 0) process.exit(status ?? 1);
}

/** Runs some npm scripts side by side; each one's output is shown when it ends. Ends the process with the code of one that fails. */
export async function runTogether(names) {
  const codes = await Promise.all(names.map(shownAtEnd));
  const failed = codes.find((code) => code !== 0);
  if (failed !== undefined) process.exit(failed ?? 1);
}

function shownAtEnd(name) {
  return new Promise((resolve) => {
    const child = spawn('npm', ['run', '--silent', name], { env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' } });
    const output = [];
    const since = Date.now();
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => output.push(chunk));
    child.on('close', (code) => {
      process.stdout.write(Buffer.concat(output));
      noteTime(name, since);
      resolve(code);
    });
  });
}

/**
 * Installs the locked packages unless they are there as locked. Not with `npm ci`: it insists on the optional builds of
 * other platforms, which a registry mirror need not hold.
 */
export function ensurePackages() {
  if (installedAsLocked()) return;
  run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error']);
}

/** Path of a Chromium to test with; installs Debian's where that is possible, null where there is none. */
export function ensureChromium() {
  const known = [process.env['CHROMIUM'], '/usr/bin/chromium', '/usr/bin/chromium-browser'].find((path) => path && existsSync(path));
  if (known) return known;
  if (process.getuid?.() !== 0 || spawnSync('apt-get', ['--version']).status !== 0) return null;
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' });
  return '/usr/bin/chromium';
}

/** npm leaves a copy of the lock in node_modules: the same packages in both mean nothing to do. */
function installedAsLocked() {
  const [wanted, installed] = ['package-lock.json', 'node_modules/.package-lock.json'].map(packagesIn);
  if (!wanted || !installed) return false;
  return Object.entries(wanted).every(
    ([path, { version, optional, link }]) => path === '' || optional || link || installed[path]?.version === version,
  );
}

function packagesIn(path) {
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')).packages : null;
}
