import { readFileSync, readlinkSync } from 'node:fs';

/** A job for tests: its body says what it does with its time and memory. */
export default async function toldJob({ job: { body }, meter }) {
  if (process.platform === 'linux') {
    const thread = readlinkSync('/proc/thread-self').split('/').at(-1);
    Atomics.store(meter, 1, BigInt(readFileSync(`/proc/self/task/${thread}/schedstat`, 'utf8').split(' ')[0]));
    Atomics.store(meter, 0, BigInt(thread));
  }
  if (body === 'memory') {
    const held = [];
    for (;;) held.push(new Array(100_000).fill(held.length));
  }
  const [rests, ms] = body.startsWith('rests ') ? [true, Number(body.slice(6))] : [false, Number(body)];
  const until = Date.now() + ms;
  if (rests) Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
  else while (Date.now() < until);
  return { status: 200, contentType: 'text/plain', body };
}
