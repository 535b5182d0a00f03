import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isDeepStrictEqual } from 'node:util';
import { ASKED_PARTS, askedText, type Brief } from '#core/brief';
import { LIMIT_NAMES, limitPart } from '#core/brief/parts/limits';
import { MATERIAL_KINDS, materialPart } from '#core/brief/parts/materials';
import { preferredWeights } from '#core/brief/parts/rules';
import { QUESTION_NAMES, questionNamed, sideNames, type Ways, withAnswer } from '#core/brief/parts/school';
import { PREFERENCES, readWishes, wishPart } from '#core/brief/parts/wishes';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { WEIGHTS, weightsFor } from '#core/weights';
import { isBrief } from '../../support/checked.ts';

/** A brief that asks for everything that can be asked. */
const GREEDY: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up-down' },
  limits: {
    positions: ['1', '3'],
    strings: ['E5', 'A4', 'D4', 'G3'],
    highestPerString: [{ string: 'A4', highest: 'E5' }],
    fingers: ['1', '2', '3', '4'],
    openStrings: 'avoid',
    harmonics: true,
    shifts: 2,
  },
  preferences: Object.fromEntries(PREFERENCES.map((wish) => [wish, 0.5])),
  purpose: 'training',
  wayDown: 'as-up',
  samePatternEveryOctave: true,
  locks: [{ note: 0, finger: '1' }],
  stretches: [{ from: 2, to: 5, limits: { strings: ['D4'] } }],
  ways: QUESTION_NAMES.reduce<Ways>((ways, name) => withAnswer(ways, name, sideNames(questionNamed(name).sides).at(-1) ?? null), {}),
};

describe('everything that a brief may ask', () => {
  it('is asked by the brief that asks it all, and by none that asks nothing', () => {
    const { instrument, material } = GREEDY;
    for (const part of ASKED_PARTS) {
      assert.ok(part.isAsked(GREEDY), part.asked.name);
      assert.ok(!part.isAsked({ instrument, material }), part.asked.name);
    }
    assert.equal(ASKED_PARTS.length, LIMIT_NAMES.length + PREFERENCES.length + QUESTION_NAMES.length + 5);
  });

  it('is left out by itself, and what is left is still a brief that asks the rest', () => {
    for (const part of ASKED_PARTS) {
      const without = part.without(GREEDY);
      assert.ok(isBrief(without), part.asked.name);
      const still = ASKED_PARTS.filter((part) => part.isAsked(without)).map(({ asked }) => asked);
      assert.deepEqual(
        still,
        ASKED_PARTS.map(({ asked }) => asked).filter((asked) => asked !== part.asked),
      );
    }
  });

  it('is told in words of its own', () => {
    const told = ASKED_PARTS.map(({ asked }) => askedText(asked, GREEDY));
    assert.equal(new Set(told).size, told.length);
    for (const words of told) assert.match(words, /^[a-z\d].{4,}$/);
    assert.ok(told.includes('the A string only up to E5'));
  });
});

describe('a wish', () => {
  const setting = INSTRUMENT_KINDS.map((kind) => weightsFor(kind));

  it('moves weights that there are, and on every instrument one of them at least', () => {
    for (const name of PREFERENCES) {
      for (const weights of setting) {
        const moved = Object.entries(wishPart(name).weights(weights));
        const before = new Map<string, unknown>(Object.entries(weights));
        for (const [weight] of moved) assert.ok(weight in WEIGHTS, `${name}: ${weight}`);
        assert.ok(
          moved.some(([weight, value]) => !isDeepStrictEqual(value, before.get(weight))),
          name,
        );
      }
    }
  });

  it('of no strength is none, and half of one moves half as far', () => {
    const [weights] = setting;
    assert.ok(weights);
    assert.deepEqual(preferredWeights(weights, null, readWishes({ 'low-positions': 0, connected: 0 })), weights);
    const half = preferredWeights(weights, null, readWishes({ connected: 0.5 }));
    const whole = preferredWeights(weights, null, readWishes({ connected: 1 }));
    assert.ok(Math.abs(2 * half.crossingInSlur - weights.crossingInSlur - whole.crossingInSlur) < 1e-6);
    assert.notEqual(whole.crossingInSlur, weights.crossingInSlur);
  });
});

describe('a limit and a kind of material', () => {
  it('have names and words of their own', () => {
    const limits = LIMIT_NAMES.map((name) => limitPart(name).words);
    for (const pick of ['name', 'none', 'leftOut', 'whole'] as const) {
      assert.equal(new Set(limits.map((words) => words[pick])).size, LIMIT_NAMES.length, pick);
    }
    const nouns = MATERIAL_KINDS.map((kind) => materialPart(kind).name.noun);
    assert.equal(new Set(nouns).size, MATERIAL_KINDS.length);
  });

  it('choose nothing but what they offer', () => {
    for (const kind of MATERIAL_KINDS) {
      const part = materialPart(kind);
      const pattern = { tonic: 'A3', octaves: 1, direction: 'up' } as const;
      const material = part.after({ tonicName: 'A', mode: 'major', scale: 'major', pattern, notes: () => [] });
      for (const choice of part.choices) {
        assert.ok(choice.options.some(({ value }) => value === choice.chosen(material)));
        for (const { value } of choice.options) assert.equal(choice.chosen(choice.choose(material, value)), value);
        assert.equal(choice.chosen(choice.choose(material, 'none of these')), choice.chosen(material));
      }
    }
  });
});
