import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, GivenFinger } from '#core/brief';
import { foreignPiece } from '#core/format/foreign';
import { type GivenFingering, readGiven } from '#core/given';
import { FINGERS } from '#core/hand/placement';
import type { Plan } from '#core/plan/describe';
import { finish } from '#core/result';
import { readScore } from '../../../../src/files/foreign/read-score.ts';
import { firstChoice } from '../../../../src/files/foreign/score-piece.ts';
import { musicXmlText } from '../../../../src/files/musicxml.ts';
import { pickerOf } from '../../../../scripts/results/picker.ts';
import { seededOutcome } from '../../../support/plans/seeded-plans.ts';

/** The number of briefs that are looked through for plans, and the number of plans wanted. */
const [BRIEFS, PLANS] = [600, 300];

/** Lists seeded plans that were found. */
function* plansOf(most: number): Generator<Plan> {
  let found = 0;
  for (let index = 0; index < BRIEFS && found < most; index += 1) {
    const outcome = seededOutcome(index);
    if (!outcome.ok) continue;
    found += 1;
    yield outcome.value.best;
  }
}

/** Writes a plan as a score, changes the text, and reads it as a brief that carries the fingering. */
async function thereAndBack(plan: Plan, change: (text: string) => string = (text) => text): Promise<Brief> {
  const score = await readScore(new TextEncoder().encode(change(musicXmlText('A piece', plan))));
  assert.ok(score.ok);
  const piece = foreignPiece(score.value.score, { ...firstChoice(score.value.score), fingerings: 'compared' });
  assert.ok(piece.ok);
  return piece.value.brief;
}

function read(brief: Brief): GivenFingering {
  const reading = finish(readGiven(brief));
  assert.ok(reading?.ok, 'a fingering that can be read');
  return reading.value;
}

/** Lists string and finger of each sounding note, with its line index. */
function fingersOf({ notes }: Plan): readonly { readonly note: number; readonly string: string; readonly fingers: string }[] {
  return notes.flatMap((note, index) => {
    if (note.kind === 'rest') return [];
    return [{ note: index, string: note.stops[0].string, fingers: note.stops.map(({ finger }) => finger).join('+') }];
  });
}

describe('a fingering in a score', () => {
  it('is read as it was written: of 300 plans every string and finger, without a doubt', async () => {
    let count = 0;
    for (const plan of plansOf(PLANS)) {
      const { plan: back, doubts } = read(await thereAndBack(plan));
      const describeNotes = (result: Plan): readonly string[] => fingersOf(result).map(({ string, fingers }) => `${string} ${fingers}`);
      assert.deepEqual(describeNotes(back), describeNotes(plan));
      assert.deepEqual([doubts, back.notOneHand], [[], []]);
      count += 1;
    }
    assert.equal(count, PLANS);
  });

  it('has the string that was meant among the two likeliest where no string is written', async () => {
    const withoutStrings = (text: string): string => text.replaceAll(/<string>\d<\/string>/g, '');
    for (const plan of plansOf(PLANS)) {
      const { plan: back, strings, doubts } = read(await thereAndBack(plan, withoutStrings));
      const meant = fingersOf(plan);
      for (const [order, { note, string, fingers }] of fingersOf(back).entries()) {
        assert.equal(fingers, meant[order]?.fingers);
        const likely = [string, strings.find((chosen) => chosen.note === note)?.next?.string];
        assert.ok(likely.includes(meant[order]?.string as 'I'), `string ${meant[order]?.string ?? ''} among ${likely.join(' and ')}`);
      }
      assert.deepEqual(doubts, []);
    }
  });

  it('is read without a throw however it is mutilated, and what no hand plays is said', async () => {
    let [said, kept] = [0, 0];
    for (const [index, plan] of [...plansOf(200)].entries()) {
      const pick = pickerOf(index + 1);
      const { given = [], ...brief } = await thereAndBack(plan);
      const [first = 'G3', ...others] = plan.strings.map(({ name }) => name);
      const changed = given.map((entry): GivenFinger => {
        if (!pick.chance(0.3)) return entry;
        return { ...entry, finger: pick.one(FINGERS), ...(pick.chance(0.5) ? { string: pick.one([first, ...others]) } : {}) };
      });
      const reading = finish(readGiven({ ...brief, given: changed }));
      assert.ok(reading !== null);
      if (!reading.ok) continue;
      const { plan: back, doubts } = reading.value;
      for (const { note, finger, string } of changed) {
        const played = back.notes[note];
        assert.equal(played?.kind, 'note');
        if (played?.kind !== 'note') continue;
        const isKept = played.stops.some((stop) => stop.finger === finger && (string === undefined || stop.open === string));
        assert.ok(isKept || doubts.some((doubt) => doubt.note === note), `note ${note} of plan ${index} is neither kept nor doubted`);
        if (isKept) kept += 1;
        else said += 1;
      }
    }
    assert.ok(said > 100 && kept > said);
  });
});
