import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { cyclesAmong, upwardArrows } from './arrows.ts';
import {
  commentShare,
  exportsDocumented,
  fieldsDocumented,
  fieldsToDocument,
  type Share,
  throwsDocumented,
  throwsWithValue,
} from './documented.ts';
import { hangingComments, namesWithoutMeaning, participleNames, repeatedNames } from './english.ts';
import { functionsOf, type Measured } from './functions.ts';
import { retiredWords } from './retired-words.ts';
import { type Source, sourcesBelow } from './sources.ts';
import { unusedExports } from './unused.ts';

/** One measure of a part of the code. */
export interface Measure {
  readonly what: string;
  /** The value, as it is printed. */
  readonly found: string;
  /** The aim, as it is printed; empty where it is only counted. */
  readonly aim: string;
  /** Whether the aim is met; true where there is none. */
  readonly isMet: boolean;
  /** The places that keep it from being met altogether. */
  readonly missing: readonly string[];
}

/** A part of the code that is measured by itself, and its measures. */
export interface MeasuredPart {
  readonly part: Part;
  readonly files: number;
  readonly lines: number;
  readonly measures: readonly Measure[];
}

/** The parts of the code. */
export const PARTS = ['core', 'src', 'tests', 'scripts'] as const;

/** A part of the code: a folder at the root of the tree. */
export type Part = (typeof PARTS)[number];

/** Measures each part of a tree. */
export async function measureTree(root: string): Promise<readonly MeasuredPart[]> {
  const rooms = await roomsOfTree(root);
  const everything = sourcesBelow(root, PARTS);
  return PARTS.map((part) => {
    const sources = everything.filter(({ path }) => path.startsWith(`${part}/`));
    const lines = sources.reduce((sum, source) => sum + source.lines, 0);
    const measures = [
      ...measuresOf(part, sources, rooms),
      ...(isCode(part) ? [none('values exported that nobody uses', unusedExports(root, sources))] : []),
    ];
    return { part, files: sources.length, lines, measures };
  });
}

/** Tells whether a part is the application itself, which keeps every limit. */
function isCode(part: Part): boolean {
  return part === 'core' || part === 'src';
}

function measuresOf(part: Part, sources: readonly Source[], rooms: readonly string[]): readonly Measure[] {
  const limits = isCode(part);
  return [
    ...measuresOfFiles(part === 'core' ? 12 : 20, sources),
    ...measuresOfFunctions(limits, sources.flatMap(functionsOf)),
    ...measuresOfArrows(part, sources, rooms),
    share('exports documented', 100, exportsDocumented(sources), part !== 'tests'),
    share('fields documented', 90, fieldsDocumented(sources), part === 'core'),
    share('fields with unit, range, id or null documented', 100, fieldsToDocument(sources), limits),
    share('throws that carry the value', 100, throwsWithValue(sources), limits),
    share('functions that throw and say when', 100, throwsDocumented(sources), limits),
    { what: 'comment lines', found: `${Math.round(100 * commentShare(sources))} %`, aim: '', isMet: true, missing: [] },
    none('files with any or a suppression', weakFiles(sources)),
    none('retired words', retiredWords(sources)),
    none('comments that begin like half a sentence', hangingComments(sources)),
    none('comments that repeat a name', repeatedNames(sources)),
    none('functions named by a participle', participleNames(sources)),
    none('parameters called "each"', namesWithoutMeaning(sources)),
  ];
}

function measuresOfFiles(mostInFolder: number, sources: readonly Source[]): readonly Measure[] {
  const folders = countNames(sources.map(({ path }) => dirname(path)));
  const crowded = [...folders].flatMap(([folder, files]) => (files > mostInFolder ? [`${folder}: ${files}`] : []));
  const long = sources.flatMap(({ path, lines }) => (lines > 400 ? [`${path}: ${lines}`] : []));
  const lengths = sources.map(({ lines }) => lines);
  return [
    limitOf('files a folder, most', `≤ ${mostInFolder}`, String(Math.max(0, ...folders.values())), crowded),
    limitOf('file length, median / p90 / most', '≤ 400', spread(lengths), long),
    figure('imports a file, median / p90 / most', spread(sources.map(({ imports }) => imports.length))),
  ];
}

