import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import {
  HIGHEST_OFFERED,
  tonicNames,
  tonicOctaves,
  withInstrument,
  withLimits,
  withMaterialKind,
  withPattern,
  withRhythm,
  withTonicName,
} from '#core/brief/edits';
import { FIRST_BRIEF, lineTextOf, readLineText } from '#core/brief/lines';
import { handOf } from '#core/hand/models';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { plan } from '#core/plan';

describe('an edit of the brief', () => {
  it('to any other instrument leaves a brief that can be planned', () => {
    for (const from of INSTRUMENT_KINDS) {
      for (const to of INSTRUMENT_KINDS) assert.ok(plan(withInstrument(withInstrument(FIRST_BRIEF, from), to)).ok, `${from} to ${to}`);
    }
  });

  it('to another instrument keeps what is asked of open strings and drops the other limits', () => {
    const limited = withLimits(FIRST_BRIEF, { positions: ['1'], openStrings: 'avoid' });
    assert.deepEqual(withInstrument(limited, 'bass').limits, { openStrings: 'avoid' });
  });

  it('offers only octaves that lie on the instrument, and all of them can be planned', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const octaves of [1, 2, 3] as const) {
        const brief = withPattern(withInstrument(FIRST_BRIEF, kind), { octaves });
        for (const octave of tonicOctaves(brief)) assert.ok(plan(withPattern(brief, { tonic: `G${octave}` })).ok, `${kind} G${octave}`);
      }
    }
  });

  it('of the tonic moves it into a nearby octave that fits', () => {
    const high: Brief = { ...FIRST_BRIEF, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' } };
    const moved = withTonicName(high, 'F');
    assert.ok(moved.material.kind === 'scale' && moved.material.tonic === 'F4');
  });

  it('lifts a limit with null and leaves no empty limits behind', () => {
    assert.equal(withLimits(withLimits(FIRST_BRIEF, { positions: ['1'] }), { positions: null }).limits, undefined);
  });

  it('to a line of one’s own and back keeps key and mode', () => {
    const minor: Brief = { ...FIRST_BRIEF, material: { kind: 'scale', type: 'harmonic-minor', tonic: 'Bb3', octaves: 1, direction: 'up' } };
    const line = withMaterialKind(minor, 'line', 'Bb3 C4 Db4');
    assert.ok(line.material.kind === 'line' && line.material.key === 'Bb minor' && line.material.notes.length === 3);
    const back = withMaterialKind(line, 'arpeggio', '');
    assert.ok(back.material.kind === 'arpeggio' && back.material.type === 'minor' && back.material.tonic.startsWith('Bb'));
  });

  it('reads and writes the bass’s line as the player reads it', () => {
    const bass: Brief = { instrument: { kind: 'bass' }, material: { kind: 'line', notes: [{ pitches: ['E1'], duration: '1/8' }] } };
    assert.equal(lineTextOf(withRhythm(bass, {})), 'E2');
    const reading = readLineText(bass, 'E2');
    assert.ok(reading.ok);
    assert.deepEqual(reading.value[0], { pitches: ['E1'], duration: '1/8' });
  });

  it('offers scales as high as the usual hand goes, and its last useful finger', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const above = HIGHEST_OFFERED[kind] - handOf(kind).highestAnchor;
      assert.equal(above, kind === 'bass' ? 2 : 3);
    }
  });

  it('offers fifteen tonics for each mode', () => {
    assert.equal(tonicNames('major').length, 15);
    assert.equal(tonicNames('minor').length, 15);
  });
});
