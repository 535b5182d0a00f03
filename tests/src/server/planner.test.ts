import assert from 'node:assert/strict';
import { after, describe, it } from 'node:test';
import { fileURLToPath } from 'node:url';
import type { Asker, Job } from '../../../src/endpoints/job.ts';
import { hashesIn } from '../../../scripts/content-policy.mjs';
import { contentPolicy } from '../../../src/server/content-policy.ts';
import { type Budget, ThreadPlanner } from '../../../src/server/planner.ts';

const WORKER = fileURLToPath(new URL('../../support/plans/told-job.mjs', import.meta.url));
const BUDGET: Budget = {
  processorMs: 1000,
  clockMs: 60_000,
  jobMb: 64,
  places: 1,
  placesOfClient: 1,
  placesOfBatches: 1,
  mostWaiting: 2,
  mostOfClient: 2,
  longestWaitMs: 60_000,
  mostBatches: 3,
  batchesOfClient: 2,
};
const planner = new ThreadPlanner(WORKER, BUDGET);
after(() => planner.close());

const job = (body: string): Job => ({ kind: 'reasons', body });
const asker = (gone: AbortSignal): Asker => ({ client: 'wren', inBatch: false, gone });
const STAYS = asker(new AbortController().signal);

describe('the planner', () => {
  it('answers one job after the other, and says how many wait', async () => {
    const answers = ['30', '20', '10'].map((body) => planner.run(job(body), STAYS));
    assert.deepEqual(planner.queue(), { running: 1, waiting: 2, mostWaiting: 2 });
    assert.deepEqual(
      (await Promise.all(answers)).map((answer) => (typeof answer === 'string' ? answer : answer.body)),
      ['30', '20', '10'],
    );
    assert.deepEqual(planner.queue(), { running: 0, waiting: 0, mostWaiting: 2 });
  });

  it('sends away whoever comes while the queue is full', async () => {
    const answers = ['50', '1', '1', '1'].map((body) => planner.run(job(body), STAYS));
    assert.equal(await answers[3], 'busy');
    await Promise.all(answers);
  });

  it('ends a job that takes too long or too much memory, and goes on with the next', async () => {
    assert.equal(await planner.run(job('60000'), STAYS), 'too-expensive');
    assert.equal(await planner.run(job('memory'), STAYS), 'too-expensive');
    const next = await planner.run(job('1'), STAYS);
    assert.ok(typeof next !== 'string' && next.status === 200);
  });

  it('counts the work of a job, not the time by the clock', { skip: process.platform !== 'linux' }, async () => {
    let spentMs = 0;
    const rested = await planner.run(job('rests 2000'), { ...STAYS, onSpent: (ms) => (spentMs = ms) });
    assert.ok(typeof rested !== 'string' && rested.status === 200);
    assert.ok(spentMs < 1000, `${spentMs} ms`);
    await planner.run(job('works 300'), { ...STAYS, onSpent: (ms) => (spentMs = ms) });
    assert.ok(spentMs > 200, `${spentMs} ms`);
  });

  it('opens some batches for a client, and some in all, until they end', () => {
    const [first, second] = [planner.openBatch('wren'), planner.openBatch('wren')];
    assert.equal(planner.openBatch('wren'), null);
    const other = planner.openBatch('robin');
    assert.equal(planner.openBatch('martin'), null);
    for (const end of [first, first, other]) end?.();
    const again = planner.openBatch('wren');
    assert.ok(again);
    assert.equal(planner.openBatch('wren'), null);
    for (const end of [second, again]) end?.();
  });

  it('ends a job that nobody waits for any more, running or waiting', async () => {
    const leaving = new AbortController();
    const running = planner.run(job('60000'), asker(leaving.signal));
    const waiting = planner.run(job('60000'), asker(leaving.signal));
    const stays = planner.run(job('1'), STAYS);
    leaving.abort();
    assert.deepEqual([await running, await waiting], ['gone', 'gone']);
    assert.ok(typeof (await stays) !== 'string');
  });
});

describe('the content policy', () => {
  it('allows the scripts and styles of our own pages by their hash, and none besides', () => {
    const page = '<style>p{}</style><script>a()</script><script src="/a.js"></script><script type="application/json">{}</script>';
    const hashes = hashesIn([`${page}<p style="color:red"></p>`, page]);
    assert.deepEqual([hashes.script.length, hashes.style.length], [1, 3]);
    const policy = contentPolicy(hashes);
    assert.match(
      policy,
      /default-src 'none'; script-src 'self' 'sha256-[^']+'; style-src 'self' 'sha256-[^']+' 'sha256-[^']+' 'unsafe-hashes';/,
    );
    assert.match(policy, /frame-ancestors 'none'/);
    assert.doesNotMatch(policy, /unsafe-inline|unsafe-eval/);
    assert.match(contentPolicy({ script: [], style: [] }), /script-src 'self'; style-src 'self';/);
  });
});
