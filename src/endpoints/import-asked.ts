import { GRIDS } from '#core/format/midi';
import type { FingeringUse, ImportChoice } from '#core/format/foreign';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { ImportAsked } from './job.ts';

/** The uses of written fingers by their names in an address; without one they are locked. */
const USES: Readonly<Record<string, FingeringUse>> = { leave: 'left-out', compare: 'compared' };

/** The largest number allowed in an address. */
const MOST = 50_000;

/**
 * Reads the choice from a score out of the address of a request:
 * `?part=2&voice=1&from=9&to=16&kind=viola&octaves=-1&repeats=written-out&fingerings=leave&grid=eighths&name=…`.
 */
export function importAsked({ searchParams }: URL): ImportAsked {
  const voice = searchParams.get('voice');
  const kind = INSTRUMENT_KINDS.find((kind) => kind === searchParams.get('kind'));
  const use = USES[searchParams.get('fingerings') ?? ''];
  const choice: Partial<ImportChoice> = {
    ...placesAsked(searchParams),
    ...(voice === null ? {} : { voice }),
    ...(kind ? { kind } : {}),
    ...(searchParams.get('repeats') === 'written-out' ? { writeOutRepeats: true } : {}),
    ...(use ? { fingerings: use } : {}),
  };
  const grid = GRIDS.find((grid) => grid === searchParams.get('grid')) ?? null;
  return { name: (searchParams.get('name') ?? 'From a score').slice(0, 120), choice, grid };
}

/** Reads which part and measures are wanted, and by how many octaves they move; parts and measures are counted from 1 in an address. */
function placesAsked(asked: URLSearchParams): Partial<ImportChoice> {
  const [part, octaves] = [wholeNumber(asked, 'part'), wholeNumber(asked, 'octaves')];
  const [from, to] = [wholeNumber(asked, 'from'), wholeNumber(asked, 'to')];
  return {
    ...(part === null ? {} : { part: Math.max(0, part - 1) }),
    ...(from === null && to === null ? {} : { measures: { from: Math.max(0, (from ?? 1) - 1), to: Math.max(0, (to ?? MOST) - 1) } }),
    ...(octaves === null ? {} : { octaves }),
  };
}

/** Reads a whole number by its name; null where it is missing, or too large to mean anything. */
function wholeNumber(asked: URLSearchParams, name: string): number | null {
  const value = Number(asked.get(name) ?? NaN);
  return Number.isInteger(value) && Math.abs(value) <= MOST ? value : null;
}
