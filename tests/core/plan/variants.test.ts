import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { plannedAs, variantBriefs } from '../../support/reference/variants.ts';

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
