/**
 * Measures the cost of a batch, for the built application (`npm run build` first): the scales of a whole book (48 keys, two octaves, four
 * instruments) through `/api/plan/batch`, against the same one request after the other; whether the lines came in order, and how evenly.
 */
import { INSTRUMENT_KINDS, type InstrumentKind, TUNINGS } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import { startServer } from '../support/served.ts';

const TONICS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'] as const;
const TYPES = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

/** The enharmonic names of minor keys that would need too many flats. */
const MINOR_NAMES: Readonly<Record<string, string>> = { Db: 'C#', Ab: 'G#' };

const briefs = INSTRUMENT_KINDS.flatMap((kind) =>
  TYPES.flatMap((type) =>
    TONICS.map((tonic) => {
      const name = type === 'major' ? tonic : (MINOR_NAMES[tonic] ?? tonic);
      return { instrument: { kind }, material: { kind: 'scale', type, tonic: lowestOn(kind, name), octaves: 2, direction: 'up-down' } };
    }),
  ),
);

/** Finds the lowest note of a name on an instrument: on its lowest string, or the next. */
function lowestOn(kind: InstrumentKind, name: string): string {
  const open = TUNINGS[kind].at(-1) ?? '';
  const octave = Number(open.slice(-1));
  return [octave, octave + 1].map((value) => `${name}${value}`).find((text) => sounds(text) >= sounds(open)) ?? open;
}

function sounds(pitch: string): number {
  const read = parsePitch(pitch);
  return read.ok ? semitonesOf(read.value) : 0;
}

const server = await startServer({ port: 4397 });
try {
  // A first run warms the machine up.
  await batch(briefs.slice(0, 16));
  const together = await batch(briefs);
  const since = performance.now();
  for (const brief of briefs) await (await post('plan', brief)).arrayBuffer();
  const single = performance.now() - since;
  const middle = together.moments[Math.floor(together.moments.length / 2)] ?? 0;
  console.log(
    `${briefs.length} scales in one batch: ${(together.ms / 1000).toFixed(1)} s, ${(together.ms / single).toFixed(2)} of as many single requests`,
  );
  console.log(
    `lines in order: ${together.inOrder}; planned ${together.planned}; half of them had come after ${Math.round((100 * middle) / together.ms)} % of the time`,
  );
  if (!together.inOrder || together.ms > 60_000) process.exitCode = 1;
} finally {
  await server.stop();
}

interface BatchRun {
  readonly ms: number;
  readonly inOrder: boolean;
  readonly planned: number;
  /** The moments at which the lines came, ms. */
  readonly moments: readonly number[];
}

async function batch(asked: readonly object[]): Promise<BatchRun> {
  const since = performance.now();
  const response = await post('plan/batch', asked);
  const decoder = new TextDecoder();
  const [lines, moments]: [string[], number[]] = [[], []];
  let rest = '';
  const reader = response.body?.getReader();
  for (let chunk = await reader?.read(); chunk && !chunk.done; chunk = await reader?.read()) {
    const parts = (rest + decoder.decode(chunk.value, { stream: true })).split('\n');
    rest = parts.pop() ?? '';
    lines.push(...parts);
    moments.push(...parts.map(() => performance.now() - since));
  }
  const read: readonly { readonly index: number; readonly plan?: object }[] = lines.map((line) => JSON.parse(line));
  return {
    ms: performance.now() - since,
    inOrder: read.length === asked.length && read.every(({ index }, order) => index === order),
    planned: read.filter(({ plan }) => plan !== undefined).length,
    moments,
  };
}

async function post(endpoint: string, body: object): Promise<Response> {
  return await fetch(`${server.address}/api/${endpoint}`, {
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  });
}