function measuresOfFunctions(limits: boolean, functions: readonly Measured[]): readonly Measure[] {
  const over = (value: (one: Measured) => number, most: number): readonly string[] =>
    functions.flatMap((one) => (value(one) > most ? [`${one.where}: ${value(one)}`] : []));
  const lengths = spread(functions.map(({ lines }) => lines));
  const ways = spread(functions.map(({ cyclomatic }) => cyclomatic));
  return [
    limits
      ? limitOf(
          'function length, median / p90 / most',
          '≤ 60',
          lengths,
          over(({ lines }) => lines, 60),
        )
      : figure('function length, median / p90 / most', lengths),
    limits
      ? limitOf(
          'cyclomatic, median / p90 / most',
          '≤ 10',
          ways,
          over(({ cyclomatic }) => cyclomatic, 10),
        )
      : figure('cyclomatic, median / p90 / most', ways),
    none(
      'functions of more than 4 parameters',
      over(({ parameters }) => parameters, 4),
    ),
  ];
}

function measuresOfArrows(part: Part, sources: readonly Source[], rooms: readonly string[]): readonly Measure[] {
  const doors = sources.flatMap(namesOfDoor);
  const crowded = doors.flatMap(({ path, names }) => (names > 30 ? [`${path}: ${names}`] : []));
  const cycles = (types: boolean): readonly string[] => cyclesAmong(sources, types).map((files) => files.join(' '));
  return [
    limitOf('names of a door, most', '≤ 30', String(Math.max(0, ...doors.map(({ names }) => names))), crowded),
    none('import cycles', cycles(false)),
    none('import cycles, types too', cycles(true)),
    ...(part === 'core' ? [none('arrows upward, types too', upwardArrows(sources, rooms))] : []),
  ];
}

function limitOf(what: string, aim: string, found: string, missing: readonly string[]): Measure {
  return { what, aim, found, missing, isMet: missing.length === 0 };
}

function figure(what: string, found: string): Measure {
  return { what, aim: '', found, missing: [], isMet: true };
}

function none(what: string, missing: readonly string[]): Measure {
  return limitOf(what, '0', String(missing.length), missing);
}

function share(what: string, percent: number, { good, all, missing }: Share, isAim: boolean): Measure {
  const found = all === 0 ? 100 : (100 * good) / all;
  const text = `${Math.floor(found)} % of ${all}`;
  return isAim ? { what, aim: `≥ ${percent} %`, found: text, isMet: found >= percent, missing } : { ...figure(what, text), missing };
}

function weakFiles(sources: readonly Source[]): readonly string[] {
  return sources.filter(({ text }) => /@ts-(ignore|expect-error|nocheck)|(: |as )any[;,)>[\s]*$/m.test(text)).map(({ path }) => path);
}

function namesOfDoor({ path, text }: Source): readonly { readonly path: string; readonly names: number }[] {
  if (!path.endsWith('/index.ts')) return [];
  const lists = [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].map(([, names = '']) => names.split(','));
  return [{ path, names: lists.flat().filter((name) => name.trim() !== '').length }];
}

/** Writes the median, the ninth decile and the largest of some values. */
function spread(values: readonly number[]): string {
  const sorted = values.toSorted((one, other) => one - other);
  const at = (part: number): number => sorted[Math.floor(part * (sorted.length - 1))] ?? 0;
  return `${at(0.5)} / ${at(0.9)} / ${at(1)}`;
}

function countNames(names: readonly string[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return counts;
}

/** Reads the rooms of the core from the ground up, as the tree itself names them. */
async function roomsOfTree(root: string): Promise<readonly string[]> {
  const file = join(root, 'layers.mjs');
  if (!existsSync(file)) return [];
  const { CORE_ROOMS }: { readonly CORE_ROOMS: readonly string[] } = await import(pathToFileURL(file).href);
  return CORE_ROOMS;
}
