/**
 * Runs the tests that need no browser with Node's own runner, a process for each core: all of them, or with names given those whose path
 * has one of the names in it. Files share processes, so that their common imports are loaded and compiled once; those that change globals
 * have a process each, and those that walk the seeded briefs have one together. The checks of documents are compiled first, so that the
 * tests run by themselves in a fresh clone.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

/** The loader that compiles each file when it is imported. */
const TSX = ['--import', 'tsx'];

/** The option that reports errors with the lines that were written, not with those compiled from them. */
const SOURCE_MAPS = ['--enable-source-maps'];

/** The folder of the tests as JavaScript while they run, inside `node_modules` so that they find the packages. */
const COMPILED = 'node_modules/.cache/dove-path-tests';

/** The number of groups, more than cores: one that takes long does not leave the other cores without work. */
const GROUPS = 4 * availableParallelism();

/** The time after which a group is ended that does not end by itself, because something in it is left open, ms. */
const MOST_MS = 20 * 60_000;

/** The words by which a file is known to change globals, which the other files in its process would see. */
const CHANGES_GLOBALS = /globalThis|fake-indexeddb|process\.env/;

/** The import by which a file is known to walk the seeded briefs. */
const WALKS_SEEDED_BRIEFS = /seeded-plans/;

// The build has made them already where all is tested.
if (process.env['DOVE_PATH_GENERATED'] !== '1') {
  const made = spawnSync(process.execPath, [...TSX, 'scripts/compile-validators.ts'], { stdio: 'inherit' });
  if (made.status !== 0) process.exit(made.status ?? 1);
  // Fonts change with their packages alone, and take longer: they are made where there are none.
  if (!existsSync('src/printing/faces/made/measures.js'))
    spawnSync(process.execPath, ['scripts/fonts/make-fonts.mjs'], { stdio: 'inherit' });
}

const names = process.argv.slice(2);
const files = ['tests/core', 'tests/src', 'tests/scripts']
  .flatMap(filesIn)
  .filter((file) => names.length === 0 || names.some((name) => file.includes(name)));
if (files.length === 0) {
  console.error(`No test file has “${names.join('” or “')}” in its path.`);
  process.exit(1);
}

const counts = mkdtempSync(join(tmpdir(), 'dove-path-tests-'));
const [seeded, others] = parted(files, WALKS_SEEDED_BRIEFS);
const [alone, shared] = parted(others, CHANGES_GLOBALS);
await compile([...seeded, ...shared]);
const waiting = [
  ...[seeded, ...inGroups(shared)].map((group) => ({ how: SOURCE_MAPS, files: group.map(compiledFrom) })),
  ...alone.map((file) => ({ how: TSX, files: [file] })),
].filter((group) => group.files.length > 0);
const groups = waiting.length;
await Promise.all(Array.from({ length: availableParallelism() }, runWaiting));
printCounts();
for (const folder of [counts, COMPILED]) rmSync(folder, { recursive: true, force: true });

/**
 * Compiles tests and all they import, once for all processes: a process that compiles while it runs takes a tenth longer, and three seconds
 * more to start. Tests that change globals before they import what needs them are left out: compiled together, files that several tests
 * import may be loaded first.
 */
async function compile(files) {
  const ownAddress = {
    name: 'own-address',
    // Compiled code stands elsewhere; data that a file reads beside itself stays where the file is.
    setup({ onLoad }) {
      onLoad({ filter: /[/\\](tests|scripts)[/\\].*\.m?[jt]s$/ }, ({ path }) => ({
        contents: readFileSync(path, 'utf8')
          .replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href))
          .replaceAll('import.meta.dirname', JSON.stringify(dirname(path))),
        loader: path.endsWith('.ts') ? 'ts' : 'js',
      }));
    },
  };
  await build({
    entryPoints: files,
    outdir: COMPILED,
    outbase: '.',
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    packages: 'external',
    sourcemap: 'linked',
    logLevel: 'warning',
    plugins: [ownAddress],
  });
}

function compiledFrom(file) {
  return join(COMPILED, file.replace(/\.ts$/, '.js'));
}

function inGroups(files) {
  return Array.from({ length: GROUPS }, (_, group) => files.filter((_file, order) => order % GROUPS === group));
}

function parted(all, what) {
  const has = (file) => what.test(readFileSync(file, 'utf8'));
  return [all.filter(has), all.filter((file) => !has(file))];
}

async function runWaiting() {
  for (let group = waiting.shift(); group; group = waiting.shift()) {
    if ((await codeOf(group)) !== 0) process.exitCode = 1;
  }
}

/** Gives the exit code of some test files, once their output is shown. */
function codeOf(group) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [...group.how, '--test-reporter=spec', 'scripts/test-group.mjs', ...group.files], {
      env: { ...process.env, DOVE_PATH_COUNTS: counts },
    });
    const output = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => output.push(chunk));
    const ending = setTimeout(() => child.kill(), MOST_MS);
    child.on('close', (code) => {
      clearTimeout(ending);
      process.stdout.write(Buffer.concat(output));
      if (code === null) console.error(`✖ Something is left open, so these tests did not end: ${group.files.join(', ')}`);
      resolve(code);
    });
  });
}

/** Prints the sums of the counts that the processes have left. */
function printCounts() {
  const left = readdirSync(counts).map((name) => JSON.parse(readFileSync(join(counts, name), 'utf8')));
  const sum = (what) => left.reduce((total, each) => total + each[what], 0).toLocaleString('en');
  console.log(`\n${files.length} files in ${groups} processes: ${sum('assertions')} assertions, ${sum('runs')} runs of properties`);
}

function filesIn(folder) {
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.test.ts'))
    .toSorted()
    .map((file) => `${folder}/${file}`);
}
