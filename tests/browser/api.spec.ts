import { expect, test } from './bench-page.ts';

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
  expect(await (await request.get('/api/health')).json()).toMatchObject({ status: 'ok', queue: { running: 0, waiting: 0 } });
  expect((await (await request.get('/api/schema/brief')).json()).title).toBe('Brief');
  expect((await request.get('/api/schema/nothing')).status()).toBe(404);
});
