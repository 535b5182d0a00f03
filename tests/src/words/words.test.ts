import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { positionMark, positionShort, positionWords } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel, pitchLabel } from '#core/pitch';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { briefLine } from '../../../src/words/piece/brief-line.ts';
import { cautionsOf } from '#core/fit';
import type { Brief } from '#core/brief';
import { cautionText } from '../../../src/words/cautions.ts';
import { COST_TERMS } from '../../../src/words/explain/cost-terms.ts';
import { instrumentLabel, sizeLabel, writtenLabel } from '../../../src/words/studio/instruments.ts';
import { bowLabel } from '../../../src/words/line/bowing.ts';
import { materialLabel } from '../../../src/words/piece/pieces.ts';
import {
  mmText,
  movementText,
  noteText,
  notOneHandText,
  semitonesText,
  shiftMoment,
  shiftSpeed,
  shiftText,
} from '../../../src/words/plan-words.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

describe('a position in words', () => {
  it('is an ordinal on violin, viola and cello, a Roman numeral on the bass', () => {
    assert.equal(positionWords({ label: '3', alteration: null }), 'third position');
    assert.equal(positionWords({ label: '4', alteration: 'low' }), 'low fourth position');
    assert.equal(positionWords({ label: 'half', alteration: null }), 'half position');
    assert.equal(positionWords({ label: 'II-III', alteration: null }), 'position II–III');
  });

  it('is short over the staff', () => {
    assert.deepEqual(
      ['1', '2', '3', '11', 'half', 'V-VI'].map((label) => positionMark({ label, alteration: null })),
      ['1st pos.', '2nd pos.', '3rd pos.', '11th pos.', '½ pos.', 'V–VI pos.'],
    );
    assert.equal(positionShort({ label: '4', alteration: 'low' }), 'low 4th');
  });
});

describe('labels', () => {
  it('read pitches as people do, and the bass’s an octave up', () => {
    assert.deepEqual([pitchLabel('Eb4'), noteLabel('Ab'), noteLabel('F#3'), keyLabel('Bb minor')], ['E♭4', 'A♭', 'F♯', 'B♭ minor']);
    assert.deepEqual([writtenLabel('bass', 'E1'), writtenLabel('cello', 'C2')], ['E2', 'C2']);
    assert.equal(pitchLabel('nothing'), 'nothing');
  });

  it('name sizes and bows as teachers say them', () => {
    assert.deepEqual(['4/4', '3/4', '15.5"', '1/16'].map(sizeLabel), ['full-size', '¾', '15½-inch', '1/16']);
    assert.deepEqual([bowLabel(1), bowLabel(2), bowLabel(12)], ['a bow to each note', 'two to a bow', '12 to a bow']);
  });

  it('tell a brief in one line of print', () => {
    const [, linnet] = DEMO_PIECES;
    assert.ok(linnet);
    assert.equal(materialLabel(linnet.brief), 'E♭ major, two octaves, up and down');
    assert.equal(instrumentLabel(linnet.brief), '15½-inch viola');
    assert.equal(
      briefLine(linnet.brief),
      'E♭ major, two octaves, up and down, for Linnet, on a 15½-inch viola, ♩ = 66; first position; open strings avoided',
    );
  });
});

describe('a plan in words', () => {
  const plan = planBest(lineBrief('violin', ['B4', 'A5'], { tempo: 60, limits: { strings: ['A4'] } }));
  const [shift] = plan.shifts;

  it('tells a shift: from what to what, when, and how fast', () => {
    assert.ok(shift);
    assert.match(shiftText(shift), /^\d in .*position to \d in .*position$/);
    assert.equal(shiftMoment(shift), 'at the bow change');
    assert.equal(shiftSpeed(shift), shift.handMm);
    assert.equal(movementText(shift.noteSemitones), 'up 10 semitones');
  });

  it('tells units in the singular and the plural', () => {
    assert.deepEqual(
      [semitonesText(1), semitonesText(-2), movementText(0), mmText(3.24), mmText(46.4), mmText(0)],
      ['1 semitone', '2 semitones', 'stay', '3.2 mm', '46 mm', '0 mm'],
    );
  });

  it('tells a note so that it can be heard', () => {
    const [first] = plan.notes;
    assert.ok(first?.kind === 'note');
    assert.match(noteText(first), /^B4, finger \d on II \(A\), .*position, 36 mm from the nut$/);
  });

  it('tells which locked notes no hand holds, and is silent where one does', () => {
    const fixed = lineBrief('violin', ['Bb4', 'D#5'], {
      locks: [
        { note: 0, string: 'A4', finger: '1' },
        { note: 1, string: 'A4', finger: '3' },
      ],
    });
    assert.match(
      notOneHandText(planBest(fixed)) ?? '',
      /B♭4 with finger 1 \(measure 1, beat 1\) and D♯5 with finger 3 \(measure 1, beat 2\)/,
    );
    assert.equal(notOneHandText(planBest(lineBrief('violin', ['Bb4', 'D#5']))), null);
  });

  it('warns where the hand opens, and only there', () => {
    const cautionOn = (brief: Brief): string | null => cautionText(cautionsOf(planBest(brief)));
    assert.match(cautionOn(lineBrief('cello', ['D2', 'E2', 'F#2'], {}, 'D major')) ?? '', /^The hand opens here.*Stop at pain/);
    assert.equal(cautionOn(lineBrief('cello', ['D3', 'E3', 'F3'])), null);
    // A low first finger by itself, and an ordinary scale in first position.
    assert.equal(cautionOn(lineBrief('violin', ['Bb4', 'C5', 'D5'], {}, 'F major')), null);
    assert.equal(cautionOn(lineBrief('cello', ['Eb3', 'D3', 'C3'], {}, 'E♭ major')), null);
    for (const [kind, tonic] of [
      ['violin', 'G3'],
      ['viola', 'C3'],
      ['cello', 'G2'],
      ['bass', 'G1'],
    ] as const) {
      const scale: Brief = { instrument: { kind }, material: { kind: 'scale', type: 'major', tonic, octaves: 1, direction: 'up-down' } };
      assert.equal(cautionOn(scale), null, kind);
    }
  });

  it('warns of two strings together, of chords and of the thumb on the string', () => {
    const cautionOn = (brief: Brief): string => cautionText(cautionsOf(planBest(brief))) ?? '';
    const thirds: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'double-stops', interval: 'thirds', type: 'major', tonic: 'G4', octaves: 1, direction: 'up' },
    };
    assert.match(cautionOn(thirds), /^Two strings are stopped together: .* Stop at pain/);
    const high = lineBrief(
      'cello',
      ['D4', 'E4', 'F#4', 'G4'],
      { player: { school: 'thumb' }, limits: { positions: ['thumb'] } },
      'D major',
    );
    assert.match(cautionOn(high), /^The thumb lies on the string: .* Stop at pain/);
    assert.doesNotMatch(cautionOn(high), /hand opens/);
  });
});

describe('every cost', () => {
  it('has a name a teacher understands: words, no digits', () => {
    for (const [term, words] of Object.entries(COST_TERMS)) assert.match(words.says, /^[a-z ,]{12,}$/, term);
  });
});
