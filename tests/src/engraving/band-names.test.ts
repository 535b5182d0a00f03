import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { Plan } from '#core/plan/describe';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { bandNames } from '../../../src/path/band-names.ts';
import { NAME_LETTER } from '../../../src/engraving/names-that-fit.ts';
import { type Band, bandsOf, beadsOf, pathScale } from '../../../src/path/path-geometry.ts';
import { planBest } from '../../support/briefs.ts';
import { randomLine } from '../../support/plans/random-lines.ts';
import { headAt } from './heads.ts';

/** A name as it is drawn over its band. */
interface Drawn {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly of: Band;
}

/** Places the names of a plan whose notes stand a number of pixels apart. */
function namesOf(plan: Plan, apart: number, height: number): { readonly drawn: readonly Drawn[]; readonly bands: readonly Band[] } {
  const scale = pathScale(plan, height);
  const heads = plan.notes.map((note, index) => headAt(index, apart * (index + 1), { rest: note.kind === 'rest' }));
  const bands = bandsOf(plan, beadsOf(plan, heads, scale), scale);
  const drawn = bandNames(bands).flatMap((name, order): readonly Drawn[] => {
    const of = bands[order];
    return name === null || !of ? [] : [{ left: of.x, right: of.x + name.length * NAME_LETTER, top: of.top - 14, bottom: of.top, of }];
  });
  return { drawn, bands };
}

const PLANS = [
  ...DEMO_PIECES.map(({ brief }) => planBest(brief)),
  ...Array.from({ length: 60 }, (_, seed) => planBest(randomLine(seed, 24, 8))),
];

for (const apart of [16, 22, 30, 46])
  it(`${apart} px apart no name of a position runs into another, into a band beside it, or beyond the drawing`, () => {
    for (const plan of PLANS)
      for (const height of [216, 330]) {
        const { drawn, bands } = namesOf(plan, apart, height);
        const end = Math.max(...bands.map(({ x, width }) => x + width)) + 20;
        for (const name of drawn) {
          assert.ok(name.right <= end, 'it ends within the drawing');
          const others = [
            ...drawn,
            ...bands.map((band) => ({ left: band.x, right: band.x + band.width, top: band.top, bottom: band.top + band.height, of: band })),
          ];
          const met = others.filter(
            (other) =>
              other.of !== name.of &&
              other.left > name.left &&
              other.left < name.right &&
              other.top < name.bottom &&
              other.bottom > name.top,
          );
          assert.deepEqual(met, []);
        }
      }
  });

it('nearly every stay that is wide enough has its name', () => {
  const wide = PLANS.map((plan) => namesOf(plan, 30, 330)).map(({ drawn, bands }) => ({
    named: drawn.length,
    all: bands.filter(({ width }) => width > 60).length,
  }));
  const sum = wide.reduce((sums, { named, all }) => ({ named: sums.named + named, all: sums.all + all }), { named: 0, all: 0 });
  assert.ok(sum.named >= 0.9 * sum.all, `${sum.named} of ${sum.all}`);
});
