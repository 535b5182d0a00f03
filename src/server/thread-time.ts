import { readFileSync, readlinkSync } from 'node:fs';

/** The memory that a planning thread shares with the thread that watches it: its number in the system, and its processor time so far, ns. */
export type ThreadMeter = BigInt64Array<SharedArrayBuffer>;

/** Makes a meter for one job. */
export function newMeter(): ThreadMeter {
  return new BigInt64Array(new SharedArrayBuffer(2 * BigInt64Array.BYTES_PER_ELEMENT));
}

/** Starts a meter in the thread that does the job. Only Linux counts the time of single threads; elsewhere the meter stays empty. */
export function startMeter(meter: ThreadMeter): void {
  try {
    const thread = BigInt(readlinkSync('/proc/thread-self').split('/').at(-1) ?? 0);
    Atomics.store(meter, 1, processorNs(thread));
    Atomics.store(meter, 0, thread);
  } catch {
    Atomics.store(meter, 0, 0n);
  }
}

/** Gives the processor time that the job of a meter has taken so far, ms; null before it has begun, and where the system does not count it. */
export function processorMs(meter: ThreadMeter): number | null {
  const thread = Atomics.load(meter, 0);
  if (thread === 0n) return null;
  try {
    return Number(processorNs(thread) - Atomics.load(meter, 1)) / 1e6;
  } catch {
    return null;
  }
}

/** Reads the processor time of a thread of this process, ns: the first figure of its `schedstat` (Linux, proc(5)). */
function processorNs(thread: bigint): bigint {
  return BigInt(readFileSync(`/proc/self/task/${thread}/schedstat`, 'utf8').split(' ')[0] ?? 0);
}
