import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { plan } from '#core/plan';
import { ask } from '../../support/plans/asked.ts';
import { forgetPlans } from '../../support/plans/plans-asked.ts';
import { UNPROVEN, untrueOf } from '../../support/plans/reasons-true.ts';
import { reasonText, REASON_HEADINGS } from '../../../src/words/explain/reasons.ts';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

/** Sentences of seeded plans as they were read aloud, by the index of the brief: "5 The shift: …" with the note counted from 1. */
const TABLE = new Map(
  Object.entries(JSON.parse(readFileSync('tests/core/explain/sentences.json', 'utf8')) as Record<string, readonly string[]>).map(
    ([index, sentences]) => [Number(index), sentences],
  ),
);

/** The words that told a teacher nothing, or nothing true. */
const RETIRED =
  /belongs with|line without it|not extended|hand travels?\b|harder [a-z]+ fingers|drawn-in|whole line went higher|where the reason is told/;

describe('400 sentences of 60 plans', () => {
  let [sentences, unproven] = [0, 0];
  for (const [index, told] of TABLE) {
    it(`are told of brief ${index} as they were read, and are true`, () => {
      const brief = seededBrief(index);
      const outcome = plan(brief);
      const reasons = ask(brief, { kind: 'reasons', note: null });
      assert.ok(outcome.ok && reasons.ok);
      const { best } = outcome.value;
      forgetPlans();
      const here = reasons.value.map(
        (reason) => `${reason.note + 1} ${REASON_HEADINGS[reason.about]}: ${reasonText(reason, best.strings)}`,
      );
      assert.deepEqual(here.slice(0, told.length), told);
      for (const reason of reasons.value.slice(0, told.length)) {
        const untrue = untrueOf({ reason, brief, best });
        if (untrue === UNPROVEN) unproven += 1;
        else assert.equal(untrue, null, reasonText(reason, best.strings));
      }
      sentences += told.length;
      const texts = here.map((text) => text.slice(text.indexOf(':')));
      assert.ok(new Set(texts).size >= 0.9 * texts.length, `${texts.length - new Set(texts).size} of ${texts.length} are told twice`);
      for (const text of texts) {
        assert.doesNotMatch(text, RETIRED);
        assert.ok((text.match(/: \d+ /g) ?? []).length <= 1, text);
      }
    });
  }

  it('are as many as that, and all but a few shown to be true', () => {
    assert.ok(TABLE.size >= 60 && sentences >= 400, `${sentences} of ${TABLE.size}`);
    assert.ok(unproven <= sentences / 50, `${unproven} of ${sentences}`);
  });
});
