import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { FIRST_BRIEF, withIntonation } from '#core/brief/edits';
import { ANY_LABELS, type Limit, LIMIT_LABELS, limitValues, someLabel, valueLabel } from '#core/material';
import { briefLine } from '../../src/words/brief-line.ts';

const LIMITS: readonly Limit[] = ['positions', 'strings', 'fingers'];

describe('a limit in the sentence', () => {
  it('is none where the brief has none', () => {
    for (const limit of LIMITS) assert.equal(limitValues(FIRST_BRIEF, limit), null);
    assert.equal(new Set([...Object.values(ANY_LABELS), ...Object.values(LIMIT_LABELS)]).size, 6);
  });

  it('names one value in full and several shortly', () => {
    assert.equal(someLabel('positions', ['3']), 'third position');
    assert.equal(someLabel('positions', ['1', '3']), 'positions 1, 3');
    assert.equal(someLabel('strings', ['Eb4']), 'the string E♭');
    assert.equal(someLabel('strings', ['G3', 'D4']), 'the strings G, D');
    assert.equal(someLabel('fingers', ['T']), 'finger T');
    assert.equal(someLabel('fingers', ['1', '2']), 'fingers 1, 2');
  });

  it('names each value by itself', () => {
    assert.deepEqual(
      [valueLabel('positions', 'II-III'), valueLabel('strings', 'F#1'), valueLabel('fingers', 'T'), valueLabel('fingers', '4')],
      ['position II–III', 'F♯', 'thumb', 'finger 4'],
    );
  });

  it('leaves open strings to their own part', () => {
    const brief: Brief = { ...FIRST_BRIEF, limits: { fingers: ['0', '1', '2'] } };
    assert.deepEqual(limitValues(brief, 'fingers'), ['1', '2']);
  });
});

describe('the brief as one line', () => {
  it('tells the intonation where it is not equal', () => {
    assert.doesNotMatch(briefLine(FIRST_BRIEF), /aiming/);
    assert.match(briefLine(withIntonation(FIRST_BRIEF, { system: 'pure' })), /; aiming at pure to the tonic$/);
    assert.doesNotMatch(briefLine(withIntonation(FIRST_BRIEF, { system: 'equal' })), /aiming/);
  });
});
