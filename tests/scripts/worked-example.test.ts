import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type Finger, FINGERS } from '#core/hand/placement';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { weightsFor } from '#core/weights';

/** A sum of the page: the string and finger of each note, its summands, and what they come to. */
interface Sum {
  readonly stops: readonly { readonly string: string; readonly finger: Finger }[];
  readonly summands: readonly number[];
  readonly total: number;
}

const [prices = '', usual = '', wished = '', third = ''] = [
  ...readFileSync('docs/how-it-works.md', 'utf8').matchAll(/```\n(.*?)```/gs),
].map(([, block = '']) => block);

/** Reads the prices of a block: "open string    100". */
function pricesIn(block: string): Readonly<Record<string, number>> {
  return Object.fromEntries([...block.matchAll(/^(\w[\w ]*?) {2,}(-?\d+)$/gm)].map(([, name = '', price]) => [name, Number(price)]));
}

/** Reads the sums of a block: "A string 3, E string 0: 50 - 430 = -380". */
function sumsIn(block: string): readonly Sum[] {
  return [...block.matchAll(/^(.*string.*): +(.*) = (-?\d+)$/gm)].map(([, notes = '', sum = '', total]) => ({
    stops: notes
      .split(', ')
      .map((note) => ({ string: note[0] ?? '', finger: FINGERS.find((finger) => note.endsWith(finger)) ?? assert.fail(note) })),
    summands: [...sum.matchAll(/(^|- |\+ )(\d+)/g)].map(([, sign = '', amount]) => (sign === '- ' ? -1 : 1) * Number(amount)),
    total: Number(total),
  }));
}

const OPEN: Readonly<Record<string, string>> = { E: 'E5', A: 'A4' };

function briefWith(preferences: Brief['preferences'] = {}, sum?: Sum): Brief {
  const notes = ['D5', 'E5', 'F#5'].map((pitch) => ({ pitches: [pitch], duration: '1/4' }));
  const locks = (sum?.stops ?? []).map(({ string, finger }, note) => ({ note, finger, string: OPEN[string] ?? '' }));
  return { instrument: { kind: 'violin' }, preferences, material: { kind: 'line', key: 'A major', notes }, locks };
}

function planOf(brief: Brief): Plan {
  const outcome = plan(brief, { alternatives: 0 });
  assert.ok(outcome.ok);
  return outcome.value.best;
}

describe('the example worked by hand', () => {
  it('has the prices of the table of weights', () => {
    const { finger, openString, crossing } = weightsFor('violin');
    assert.deepEqual(pricesIn(prices), {
      '3rd finger': finger[3],
      '4th finger': finger[4],
      '1st finger': finger[1],
      'open string': openString,
      crossing,
    });
  });

  for (const [name, block, preferences] of [
    ['as usual', usual, {}],
    ['with the wish', wished, { 'train-fourth': 1 }],
    ['in third position', third, {}],
  ] as const) {
    it(`adds up to what the engine says, ${name}`, () => {
      const sums = sumsIn(block);
      assert.ok(sums.length > 0);
      for (const sum of sums) {
        const { cost } = planOf(briefWith(preferences, sum));
        assert.equal(
          sum.summands.reduce((total, summand) => total + summand, 0),
          sum.total,
        );
        assert.equal(cost.totalThousandths, sum.total);
      }
    });
  }

  it('chooses the line that costs least: the open string, and with the wish the fourth finger', () => {
    for (const [block, preferences] of [
      [usual + third, {}],
      [wished, { 'train-fourth': 1 }],
    ] as const) {
      const least = sumsIn(block).toSorted((one, other) => one.total - other.total)[0] ?? assert.fail();
      const fingers = planOf(briefWith(preferences)).notes.map((note) => (note.kind === 'note' ? note.stops[0].finger : ''));
      assert.deepEqual(
        fingers,
        least.stops.map(({ finger }) => finger),
      );
    }
  });
});
