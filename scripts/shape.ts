/**
 * Measures the shape of the code against the house style: `npm run shape`, `-- --root DIR` for another tree, `-- --list`
 * to name what misses an aim. Figures only: nothing fails by it.
 */
import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { cyclesAmong, upwardArrows } from './shape/arrows.ts';
import { commentShare, exportsDocumented, fieldsDocumented, type Share, throwsWithValue } from './shape/documented.ts';
import { functionsOf } from './shape/functions.ts';
import { retiredWords } from './shape/retired-words.ts';
import { type Source, sourcesBelow } from './shape/sources.ts';

const root = resolve(process.argv.includes('--root') ? (process.argv[process.argv.indexOf('--root') + 1] ?? '.') : '.');
const list = process.argv.includes('--list');

/** One line of the table: the measure, its aim, its value, and the places that miss the aim. */
interface Line {
  readonly what: string;
  readonly aim: string;
  readonly found: string;
  readonly missing: readonly string[];
}

const everything = sourcesBelow(root, ['core', 'src', 'tests', 'scripts']);
const rooms = await roomsOfTree();
for (const part of ['core', 'src', 'tests']) {
  const sources = everything.filter(({ path }) => path.startsWith(`${part}/`));
  console.log(`\n${part}: ${sources.length} files, ${sources.reduce((sum, { lines }) => sum + lines, 0)} lines`);
  for (const { what, aim, found, missing } of linesOf(part, sources)) {
    console.log(`  ${what.padEnd(44)} ${found.padEnd(22)} ${aim}`);
    if (list) for (const text of missing.slice(0, 60)) console.log(`      ${text}`);
  }
}

function linesOf(part: string, sources: readonly Source[]): readonly Line[] {
  const functions = sources.flatMap(functionsOf);
  const most = part === 'core' ? 12 : 20;
  const folders = countNames(sources.map(({ path }) => dirname(path)));
  const full = [...folders].filter(([, files]) => files > most).map(([folder, files]) => `${folder}: ${files}`);
  const over = functions.filter(({ parameters }) => parameters > 4).map(({ where, parameters }) => `${where}: ${parameters}`);
  const tangled = functions.filter(({ cyclomatic }) => cyclomatic > 10).map(({ where, cyclomatic }) => `${where}: ${cyclomatic}`);
  const long = sources.filter(({ lines }) => lines > 400).map(({ path, lines }) => `${path}: ${lines}`);
  const [cycles, typeCycles] = [cyclesAmong(sources, false), cyclesAmong(sources, true)];
  const upward = upwardArrows(sources, rooms);
  const weak = sources.filter(({ text }) => /@ts-(ignore|expect-error|nocheck)|(: |as )any[;,)>[\s]*$/m.test(text)).map(({ path }) => path);
  const retired = retiredWords(sources);
  const plain = (what: string, aim: string, found: string, missing: readonly string[] = []): Line => ({ what, aim, found, missing });
  const share = (what: string, aim: string, { good, all, missing }: Share): Line =>
    plain(what, aim, `${all === 0 ? 100 : Math.floor((100 * good) / all)} % of ${all}`, missing);
  return [
    plain('files a folder, most', `≤ ${most}`, String(Math.max(0, ...folders.values())), full),
    plain('file length, median / p90 / most', '100 / 250 / ≤ 400', spread(sources.map(({ lines }) => lines)), long),
    plain('function length, p90 / most', '20 / 40, ≤ 60', spread(functions.map(({ lines }) => lines)).replace(/^\d+ \/ /, '')),
    plain('cyclomatic, p90 / most', '6 / 10', spread(functions.map(({ cyclomatic }) => cyclomatic)).replace(/^\d+ \/ /, ''), tangled),
    plain('functions of more than 4 parameters', '0', String(over.length), over),
    plain('imports a file, median / p90 / most', '', spread(sources.map(({ imports }) => imports.length))),
    plain('names of a door, most', '≤ 30', String(Math.max(0, ...doors(sources).map(([, names]) => names))), crowdedDoors(sources)),
    plain(
      'import cycles, with types',
      '0, 0',
      `${cycles.length}, ${typeCycles.length}`,
      typeCycles.map((files) => files.join(' ')),
    ),
    ...(part === 'core' ? [plain('arrows upward, types too', '0', String(upward.length), upward)] : []),
    share('exports documented', '100 %', exportsDocumented(sources)),
    share('fields documented', '≥ 90 %', fieldsDocumented(sources)),
    share('throws that carry the value', '100 %', throwsWithValue(sources)),
    plain('comment lines', '18–30 %', `${Math.round(100 * commentShare(sources))} %`),
    plain('files with any or a suppression', '0', String(weak.length), weak),
    plain('retired words', '0', String(retired.length), retired),
  ];
}

function doors(sources: readonly Source[]): readonly (readonly [string, number])[] {
  return sources
    .filter(({ path }) => path.endsWith('/index.ts'))
    .map(({ path, text }) => [
      path,
      [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(([, names]) =>
        (names ?? '').split(',').filter((name) => name.trim() !== ''),
      ).length,
    ]);
}

function crowdedDoors(sources: readonly Source[]): readonly string[] {
  return doors(sources).flatMap(([path, names]) => (names > 30 ? [`${path}: ${names}`] : []));
}

/** Writes the median, the ninth decile and the largest of some values. */
function spread(values: readonly number[]): string {
  const sorted = values.toSorted((one, other) => one - other);
  const at = (share: number): number => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
  return `${at(0.5)} / ${at(0.9)} / ${at(1)}`;
}

function countNames(names: readonly string[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return counts;
}

/** Reads the rooms of the core from the ground up, as the tree itself names them. */
async function roomsOfTree(): Promise<readonly string[]> {
  const file = join(root, 'layers.mjs');
  if (!existsSync(file)) return [];
  const { CORE_ROOMS }: { readonly CORE_ROOMS: readonly string[] } = await import(pathToFileURL(file).href);
  return CORE_ROOMS;
}
