import { expect, test } from '../bench-page.ts';
import { CLASS_AND_SOUND } from './class-and-sound.ts';
import { DOUBLE_STOPS } from './double-stops.ts';
import { POSITIONS } from './positions.ts';
import { SCALES } from './scales.ts';
import { SHIFTS } from './shifts.ts';
import { WHOLE_WAY } from './whole-way.ts';
import { Steps } from './steps.ts';

const JOBS = [...SCALES, ...POSITIONS, ...SHIFTS, ...DOUBLE_STOPS, ...CLASS_AND_SOUND, WHOLE_WAY];

for (const { name, most, missing, begin, take } of JOBS) {
  test(`${name}, in at most ${most} steps`, async ({ page }) => {
    await begin(page);
    const steps = new Steps(page);
    await take(steps, page);
    console.log(`${name}: ${steps.count} steps of at most ${most}${missing === null ? '' : `; not yet: ${missing}`}`);
    expect(steps.count).toBeLessThanOrEqual(most);
  });
}
