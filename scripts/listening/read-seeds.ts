/** Reads the takes of the seeds that a process sends, and sends back what was made of them. */
import { seededTake } from '../../tests/support/listening/seeded-takes.ts';
import { readSeeded } from '../../tests/support/listening/tally.ts';

process.on('message', (seeds: readonly number[]) => {
  process.send?.(
    seeds.map((seed) => readSeeded(seededTake(seed))),
    () => process.disconnect(),
  );
});
