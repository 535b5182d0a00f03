import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { handOf, type Finger, type School } from '#core/hand';
import { TUNINGS, type InstrumentKind } from '#core/instrument';
import type { Brief } from '#core/plan';
import { fingering, lineBrief, planned } from './briefs.ts';

/** A standard fingering that practically every teacher would write; `accept` lists complete fingerings, any of them right. */
interface ReferenceCase {
  readonly id: string;
  readonly instrument: InstrumentKind;
  readonly school: School;
  readonly material: { readonly type: string; readonly tonic: string };
  readonly constraints: {
    readonly positions?: string[];
    readonly strings?: string[];
    readonly fingers?: Finger[];
    readonly openStrings?: 'prefer' | 'allow' | 'avoid' | 'none';
  };
  readonly notes: string[];
  readonly accept: { readonly string: string; readonly finger: string }[][];
  readonly why: string;
}

const cases: ReferenceCase[] = JSON.parse(readFileSync(new URL('./reference/certain.json', import.meta.url), 'utf8'));

function briefOf({ instrument, school, material, constraints, notes }: ReferenceCase): Brief {
  const { strings, ...limits } = constraints;
  const named = strings?.map((name) => TUNINGS[instrument].find((open) => open.startsWith(name)) ?? name);
  const key = `${material.tonic.replace(/\d/, '')} ${material.type.includes('minor') ? 'minor' : 'major'}`;
  return lineBrief(instrument, notes, { player: { school }, limits: { ...limits, ...(named ? { strings: named } : {}) } }, key);
}

describe('the engine agrees with the teacher', () => {
  for (const each of cases) {
    it(`on ${each.id}: ${each.why}`, () => {
      const accepted = each.accept.map((notes) => notes.map((note) => `${note.string}${note.finger}`).join(' '));
      const found = fingering(planned(briefOf(each)));
      assert.ok(accepted.includes(found), `found ${found}\nexpected ${accepted.join('\n or ')}`);
    });
  }

  it('in the school each case names', () => {
    assert.ok(cases.every((each) => handOf(each.school).school === each.school));
  });
});
