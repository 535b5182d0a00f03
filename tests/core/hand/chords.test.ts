import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type Brief, readBrief } from '#core/brief';
import { lockOf, parseFingering } from '#core/brief/locks';
import { toCsv } from '#core/format';
import { toMidi } from '#core/format/midi';
import { stopsIn } from '#core/hand/placement';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { parseLineText } from '#core/material/typed';
import { plan } from '#core/plan';
import { handBreaks, noteSteps, placementsOfNote } from '#core/solve';
import { fingering, planBest, pitchesOn, refusalOf, soundOf } from '../../support/briefs.ts';

function typeLine(kind: InstrumentKind, text: string, more: Partial<Brief> = {}): Brief {
  const line = parseLineText(text, '1/4', 0);
  if (!line.ok) throw new Error(line.issues.map(({ message }) => message).join(' '));
  return { instrument: { kind }, material: { kind: 'line', key: 'C major', notes: [...line.value] }, ...more };
}

/** The chords as a teacher of each instrument would finger them, written before they were run. */
const KNOWN: readonly (readonly [InstrumentKind, string, string])[] = [
  ['violin', 'G3+D4+B4', 'G0+D0+A1'],
  ['violin', 'G3+E4+C5', 'G0+D1+A2'],
  ['violin', 'A3+E4+C#5', 'G1+D1+A2'],
  ['violin', 'D4+A4+F#5', 'D0+A0+E1'],
  ['violin', 'G3+Bb3+D4', ''],
  ['violin', 'B3+G4+D5', 'G2+D3+A3'],
  ['viola', 'C3+G3+E4', 'C0+G0+D1'],
  ['viola', 'D3+A3+F4', 'C1+G1+D2'],
  ['cello', 'C2+G2+E3', 'C0+G0+D1'],
  ['cello', 'G2+D3+B3', 'G0+D0+A1'],
  ['cello', 'D2+A2+F3', 'C1+G1+D2'],
];

describe('a chord of three notes', () => {
  for (const [kind, chord, expected] of KNOWN) {
    it(`${chord} on the ${kind} is ${expected === '' ? 'refused' : expected}`, () => {
      if (expected === '') assert.match(refusalOf(typeLine(kind, chord)).message, /No three neighbouring strings hold/);
      else assert.equal(fingering(planBest(typeLine(kind, chord))), expected);
    });
  }

  it('is two double stops of one hand, whose middle note is the same finger', () => {
    fc.assert(
      fc.property(
        fc
          .constantFrom(...INSTRUMENT_KINDS)
          .chain((kind) => fc.tuple(fc.constant(kind), fc.tuple(pitchesOn(kind), pitchesOn(kind), pitchesOn(kind)))),
        ([kind, pitches]) => {
          const [low = '', middle = '', high = ''] = pitches.toSorted((one, other) => soundOf(one) - soundOf(other));
          const task = readBrief(typeLine(kind, `${low}+${middle}+${high} ${low}+${middle} ${middle}+${high}`));
          assert.ok(task.ok);
          const { value } = task;
          const [lower, upper] = [1, 2].map((order) => placementsOfNote(value, order));
          for (const chord of noteSteps(value)[0]?.candidates ?? []) {
            const { upper: second, top } = chord;
            assert.ok(second && top);
            assert.deepEqual([second.stringIndex, top.stringIndex], [chord.stringIndex - 1, chord.stringIndex - 2]);
            const holds = (pairs: typeof lower, one: string, other: string): boolean =>
              (pairs ?? []).some(
                (pair) => `${pair.stringIndex}${pair.finger} ${pair.upper?.stringIndex}${pair.upper?.finger}` === `${one} ${other}`,
              );
            const [first, mid, last] = [chord, second, top].map(({ stringIndex, finger }) => `${stringIndex}${finger}`);
            assert.ok(holds(lower, first ?? '', mid ?? '') && holds(upper, mid ?? '', last ?? ''));
            assert.deepEqual(handBreaks(value.hand, [chord]), []);
            const fingers = stopsIn(chord);
            const places = new Map(fingers.map(({ finger, semitonesAboveOpen }) => [finger, semitonesAboveOpen]));
            assert.ok(fingers.every(({ finger, semitonesAboveOpen }) => places.get(finger) === semitonesAboveOpen));
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it('counts to its nearest string from a double stop, and the bow changes its level where they share one', () => {
    const crossings = (text: string): number =>
      planBest(typeLine('violin', text, { limits: { openStrings: 'prefer' } })).cost.lines.find(({ term }) => term === 'string-skipped')
        ?.thousandths ?? 0;
    assert.equal(crossings('G3+D4 A4+E5'), 0);
    assert.equal(crossings('G3+D4+A4 A4+E5'), 0);
    assert.ok(crossings('G3 A4') > 0);
    // The bow leaves the chord on the D and A strings.
    assert.equal(fingering(planBest(typeLine('violin', 'A3+E4+C#5 D4', {}))).split(' ')[1], 'D0');
  });

  it('is locked as it is fingered, and as a row of fingers says', () => {
    const brief = typeLine('violin', 'A3+E4+C#5');
    const [note] = planBest(brief).notes;
    assert.ok(note?.kind === 'note');
    assert.deepEqual(lockOf(0, note), { note: 0, string: 'G3', finger: '1', upperFinger: '1', topFinger: '2' });
    assert.ok(!parseFingering('2+1+').ok && !parseFingering('1+1+2+3').ok);
    const read = parseFingering('0+0+1 | 2+1 3');
    assert.deepEqual(read.ok && read.value, [['0', '0', '1'], ['2', '1'], ['3']]);
    const other = plan({ ...typeLine('violin', 'G3+D4+B4'), locks: [{ note: 0, finger: '0', upperFinger: '0', topFinger: '2' }] });
    assert.equal(other.ok && fingering(other.value.best), 'G0+D0+A2');
  });

  it('has all its notes in a MIDI file and in a table', () => {
    const result = planBest(typeLine('violin', 'G3+D4+B4:1/2'));
    assert.deepEqual(
      toMidi('Chord', result).tracks[0]?.notes.map(({ at, key }) => [at, key]),
      [
        [0, 55],
        [0, 62],
        [0, 71],
      ],
    );
    assert.match(JSON.stringify(toCsv(result)), /G3\+D4\+B4/);
  });
});
