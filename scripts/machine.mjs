/** Prepares a fresh machine before anything else runs: plain Node, no packages. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { constants, setPriority } from 'node:os';

/** The time of each part, in the order in which they ended. */
const times = [];

function noteTime(what, since) {
  times.push(`${what} ${Math.round((Date.now() - since) / 1000)} s`);
}

/** Prints the time of each part. */
export function printTimes() {
  console.log(`\nTimes: ${times.join(' · ')}`);
}

/** Runs a command with its output shown; ends the process with the command's code when it fails. */
export function run(command, args, env = {}, name = args.at(-1)) {
  const since = Date.now();
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', ...env } });
  noteTime(name, since);
  if (status !== 0) process.exit(status ?? 1);
}

/**
 * Runs rows of npm scripts side by side, those of a row one after the other; each one's output is shown when it ends. Ends the process with
 * the code of one that fails. A row that yields takes only the time that the others leave over.
 */
export async function runInTurn(rows) {
  const codes = await Promise.all(rows.map(codeOfRow));
  const failed = codes.find((code) => code !== 0);
  if (failed !== undefined) process.exit(failed ?? 1);
}

/** Gives the code of the first script of a row that fails; 0 where none does. */
async function codeOfRow({ scripts, env = {}, yields = false }) {
  for (const name of scripts) {
    const code = await shownAtEnd(name, env, yields);
    if (code !== 0) return code;
  }
  return 0;
}

function shownAtEnd(name, env, yields) {
  return new Promise((resolve) => {
    const child = spawn('npm', ['run', '--silent', name], { env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', ...env } });
    // The processes that a script starts inherit its priority.
    if (yields) setPriority(child.pid, constants.priority.PRIORITY_LOW);
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
 * Installs the locked packages unless they are there as locked. It does not use `npm ci`, which insists on the optional builds of other
 * platforms that a registry mirror need not have.
 */
export function ensurePackages() {
  if (installedAsLocked()) return;
  run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error', '--prefer-offline'], {}, 'packages');
}

/** The packages of Debian's Chromiums: the one without a window tests in half the time. */
const CHROMIUMS = ['chromium-headless-shell', 'chromium'];

/** Finds the path of a Chromium to test with; installs Debian's where that is possible, null where there is none. */
export function ensureChromium() {
  const named = process.env['CHROMIUM'];
  if (named && existsSync(named)) return named;
  const [lightest] = CHROMIUMS;
  if (!existsSync(pathOf(lightest)) && canInstall()) {
    // Without a network the Chromium that is there is taken.
    succeeds('apt-get', ['update', '-qq']);
    CHROMIUMS.some((name) => succeeds('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name]));
  }
  return [...CHROMIUMS, 'chromium-browser'].map(pathOf).find((path) => existsSync(path)) ?? null;
}

function pathOf(name) {
  return `/usr/bin/${name}`;
}

function canInstall() {
  return process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0;
}

/** Tells whether a command ends well; its output is shown. */
function succeeds(command, args) {
  const since = Date.now();
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  noteTime(args.at(-1), since);
  return status === 0;
}

/**
 * Tells whether the packages are installed as locked: npm leaves a copy of the lock in node_modules, and the same packages in both mean
 * nothing to do.
 */
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
