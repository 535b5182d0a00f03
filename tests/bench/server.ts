/**
 * Measures what the server bears, for the built application (`npm run build` first): how soon it answers, and how soon nine clients have
 * their plans, while a tenth keeps asking for what takes longest, against a quiet server; that a server that is told to end cuts no request;
 * how much memory many requests leave in use; and that no body, however odd, breaks it. `-- --bodies 20000 --requests 2000 --seed 1` set the
 * numbers.
 */
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
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

/** The number of plans that each of the other clients asks for, one after the other. */
const PLANS_OF_A_CLIENT = 12;

/** The most by which the server may be slower for others while one client asks for what takes longest. */
const MOST_SLOWER = 3;

const PROXIED = { TRUSTED_PROXIES: 'loopback' };
const DEMO_BODIES = DEMO_PIECES.map(({ brief }) => JSON.stringify(brief));
const server = await startServer({ port: PORT, env: PROXIED });
const ADDRESS = server.address;
try {
  // A first run warms the machine up.
  await healthMs();
  await planMs();
  const quiet = { health: await healthMs(), plan: await planMs() };
  const attack = beginAttack();
  await until(async () => (await queue()).running > 0);
  const attacked = { health: await healthMs(), plan: await planMs() };
  attack.stop();
  await until(async () => (await queue()).running === 0);
  printRatio('health, 99th percentile', attacked.health, quiet.health);
  printRatio('plans of nine clients, median', attacked.plan, quiet.plan);
  console.log(`the same while the machine is busy with something else: ${(await planMsOnBusyMachine()).toFixed(1)} ms, none refused`);
  await printMemory(server.process.pid, numberGiven('requests', 2000));
  await printFuzz(numberGiven('bodies', 20_000), numberGiven('seed', 1));
} finally {
  await server.stop();
}
await printEnding();

function printRatio(what: string, attacked: number, quiet: number): void {
  const isMet = attacked <= MOST_SLOWER * quiet;
  if (!isMet) process.exitCode = 1;
  const times = `${quiet.toFixed(1)} ms on a quiet server, ${attacked.toFixed(1)} ms while one client attacks`;
  console.log(`${what}: ${times} (${(attacked / quiet).toFixed(1)} times, at most ${MOST_SLOWER}: ${isMet ? 'met' : 'MISSED'})`);
}

/** Lets one client ask for the most expensive briefs and batches, many at once, until it is stopped. */
function beginAttack(): { readonly stop: () => void } {
  const stopping = new AbortController();
  const keepAsking = async (endpoint: string, body: string): Promise<void> => {
    while (!stopping.signal.aborted) {
      const answer = await post(endpoint, body, { signal: stopping.signal, client: '192.0.2.99' }).catch(() => null);
      // A client that is sent away comes again when told to.
      const seconds = Number(answer?.headers.get('retry-after') ?? 0);
      await rest(seconds * 1000, undefined, { signal: stopping.signal }).catch(() => undefined);
    }
  };
  const batch = `[${Array(1000).fill(EXPENSIVE).join()}]`;
  for (let index = 0; index < 12; index += 1) void keepAsking('plan', index % 3 === 0 ? LONGEST : EXPENSIVE);
  for (let index = 0; index < 3; index += 1) void keepAsking('plan/batch', batch);
  return { stop: () => stopping.abort() };
}

/** Measures the median time of a plan for nine clients at once, ms; every one of them has to be answered. */
async function planMs(): Promise<number> {
  const times: number[] = [];
  const client = async (number: number): Promise<void> => {
    for (let index = 0; index < PLANS_OF_A_CLIENT; index += 1) {
      const since = performance.now();
      const { status } = await post('plan', DEMO_BODIES[(number + index) % DEMO_BODIES.length] ?? '', { client: `192.0.2.${number}` });
      times.push(performance.now() - since);
      if (status !== 200) throw new Error(`An ordinary brief is answered with ${status}`);
    }
  };
  await Promise.all(Array.from({ length: 9 }, (_, index) => client(index + 1)));
  return times.toSorted((one, other) => one - other)[Math.floor(times.length / 2)] ?? 0;
}

/** Measures the same while other processes take all the machine's cores, and as many again. */
async function planMsOnBusyMachine(): Promise<number> {
  const others = Array.from({ length: 2 * availableParallelism() }, () =>
    spawn(process.execPath, ['-e', 'for (;;);'], { stdio: 'ignore' }),
  );
  try {
    return await planMs();
  } finally {
    for (const other of others) other.kill();
  }
}

/** Tells a server to end in the middle of 200 requests, and counts those it has cut: what it has taken on it must finish. */
async function printEnding(): Promise<void> {
  const ending = await startServer({ port: PORT, env: PROXIED });
  let cut = 0;
  let answered = 0;
  const ask = async (index: number): Promise<void> => {
    const body = DEMO_BODIES[index % DEMO_BODIES.length] ?? '';
    const { status } = await post('plan', body, { client: `192.0.2.${index % 50}` }).catch(() => ({ status: 0 }));
    if (status === 200 || status === 422) answered += 1;
    else if (status === 0) cut += 1;
  };
  const asked = Array.from({ length: 200 }, (_, index) => ask(index));
  await until(() => Promise.resolve(answered > 20));
  ending.process.kill('SIGTERM');
  await Promise.all(asked);
  console.log(`told to end in the middle of 200 requests: ${answered} planned, ${200 - answered - cut} sent away, ${cut} cut`);
  if (cut > 0) process.exitCode = 1;
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
  const ask = async (count: number): Promise<void> => {
    for (let index = 0; index < count; index += 1) await post('plan', DEMO_BODIES[index % DEMO_BODIES.length] ?? '');
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

/** The client that asks, as a proxy names it, and the signal by which it goes. */
interface Asking {
  readonly client?: string;
  readonly signal?: AbortSignal;
}

async function post(endpoint: string, body: string, { client = '192.0.2.1', signal }: Asking = {}): Promise<Response> {
  const response = await fetch(`${ADDRESS}/api/${endpoint}`, {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json', 'x-forwarded-for': client },
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
