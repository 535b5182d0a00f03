import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { PartSetting } from '#core/brief/parts';
import { LIMIT_NAMES, limitPart } from '#core/brief/parts/limits';
import { handOf } from '#core/hand/models';
import { readInstrument } from '#core/instrument';

function settingOf(kind: 'violin' | 'bass'): PartSetting {
  const instrument = readInstrument({ kind });
  assert.ok(instrument.ok);
  return { instrument: instrument.value, hand: handOf(kind, undefined) };
}

describe('a limit in the sentence', () => {
  it('names one value in full and several shortly', () => {
    assert.equal(limitPart('positions').words.inSentence(['3']), 'third position');
    assert.equal(limitPart('positions').words.inSentence(['1', '3']), 'first and third position');
    assert.equal(limitPart('strings').words.inSentence(['Eb4']), 'the E♭ string');
    assert.equal(limitPart('strings').words.inSentence(['G3', 'D4']), 'the G and D strings');
    assert.equal(limitPart('fingers').words.inSentence(['T']), 'the thumb');
    assert.equal(limitPart('fingers').words.inSentence(['1', '2']), 'fingers 1 and 2');
  });

  it('has a name, and words for none of it, of its own', () => {
    const words = LIMIT_NAMES.flatMap((name) => [limitPart(name).words.name, limitPart(name).words.none]);
    assert.equal(new Set(words).size, words.length);
  });

  it('is controlled value by value, each with its name', () => {
    const { control } = limitPart('positions');
    assert.ok(control.kind === 'subset');
    assert.deepEqual(control.all(settingOf('bass')).slice(0, 3), ['half', 'I', 'II']);
    assert.equal(control.nameOf('II-III'), 'position II–III');
  });

  it('leaves open strings to their own part', () => {
    const { control } = limitPart('fingers');
    assert.ok(control.kind === 'subset');
    assert.deepEqual(control.chosen(['0', '1', '2']), ['1', '2']);
    assert.ok(!control.all(settingOf('violin')).includes('0'));
  });
});

describe('a limit relaxed', () => {
  it('a step at a time says what was allowed', () => {
    const setting = settingOf('violin');
    const stepsInWords = ({ steps }: { readonly steps: readonly { readonly words: string }[] }): readonly string[] =>
      steps.map(({ words }) => words);
    assert.ok(stepsInWords(limitPart('positions').smallerSteps(['1'], setting)).includes('with third position allowed too'));
    assert.ok(stepsInWords(limitPart('strings').smallerSteps(['D4'], setting)).includes('with the G string allowed too'));
    assert.ok(stepsInWords(limitPart('shifts').smallerSteps(2, setting)).includes('with 1 shift instead'));
    assert.ok(stepsInWords(limitPart('fingers').smallerSteps(['1'], setting)).includes('with finger 2 allowed too'));
  });
});

describe('the highest note on a string', () => {
  const { control, words } = limitPart('highestPerString');

  it('is chosen string by string from the notes that lie there, and "any height" lets it go', () => {
    assert.ok(control.kind === 'rows');
    const rows = control.rows(settingOf('violin'), undefined);
    assert.deepEqual(
      rows.map(({ name }) => name),
      ['E string', 'A string', 'D string', 'G string'],
    );
    assert.deepEqual(
      rows[1]?.options.slice(0, 3).map(({ name }) => name),
      ['any height', 'up to D5', 'up to D♯5'],
    );
    const one = control.choose(undefined, 'A4', 'E5');
    assert.deepEqual(one, [{ string: 'A4', highest: 'E5' }]);
    assert.equal(control.choose(one ?? undefined, 'A4', 'any'), null);
  });

  it('that is spelled otherwise stays among the choices', () => {
    assert.ok(control.kind === 'rows');
    const rows = control.rows(settingOf('violin'), [{ string: 'A4', highest: 'Eb5' }]);
    assert.ok(rows[1]?.options.some(({ value }) => value === 'Eb5'));
  });

  it('is told in the sentence and in print', () => {
    assert.equal(words.inSentence([{ string: 'A4', highest: 'E5' }]), 'the A string up to E5');
    assert.equal(words.inPrint([{ string: 'A4', highest: 'E5' }]), 'the A string up to E5');
  });
});
