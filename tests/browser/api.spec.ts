import { ENDPOINTS } from '../../src/endpoints/described.ts';
import { expect, findings, test } from './bench-page.ts';

const brief = { instrument: { kind: 'violin' }, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' } };

test('the server plans with the same core', async ({ request }) => {
  const response = await request.post('/api/plan', { data: brief });
  expect(response.status()).toBe(200);
  const { best } = await response.json();
  expect(best.notes.map((note: { stops: { finger: string }[] }) => note.stops[0]?.finger).join('')).toBe('012301230123012');
});

test('bad input gets a problem document with a pointer', async ({ request }) => {
  const wrong = await request.post('/api/plan', { data: { ...brief, tempo: 'fast' } });
  expect(wrong.status()).toBe(400);
  expect(wrong.headers()['content-type']).toBe('application/problem+json');
  expect((await wrong.json()).errors[0].pointer).toBe('/tempo');
  const low = await request.post('/api/plan', { data: { ...brief, material: { ...brief.material, tonic: 'C3' } } });
  expect(low.status()).toBe(422);
  expect((await low.json()).errors[0].hint).toBe('An octave higher it fits.');
});

test('a body over the limit and one that is no JSON are refused', async ({ request }) => {
  const large = await request.post('/api/plan', { data: 'x'.repeat(2_100_000), headers: { 'content-type': 'application/json' } });
  expect(large.status()).toBe(413);
  const broken = await request.post('/api/plan', { data: '{', headers: { 'content-type': 'application/json' } });
  expect(broken.status()).toBe(400);
});

test('health and schemas are served', async ({ request }) => {
  // Requests of other pages at the same time are answered soon.
  await expect
    .poll(async () => await (await request.get('/api/health')).json())
    .toMatchObject({ status: 'ok', queue: { running: 0, waiting: 0 } });
  expect((await (await request.get('/api/schema/brief')).json()).title).toBe('Brief');
  expect((await request.get('/api/schema/nothing')).status()).toBe(404);
});

test('a batch is answered line by line, in order, and one failure keeps none of the others', async ({ request }) => {
  const low = { ...brief, material: { ...brief.material, tonic: 'C3' } };
  const response = await request.post('/api/plan/batch', { data: [brief, low, { instrument: {} }, brief] });
  expect(response.headers()['content-type']).toBe('application/x-ndjson');
  const lines: { index: number; of: number; plan?: object; problem?: { status: number; detail: string } }[] = (await response.text())
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line));
  expect(lines.map(({ index, of, plan, problem }) => [index, of, plan ? 'plan' : problem?.status])).toEqual([
    [0, 4, 'plan'],
    [1, 4, 422],
    [2, 4, 400],
    [3, 4, 'plan'],
  ]);
  const byLine = await request.post('/api/plan/batch', {
    data: `${JSON.stringify(brief)}\n${JSON.stringify(brief)}\n`,
    headers: { 'content-type': 'application/x-ndjson' },
  });
  expect((await byLine.text()).trimEnd().split('\n')).toHaveLength(2);
  const none = await request.post('/api/plan/batch', { data: [] });
  expect((await none.json()).detail).toBe('A batch holds 1 to 1,000 briefs; this one holds 0.');
});

test('a plan goes out as a file and comes in again; what is left out is told', async ({ request }) => {
  const out = await request.post('/api/export/musicxml?name=Out', { data: brief });
  expect(await out.text()).toContain('<work-title>Out</work-title>');
  for (const format of ['musicxml', 'midi']) {
    const file = await (await request.post(`/api/export/${format}`, { data: brief })).body();
    const back = await request.post(`/api/import/${format}?from=1&to=2&fingerings=leave`, {
      data: file,
      headers: { 'content-type': 'application/octet-stream' },
    });
    const { piece, parts, leftOut } = await back.json();
    expect(piece.brief.material.notes.slice(0, 3).map((note: { pitches: string[] }) => note.pitches[0])).toEqual(['G3', 'A3', 'B3']);
    expect(parts[0].measures).toBe(4);
    expect(leftOut.map(({ what }: { what: string }) => what)).toContain('measures');
  }
  const csv = await request.post('/api/export/csv', { data: brief });
  expect((await csv.text()).split('\n')[1]).toMatch(/^1,1,1,1\/4,G3,G3,IV,G3,0,/);
  const none = await request.post('/api/import/musicxml', { data: Buffer.from('no score') });
  expect([none.status(), (await none.json()).detail]).toEqual([400, 'This file is not a MusicXML score.']);
  expect((await request.post('/api/export/brass', { data: brief })).status()).toBe(404);
});

test('the page of the endpoints explains each, and its examples work as they stand', async ({ page, request }) => {
  await page.goto('/endpoints');
  for (const { method, path, example, body, answer } of ENDPOINTS) {
    const section = page.getByRole('region', { name: `${method} ${path}`, exact: true });
    await expect(section.getByRole('group', { name: 'Example' })).toContainText(example.path);
    const response = await request.fetch(example.path, {
      method,
      ...(example.body === null ? {} : { data: Buffer.from(example.body), headers: { 'content-type': body?.type ?? '' } }),
    });
    expect(response.status(), example.path).toBe(200);
    expect(answer.types, example.path).toContain(response.headers()['content-type']);
  }
  const openapi = await (await request.get('/api/openapi.json')).json();
  expect(Object.keys(openapi.paths).toSorted()).toEqual([...new Set(ENDPOINTS.map(({ path }) => path))].toSorted());
  expect(openapi.components.schemas.brief.properties.instrument).toBeTruthy();
  expect(await findings(page)).toEqual([]);
});
