import { once } from 'node:events';
import { request as httpRequest } from 'node:http';
import { expect, test } from '@playwright/test';
import { type Served, startServer } from '../support/served.ts';

/** Each test has a server of its own, at a port that no other uses. */
const PORTS = { ending: 4391, proxy: 4392, direct: 4393 };

const BRIEF = { instrument: { kind: 'violin' }, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' } };

/** Asks a server for a plan, as a proxy does for a client. */
async function planFor(server: Served, client: string): Promise<number> {
  const response = await fetch(`${server.address}/api/plan`, {
    method: 'POST',
    body: JSON.stringify(BRIEF),
    headers: { 'content-type': 'application/json', 'x-forwarded-for': client },
  });
  await response.arrayBuffer();
  return response.status;
}

/** Opens a batch as a proxy does for a client, and reads nothing of its answer yet. */
async function openBatch(server: Served, client: string): Promise<Response> {
  return await fetch(`${server.address}/api/plan/batch`, {
    method: 'POST',
    body: JSON.stringify(Array(200).fill(BRIEF)),
    headers: { 'content-type': 'application/json', 'x-forwarded-for': client },
  });
}

/** Opens a batch, and goes away at once. */
async function statusOfBatch(server: Served, client: string): Promise<number> {
  const { status, body } = await openBatch(server, client);
  await body?.cancel();
  return status;
}

test('a server that is told to end finishes what it has begun', async () => {
  const server = await startServer({ port: PORTS.ending, env: { TRUSTED_PROXIES: 'loopback' } });
  const ended = once(server.process, 'exit');
  const clients = Array.from({ length: 10 }, (_, index) => `192.0.2.${index + 1}`);
  const asked = clients.flatMap((client) => [1, 2].map(() => planFor(server, client)));
  await expect
    .poll(async () => (await (await fetch(`${server.address}/api/health`)).json()).queue)
    .toMatchObject({ waiting: expect.any(Number) });
  await Promise.race(asked);
  server.process.kill('SIGTERM');
  expect(await Promise.all(asked)).toEqual(Array(20).fill(200));
  expect(await ended).toEqual([0, null]);
  await expect(fetch(`${server.address}/api/health`)).rejects.toThrow();
});

test('the clients behind a proxy have shares of their own, where the proxy is trusted', async () => {
  for (const [port, env, other] of [
    [PORTS.proxy, { TRUSTED_PROXIES: 'loopback' }, 200],
    [PORTS.direct, {}, 503],
  ] as const) {
    const server = await startServer({ port, env });
    const batches = [await openBatch(server, '192.0.2.1'), await openBatch(server, '192.0.2.1')];
    expect(batches.map(({ status }) => status)).toEqual([200, 200]);
    const refused = await openBatch(server, '192.0.2.1');
    expect([refused.status, refused.headers.get('retry-after')]).toEqual([503, '5']);
    const others = await openBatch(server, '192.0.2.2');
    expect(others.status).toBe(other);
    // Single requests pass the batches, of this client too.
    expect(await planFor(server, '192.0.2.1')).toBe(200);
    for (const { body } of [...batches, others]) await body?.cancel();
    // A batch whose client has gone gives its place back.
    await expect.poll(() => statusOfBatch(server, '192.0.2.1')).toBe(200);
    await server.stop();
  }
});

test('a body that is too large is answered, however it comes', async ({ baseURL }) => {
  for (const headers of [{ 'content-length': '6000000' }, { 'transfer-encoding': 'chunked' }]) {
    const asked = httpRequest(`${baseURL}/api/plan`, { method: 'POST', headers: { ...headers, 'content-type': 'application/json' } });
    const answer = once(asked, 'response');
    for (let part = 0; part < 60; part += 1) asked.write('x'.repeat(100_000));
    asked.end();
    const [response] = await answer;
    expect(response.statusCode).toBe(413);
    response.resume();
    await once(response, 'end');
  }
});
