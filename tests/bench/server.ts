/**
 * Measures what the server bears, for the built application (`npm run build` first): how soon it answers while its planner is full of the
 * most expensive briefs, against an idle one; how much memory many requests leave in use; and that no body, however odd, breaks it. `--
 * --bodies 20000 --requests 2000 --seed 1` set the numbers.
 */
import { readFileSync } from 'node:fs';
import { setTimeout as rest } from 'node:timers/promises';
import fc from 'fast-check';
import { DEMO_PIECES } from '../../src/demo/pieces.ts';
import { numberGiven, startServer } from '../support/served.ts';

const PORT = 4397;
const HEALTH_ROUNDS = 400;

/**
 * The most expensive brief: four octaves of semitones up and down on a cello, alike in every octave, with sixty shifts; nothing valid and
 * as short takes longer.
 */
const EXPENSIVE = JSON.stringify({
  instrument: { kind: 'cello' },
  player: { school: 'thumb' },
  samePatternEveryOctave: true,
  material: { kind: 'scale', type: 'chromatic', tonic: 'C2', octaves: 4, direction: 'up-down' },
  limits: { shifts: 60 },
});

/** The longest brief: as many notes as a line may have, with an exact count of shifts. */
const LONGEST = JSON.stringify({
  instrument: { kind: 'violin' },
  material: {
    kind: 'line',
    key: 'C major',
    notes: Array.from({ length: 10_000 }, (_, index) => ({ pitches: [['C5', 'E5', 'G5', 'B5', 'D6'][index % 5]], duration: '1/8' })),
  },
  limits: { shifts: 60 },
});

const server = await startServer({ port: PORT });
const ADDRESS = server.address;
try {
  // A first run warms the machine up.
  await healthMs();
  const idle = await healthMs();
  const filling = fill();
  await until(async () => (await queue()).running > 0 && (await queue()).waiting > 0);
  const full = await healthMs();
  console.log(
    `health, 99th percentile: ${idle.toFixed(1)} ms idle, ${full.toFixed(1)} ms with the planner full (${(full / idle).toFixed(1)} times)`,
  );
  filling.stop();
  await until(async () => (await queue()).running === 0);
  await printMemory(server.process.pid, numberGiven('requests', 2000));
  await printFuzz(numberGiven('bodies', 20_000), numberGiven('seed', 1));
} finally {
  await server.stop();
}

/** Keeps the planner and its queue full until it is stopped. */
function fill(): { readonly stop: () => void } {
  const stopping = new AbortController();
  const keepAsking = async (body: string): Promise<void> => {
    while (!stopping.signal.aborted) {
      const answer = await post('plan', body, stopping.signal).catch(() => null);
      // A client that is sent away comes again when told to.
      const seconds = Number(answer?.headers.get('retry-after') ?? 0);
      await rest(seconds * 1000, undefined, { signal: stopping.signal }).catch(() => undefined);
    }
  };
  for (let index = 0; index < 12; index += 1) void keepAsking(index % 3 === 0 ? LONGEST : EXPENSIVE);
  return { stop: () => stopping.abort() };
}

async function healthMs(): Promise<number> {
  const times: number[] = [];
  for (let round = 0; round < HEALTH_ROUNDS; round += 1) {
    const since = performance.now();
    await (await fetch(`${ADDRESS}/api/health`)).arrayBuffer();
    times.push(performance.now() - since);
  }
  return times.toSorted((one, other) => one - other)[Math.floor(HEALTH_ROUNDS * 0.99)] ?? 0;
}

async function printMemory(pid: number | undefined, requests: number): Promise<void> {
  const bodies = DEMO_PIECES.map(({ brief }) => JSON.stringify(brief));
  const ask = async (count: number): Promise<void> => {
    for (let index = 0; index < count; index += 1) await post('plan', bodies[index % bodies.length] ?? '');
  };
  await ask(200);
  const before = residentMb(pid);
  await ask(requests);
  const after = residentMb(pid);
  console.log(`memory: ${before} MB after 200 requests, ${after} MB after ${requests} more`);
}

/** Sends valid briefs changed in one place, and anything that is JSON or nearly. */
async function printFuzz(bodies: number, seed: number): Promise<void> {
  const counts = new Map<number, number>();
  const texts = fc.sample(oddBodies(), { numRuns: bodies, seed });
  const ask = async (text: string): Promise<void> => {
    const { status } = await post('plan', text);
    counts.set(status, (counts.get(status) ?? 0) + 1);
  };
  for (let index = 0; index < texts.length; index += 4) await Promise.all(texts.slice(index, index + 4).map(ask));
  const told = [...counts].toSorted(([one], [other]) => one - other).map(([status, count]) => `${status}: ${count}`);
  const broken = [...counts].filter(([status]) => status >= 500 && status !== 503).reduce((sum, [, count]) => sum + count, 0);
  console.log(`${bodies} bodies, seed ${seed}: ${told.join(', ')}; ${broken} answered with 5xx other than 503`);
  if (broken > 0) process.exitCode = 1;
}

function oddBodies(): fc.Arbitrary<string> {
  const briefs = DEMO_PIECES.map(({ brief }) => JSON.stringify(brief)).filter((text) => text.length < 4000);
  const odd = fc.oneof(
    fc.jsonValue().map((value) => JSON.stringify(value)),
    fc.string(),
    fc.constantFrom('1e999', '-0', '[]', '{}', '""', 'null', '"\\u0001"'),
  );
  const changed = fc.tuple(fc.constantFrom(...briefs), fc.nat(), fc.nat({ max: 12 }), odd).map(([text, at, length, by]) => {
    const from = at % text.length;
    return text.slice(0, from) + by + text.slice(from + length);
  });
  return fc.oneof({ weight: 3, arbitrary: changed }, { weight: 1, arbitrary: odd });
}

async function post(endpoint: string, body: string, signal?: AbortSignal): Promise<Response> {
  const response = await fetch(`${ADDRESS}/api/${endpoint}`, {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json' },
    ...(signal ? { signal } : {}),
  });
  await response.arrayBuffer();
  return response;
}

async function queue(): Promise<{ readonly running: number; readonly waiting: number }> {
  const health: { readonly queue: { readonly running: number; readonly waiting: number } } = await (
    await fetch(`${ADDRESS}/api/health`)
  ).json();
  return health.queue;
}

async function until(holds: () => Promise<boolean>): Promise<void> {
  while (!(await holds())) await rest(50);
}

function residentMb(pid: number | undefined): number {
  const [, kb] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Math.round(Number(kb) / 1024);
}
