import { readFileSync, readlinkSync } from 'node:fs';

/** A job for tests: its body says what it does with its time and memory. */
export default async function toldJob({ job: { body }, meter }) {
  if (process.platform === 'linux') {
    const thread = readlinkSync('/proc/thread-self').split('/').at(-1);
    Atomics.store(meter, 1, processorNs(thread));
    Atomics.store(meter, 0, BigInt(thread));
  }
  if (body === 'memory') {
    const held = [];
    for (;;) held.push(new Array(100_000).fill(held.length));
  }
  const [ms, kind] = body.split(' ').reverse();
  spend(Number(ms), kind, meter);
  return { status: 200, contentType: 'text/plain', body };
}

/** Spends some time, ms: rests, works as long by the processor, or works until the clock has gone so far. */
function spend(ms, kind, meter) {
  const until = Date.now() + ms;
  const worked = () => Number(processorNs(Number(meter[0])) - meter[1]) / 1e6;
  if (kind === 'rests') Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
  else if (kind === 'works') while (worked() < ms);
  else while (Date.now() < until);
}

/** Reads the processor time of a thread of this process, ns. */
function processorNs(thread) {
  return BigInt(readFileSync(`/proc/self/task/${thread}/schedstat`, 'utf8').split(' ')[0]);
}
