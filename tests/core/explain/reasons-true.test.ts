import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { partOf } from '#core/brief/lines';
import type { Reason } from '#core/explain';
import type { Plan } from '#core/plan/describe';
import { plan } from '#core/plan';
import { ask } from '../../support/plans/asked.ts';
import { forgetPlans } from '../../support/plans/plans-asked.ts';
import { kindsOf, REASON_KINDS, UNPROVEN, untrueOf } from '../../support/plans/reasons-true.ts';
import { reasonText } from '../../../src/words/explain/reasons.ts';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

/** The number of plans that are explained. */
const PLANS = 300;

/** The longest line that is checked; longer ones have the same reasons and take longer. */
const MOST_NOTES = 9;

/** Takes a line of five notes out of each brief, every tenth whole: reasons about a whole line must occur too. */
function shortBrief(index: number): Brief {
  const whole = seededBrief(index);
  return index % 10 === 0 ? whole : partOf(whole, index % 3, (index % 3) + 4);
}

/** Lists why a shift is just where it is, which is told where its note is asked about. */
function askedAtShifts(brief: Brief, { shifts }: Plan): readonly Reason[] {
  return shifts.flatMap(({ to }) => {
    const told = ask(brief, { kind: 'reasons', note: to });
    return told.ok ? told.value.filter(({ about }) => about === 'shift-here') : [];
  });
}

describe('every reason of 300 seeded plans', () => {
  const wrong: string[] = [];
  const seen = new Map<string, number>();
  const repeated: string[] = [];
  let [plans, unproven, reasons] = [0, 0, 0];
  for (let index = 0; plans < PLANS; index += 1) {
    const brief = shortBrief(index);
    const outcome = plan(brief);
    if (!outcome.ok || outcome.value.best.notes.length > MOST_NOTES) continue;
    plans += 1;
    forgetPlans();
    const { best } = outcome.value;
    const told = ask(brief, { kind: 'reasons', note: null });
    if (!told.ok) continue;
    const evidence = told.value.flatMap((reason) =>
      reason.evidence && 'compared' in reason.evidence ? [JSON.stringify([reason.note, reason.evidence])] : [],
    );
    if (new Set(evidence).size < evidence.length) repeated.push(`brief ${index}`);
    for (const reason of [...told.value, ...askedAtShifts(brief, best)]) {
      reasons += 1;
      for (const kind of kindsOf(reason)) seen.set(kind, (seen.get(kind) ?? 0) + 1);
      const untrue = untrueOf({ reason, brief, best });
      if (untrue === UNPROVEN) unproven += 1;
      else if (untrue !== null) wrong.push(`brief ${index}, note ${reason.note + 1}: “${reasonText(reason, best.strings)}” ${untrue}`);
    }
  }

  it('is true, by the notes of the plan and by planning again', () => assert.deepEqual(wrong, []));

  it('can be shown to be true, all but one in fifty', () => assert.ok(unproven * 50 < reasons, `${unproven} of ${reasons}`));

  it('rests on evidence that is told once', () => assert.deepEqual(repeated, []));

  it('is of a kind that is checked, and every kind was met', () =>
    assert.deepEqual(
      REASON_KINDS.filter((kind) => !seen.has(kind)),
      [],
    ));
});
