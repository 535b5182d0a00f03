import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { plan } from '#core/plan';
import { batchLines, briefsIn } from '../../../src/endpoints/batch.ts';
import type { Planner } from '../../../src/endpoints/job.ts';
import { planAway } from '../../../src/endpoints/planned-away.ts';
import { problemOf } from '../../../src/endpoints/problem.ts';
import { BODY_LIMIT_BYTES, readBody, readJson } from '../../../src/endpoints/request-body.ts';
import { readRequest } from '../../../src/validation/request.ts';
import { lineBrief } from '../../support/briefs.ts';

const post = (body: string): Request => new Request('http://localhost/api/plan', { method: 'POST', body });

describe('a request body', () => {
  it('is read as text, and its text as JSON', async () => {
    assert.deepEqual(await readBody(post('{"a":1}')), { ok: true, value: '{"a":1}' });
    assert.deepEqual(readJson('{"a":1}'), { ok: true, value: { a: 1 } });
  });

  it('over the limit is refused', async () => {
    const reading = await readBody(post(`"${'x'.repeat(BODY_LIMIT_BYTES)}"`));
    assert.ok(!reading.ok && reading.issues[0]?.code === 'document/body-too-large');
  });

  it('that is no JSON is refused in words', () => {
    const reading = readJson('{"a":');
    assert.ok(!reading.ok && /not readable as JSON/.test(reading.issues[0]?.message ?? ''));
  });

  it('longer, wider or deeper in any part than a brief is refused before it is checked', () => {
    const wide = Object.fromEntries(Array.from({ length: 201 }, (_, index) => [`field ${index}`, 0]));
    const pointers = [{ material: { notes: Array(10_001).fill(0) } }, { limits: wide }].map((value) => {
      const reading = readJson(JSON.stringify(value));
      return reading.ok ? null : reading.issues[0]?.where.pointer;
    });
    assert.deepEqual(pointers, ['/material/notes', '/limits']);
    assert.ok(!readJson('['.repeat(100_000) + ']'.repeat(100_000)).ok);
  });
});

/** A planner with nothing to do. */
const IDLE = { queue: () => ({ running: 0, waiting: 0, mostWaiting: 8 }), isFullFor: () => false, openBatch: () => null };

describe('a request while the queue is full', () => {
  it('is sent away before its body is read', async () => {
    const request = post('{"a":1}');
    const planner: Planner = {
      ...IDLE,
      run: async () => await Promise.reject(new Error('Nothing is planned')),
      isFullFor: (client) => client === 'wren',
    };
    const response = await planAway({ request, locals: { planner, client: 'wren', isEnding: false } }, (body) => ({
      kind: 'reasons',
      body,
    }));
    assert.deepEqual([response.status, response.headers.get('retry-after'), request.bodyUsed], [503, '5', false]);
  });
});

describe('a batch', () => {
  it('is answered in its order, and what fails costs its line alone', async () => {
    const planner: Planner = {
      run: async (job) => {
        assert.ok(job.kind === 'plan');
        if (job.body === '"breaks"') throw new Error('It breaks');
        await new Promise((resolve) => setImmediate(resolve));
        return { status: 200, contentType: 'application/json', body: job.body };
      },
      ...IDLE,
    };
    const stays = new AbortController().signal;
    let ended = 0;
    const asked = { briefs: ['"one"', '"breaks"', '"three"'], alternatives: 0, client: 'wren', onEnd: () => (ended += 1) };
    const lines = await new Response(batchLines(asked, planner, stays)).text();
    assert.equal(ended, 1);
    const read: readonly { readonly index: number; readonly plan?: string; readonly problem?: { readonly status: number } }[] = lines
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line));
    assert.deepEqual(
      read.map(({ index, plan, problem }) => [index, plan ?? problem?.status]),
      [
        [0, 'one'],
        [1, 500],
        [2, 'three'],
      ],
    );
  });

  it('has a time of its own: what comes after it is used up is not planned', async () => {
    let planned = 0;
    const planner: Planner = {
      run: async (_, { client, inBatch, onSpent }) => {
        assert.deepEqual([client, inBatch], ['wren', true]);
        planned += 1;
        onSpent?.(100);
        return { status: 200, contentType: 'application/json', body: '{}' };
      },
      ...IDLE,
    };
    const asked = { briefs: Array<string>(20).fill('{}'), alternatives: 0, client: 'wren', budgetMs: 650 };
    const lines = await new Response(batchLines(asked, planner, new AbortController().signal)).text();
    assert.equal(planned, 7);
    assert.equal(lines.split('"status":503').length - 1, 13);
    assert.match(lines, /Send the briefs from this one on as another batch/);
  });

  it('ends when its client goes', async () => {
    const leaving = new AbortController();
    const planner: Planner = {
      run: async (_, { gone }) => await new Promise((resolve) => gone.addEventListener('abort', () => resolve('gone'))),
      ...IDLE,
    };
    const ended = new Promise<void>((resolve) => {
      const asked = { briefs: ['{}', '{}'], alternatives: 0, client: 'wren', onEnd: resolve };
      void new Response(batchLines(asked, planner, leaving.signal)).text();
    });
    leaving.abort();
    await ended;
  });

  it('is over at once when its client went before it began', () => {
    let ended = 0;
    const asked = { briefs: ['{}'], alternatives: 0, client: 'wren', onEnd: () => (ended += 1) };
    const planner: Planner = { ...IDLE, run: () => Promise.resolve('gone') };
    batchLines(asked, planner, AbortSignal.abort());
    assert.equal(ended, 1);
  });

  it('holds at least one brief and at most a thousand', () => {
    for (const [body, count] of [
      ['[]', 0],
      ['', 0],
      [`[${Array(1001).fill('{}').join()}]`, 1001],
    ] as const) {
      const briefs = briefsIn(body);
      assert.ok(!briefs.ok && (briefs.issues[0]?.message ?? '').includes(`this one holds ${count.toLocaleString('en')}`));
    }
    assert.ok(!briefsIn('[{').ok);
  });
});

describe('a brief from outside', () => {
  it('passes when it is one', () => {
    assert.ok(readRequest(lineBrief('viola', ['C4'], { limits: { positions: ['1'] }, tempo: 60 })).ok);
  });

  it('is refused with the pointer of what is wrong', () => {
    const pointers = (value: unknown): readonly (string | undefined)[] => {
      const reading = readRequest(value);
      return reading.ok ? [] : reading.issues.map((issue) => issue.where.pointer);
    };
    assert.deepEqual(pointers({ ...lineBrief('viola', ['C4']), tempo: -3 }), ['/tempo']);
    assert.ok(pointers(lineBrief('viola', ['H4'])).includes('/material/notes/0/pitches/0'));
    assert.deepEqual(pointers({}), ['']);
    assert.deepEqual(pointers({ ...lineBrief('viola', ['C4']), colour: 'red' }), ['']);
  });
});

describe('a problem document', () => {
  it('says what is wrong, where by pointer and note, and what would help', async () => {
    const outcome = plan(lineBrief('violin', ['A4', 'E3']));
    assert.ok(!outcome.ok);
    const { contentType, body } = problemOf(422, 'This brief cannot be planned', outcome.issues);
    assert.equal(contentType, 'application/problem+json');
    const { status, errors } = JSON.parse(String(body));
    assert.equal(status, 422);
    assert.deepEqual([errors[0].pointer, errors[0].note, errors[0].hint], ['/material/notes/1', 1, 'An octave higher it fits.']);
  });
});
