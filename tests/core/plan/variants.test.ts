import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { plan } from '#core/plan';
import { isNamedTruly, visitsOf } from '../../support/plans/named-truly.ts';
import { plannedAs, variantBriefs } from '../../support/reference/variants.ts';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

describe('fingerings that teachers would name', () => {
  for (const each of variantBriefs()) {
    it(`of ${each.id} can be played, each by one hand at a time`, () => {
      for (const { fingers } of each.variants) {
        const result = plannedAs(each, fingers);
        assert.ok(typeof result !== 'string', `${fingers}: ${String(result)}`);
        assert.deepEqual(result.notOneHand, [], fingers);
      }
    });
  }
});

describe('other fingerings', () => {
  const asked = [...variantBriefs().map(({ brief }) => brief), ...Array.from({ length: 120 }, (_, index) => seededBrief(index))];

  it('are called by what they do, each otherwise, and visit no position in passing that the best does not', () => {
    for (const [index, brief] of asked.entries()) {
      const outcome = plan(brief, { alternatives: 6 });
      if (!outcome.ok) continue;
      const { best, alternatives } = outcome.value;
      const names = alternatives.map(({ name }) => JSON.stringify(name));
      assert.equal(new Set(names).size, names.length, `brief ${index}`);
      for (const other of alternatives) {
        assert.ok(isNamedTruly(other.name, best, other.plan), `brief ${index}: ${JSON.stringify(other.name)}`);
        if (other.name.kind !== 'unlocked')
          assert.ok(visitsOf(other.plan) <= visitsOf(best), `brief ${index}: ${JSON.stringify(other.name)}`);
      }
    }
  });
});
