import assert from 'node:assert/strict';
import { describe, it, mock } from 'node:test';
import { clientOf } from '../../../src/server/client-of.ts';
import { FairQueue, type Turn } from '../../../src/server/fair-queue.ts';

const LIMITS = { places: 2, placesOfClient: 1, placesOfBatches: 1, mostWaiting: 6, mostOfClient: 3, longestWaitMs: 1000 };
const STAYS = new AbortController().signal;

/** Makes a queue in which clients ask for places; `begun` lists those that have got one, in order, and `leaveLast` gives back the last. */
function queueOf(limits = LIMITS) {
  const queue = new FairQueue(limits);
  const begun: string[] = [];
  let leaveLast = (): void => undefined;
  const ask = (name: string, gone = STAYS) => {
    const [client = '', inBatch] = name.split(' ');
    const turn: Turn = { client, inBatch: inBatch === 'batch', gone };
    const entry = queue.enter(turn).then((entry) => {
      if (entry !== 'begin') return entry;
      begun.push(name);
      leaveLast = () => queue.leave(turn);
      return entry;
    });
    return { entry, leave: () => queue.leave(turn) };
  };
  return { queue, begun, ask, leaveLast: () => leaveLast() };
}

/** Resolves once everything that is settled has gone on. */
const nextTask = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

describe('places that clients share', () => {
  it('go to another client at once, however much the first one asks for', async () => {
    const { begun, ask } = queueOf();
    for (let count = 0; count < 3; count += 1) void ask('a').entry;
    void ask('b').entry;
    await nextTask();
    assert.deepEqual(begun, ['a', 'b']);
  });

  it('go round: a client that has waited long comes before one that was just served', async () => {
    const { begun, ask, leaveLast } = queueOf({ ...LIMITS, places: 1 });
    for (const client of ['a', 'a', 'a', 'b', 'c', 'b']) void ask(client).entry;
    for (let left = 0; left < 6; left += 1) {
      await nextTask();
      leaveLast();
    }
    assert.deepEqual(begun, ['a', 'b', 'c', 'a', 'b', 'a']);
  });

  it('go to single requests before briefs of batches, which hold only some of them', async () => {
    const { begun, ask } = queueOf();
    const inBatch = ask('a batch');
    void ask('b batch').entry;
    const single = ask('c');
    void ask('d').entry;
    await nextTask();
    assert.deepEqual(begun, ['a batch', 'c']);
    single.leave();
    await nextTask();
    inBatch.leave();
    await nextTask();
    assert.deepEqual(begun, ['a batch', 'c', 'd', 'b batch']);
  });

  it('are waited for within a number and a time; briefs of batches wait as long as it takes', async (test) => {
    test.mock.timers.enable({ apis: ['setTimeout'] });
    const { queue, ask } = queueOf({ ...LIMITS, places: 1 });
    void ask('a').entry;
    const waiting = [1, 2, 3].map(() => ask('b').entry);
    assert.equal(await ask('b').entry, 'busy');
    assert.equal(queue.isFullFor('b'), true);
    assert.equal(queue.isFullFor('c'), false);
    for (const client of ['c', 'd', 'e']) void ask(client).entry;
    assert.equal(await ask('f').entry, 'busy');
    const inBatch = ask('g batch').entry;
    test.mock.timers.tick(1000);
    assert.deepEqual(await Promise.all(waiting), ['busy', 'busy', 'busy']);
    assert.equal(await Promise.race([inBatch, Promise.resolve('waits')]), 'waits');
    mock.reset();
  });

  it('are open to a client that has one coming to it, however many others wait', async () => {
    const { queue, begun, ask } = queueOf({ ...LIMITS, mostWaiting: 2 });
    for (const client of ['a', 'a', 'a']) void ask(client).entry;
    await nextTask();
    assert.deepEqual([queue.waiting, queue.isFullFor('a'), queue.isFullFor('b')], [2, true, false]);
    void ask('b').entry;
    await nextTask();
    assert.deepEqual(begun, ['a', 'b']);
  });

  it('are free again when nobody waits any more', async () => {
    const { queue, begun, ask } = queueOf({ ...LIMITS, places: 1 });
    const leaving = new AbortController();
    const first = ask('a');
    const second = ask('b', leaving.signal);
    void ask('c').entry;
    leaving.abort();
    assert.equal(await second.entry, 'gone');
    assert.equal(await ask('d', leaving.signal).entry, 'gone');
    first.leave();
    await nextTask();
    assert.deepEqual([begun, queue.running, queue.waiting], [['a', 'c'], 1, 0]);
  });
});

describe('a client', () => {
  it('is an address, of IPv6 a network of 64 bits', () => {
    for (const [address, client] of [
      ['192.0.2.7', '192.0.2.7'],
      ['::ffff:192.0.2.7', '192.0.2.7'],
      ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
      ['2001:db8:1:2::9', '2001:db8:1:2::/64'],
      ['2001:db8::1', '2001:db8:0:0::/64'],
      ['::1', '0:0:0:0::/64'],
      ['fe80::1%eth0', 'fe80:0:0:0::/64'],
      [undefined, 'unknown'],
    ] as const)
      assert.equal(clientOf(address), client);
  });
});
