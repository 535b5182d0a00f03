import { GRIDS } from '#core/format/midi';
import type { ImportChoice } from '#core/format/foreign';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { ImportAsked } from './job.ts';

/** The largest number allowed in an address. */
const MOST = 50_000;

/**
 * Reads the choice from a score out of the address of a request:
 * `?part=2&voice=1&from=9&to=16&kind=viola&octaves=-1&repeats=written-out&fingerings=leave&grid=eighths&name=…`.
 */
export function importAsked({ searchParams }: URL): ImportAsked {
  const number = (name: string): number | null => {
    const value = Number(searchParams.get(name) ?? NaN);
    return Number.isInteger(value) && Math.abs(value) <= MOST ? value : null;
  };
  const [part, from, to, octaves] = ['part', 'from', 'to', 'octaves'].map(number);
  const voice = searchParams.get('voice');
  const kind = INSTRUMENT_KINDS.find((kind) => kind === searchParams.get('kind'));
  const choice: Partial<ImportChoice> = {
    ...(part == null ? {} : { part: Math.max(0, part - 1) }),
    ...(voice === null ? {} : { voice }),
    ...(from == null && to == null ? {} : { measures: { from: Math.max(0, (from ?? 1) - 1), to: Math.max(0, (to ?? MOST) - 1) } }),
    ...(kind ? { kind } : {}),
    ...(octaves == null ? {} : { octaves }),
    ...(searchParams.get('repeats') === 'written-out' ? { writeOutRepeats: true } : {}),
    ...(searchParams.get('fingerings') === 'leave' ? { keepFingerings: false } : {}),
  };
  const grid = GRIDS.find((grid) => grid === searchParams.get('grid')) ?? null;
  return { name: (searchParams.get('name') ?? 'From a score').slice(0, 120), choice, grid };
}
