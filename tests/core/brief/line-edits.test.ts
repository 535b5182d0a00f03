import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { carryLocks, parseFingering, withFingering, withMark } from '#core/brief/locks';
import {
  lineTextOf,
  partOf,
  readLineText,
  withBow,
  withNote,
  withNotesInserted,
  withNotesRemoved,
  withPitchesMoved,
  withSigns,
  writeOut,
} from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { formatFraction } from '#core/fraction';
import { formatPitch, parsePitch } from '#core/pitch';
import { nextInKey, parseKey } from '#core/key';
import { plan } from '#core/plan';
import { fingering, lineBrief, mixedNotes, planBest } from '../../support/briefs.ts';
import { isBrief } from '../../support/checked.ts';

const scale: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up-down' },
  rhythm: { noteValue: '1/8', notesPerBow: 4 },
  wayDown: 'as-up',
};

const pitchesOf = (brief: Brief): string => {
  const line = readMaterial(brief.material, brief.rhythm);
  assert.ok(line.ok);
  return line.value.notes.map((note) => (note.kind === 'rest' ? 'r' : formatPitch(note.pitch))).join(' ');
};

const bowsOf = (brief: Brief): string => {
  const line = readMaterial(brief.material, brief.rhythm);
  assert.ok(line.ok);
  return line.value.notes.map((note) => (note.kind === 'note' && note.slurredToNext ? '_' : '.')).join('');
};

describe('a line written out', () => {
  it('is the same line: pitches, lengths, bows, key', () => {
    const out = writeOut(scale);
    const [written, ruled] = [out, scale].map(({ material, rhythm }) => readMaterial(material, rhythm));
    assert.ok(written?.ok && ruled?.ok);
    assert.deepEqual(written.value.notes, ruled.value.notes);
    assert.equal(written.value.key.fifths, ruled.value.key.fifths);
    assert.equal(out.wayDown, undefined);
    assert.ok(isBrief(out));
  });

  it('is the very same brief where it is one already', () => {
    const line = lineBrief('cello', ['C3', 'D3']);
    assert.equal(writeOut(line), line);
  });
});

describe('editing notes', () => {
  const line = withMark(lineBrief('violin', ['A4', 'B4', 'C#5', 'D5'], { locks: [{ note: 2, finger: '2' }] }, 'D major'), 3, {
    cue: 'land',
  });

  it('changes a pitch or a length and leaves the rest', () => {
    assert.equal(pitchesOf(withNote(line, 1, { pitches: ['Bb4'] })), 'A4 Bb4 C#5 D5');
    const longer = withNote(line, 1, { duration: '3/8' });
    assert.deepEqual(longer.material.kind === 'line' && longer.material.notes[1]?.duration, '3/8');
  });

  it('takes along what is fixed and written further on when notes come in or go', () => {
    const more = withNotesInserted(line, 1, [
      { pitches: ['G4'], duration: '1/8' },
      { rest: true, duration: '1/8' },
    ]);
    assert.equal(pitchesOf(more), 'A4 G4 r B4 C#5 D5');
    assert.deepEqual([more.locks, more.marks], [[{ note: 4, finger: '2' }], [{ note: 5, cue: 'land' }]]);
    const fewer = withNotesRemoved(line, 0, 1);
    assert.equal(pitchesOf(fewer), 'C#5 D5');
    assert.deepEqual([fewer.locks, fewer.marks], [[{ note: 0, finger: '2' }], [{ note: 1, cue: 'land' }]]);
    assert.equal(withNotesRemoved(line, 2, 2).locks, undefined);
    assert.equal(withNotesRemoved(line, 0, 3), line);
  });

  it('makes a piece of a part', () => {
    const part = partOf(line, 2, 3);
    assert.equal(pitchesOf(part), 'C#5 D5');
    assert.deepEqual([part.locks, part.marks], [[{ note: 0, finger: '2' }], [{ note: 1, cue: 'land' }]]);
  });

  it('slurs some notes and takes the bow apart again, never into a rest', () => {
    assert.equal(bowsOf(withBow(scale, 1, 2, true)).slice(0, 6), '._..__');
    assert.equal(bowsOf(withBow(line, 1, 3, true)), '.__.');
    assert.equal(bowsOf(withBow(withBow(line, 0, 3, true), 1, 2, false)), '....');
    const resting = withNotesInserted(withBow(line, 0, 3, true), 2, [{ rest: true, duration: '1/4' }]);
    assert.equal(bowsOf(resting), '_.._.');
  });

  it('keeps every edit a brief that passes its schema and plans or says why not', () => {
    fc.assert(
      fc.property(mixedNotes('violin'), fc.nat(12), fc.nat(12), fc.boolean(), (notes, one, other, up) => {
        const brief: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', notes, key: 'Eb major' } };
        const [from, to] = [Math.min(one, other) % notes.length, Math.max(one, other) % notes.length].toSorted((a, b) => a - b);
        assert.ok(from !== undefined && to !== undefined);
        for (const edited of [
          withBow(brief, from, to, up),
          withPitchesMoved(brief, from, to, { by: up ? 'letter' : 'semitone', up }),
          withNotesInserted(brief, from, [{ rest: true, duration: '1/4' }]),
          withNotesRemoved(brief, from, to),
          partOf(brief, from, to),
        ]) {
          assert.ok(isBrief(edited));
          const outcome = plan(edited);
          if (!outcome.ok) assert.ok((outcome.issues[0]?.message ?? '').length > 0);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('moving a pitch', () => {
  it('goes by the letters of the key', () => {
    const key = parseKey('Eb major');
    const from = parsePitch('D4');
    assert.ok(key.ok && from.ok);
    assert.equal(formatPitch(nextInKey(from.value, key.value, true)), 'Eb4');
    assert.equal(formatPitch(nextInKey(from.value, key.value, false)), 'C4');
    assert.equal(pitchesOf(withPitchesMoved(scale, 0, 1, { by: 'letter', up: true })).slice(0, 9), 'B3 C#4 C#');
  });

  it('goes by a semitone as the key spells it', () => {
    const move = (key: string, pitch: string, up: boolean): string =>
      pitchesOf(withPitchesMoved(lineBrief('violin', [pitch], {}, key), 0, 0, { by: 'semitone', up }));
    assert.deepEqual(
      [
        move('C major', 'C5', false),
        move('D major', 'C#5', true),
        move('C major', 'F4', true),
        move('Eb major', 'C5', true),
        move('C major', 'E4', true),
      ],
      ['B4', 'D5', 'F#4', 'Db5', 'F4'],
    );
  });
});

describe('marks', () => {
  it('say something or are gone, in the order of the notes', () => {
    const two = withMark(withMark(scale, 5, { remark: 'Listen.' }), 2, { bow: 'up' });
    assert.deepEqual(two.marks, [
      { note: 2, bow: 'up' },
      { note: 5, remark: 'Listen.' },
    ]);
    assert.ok(isBrief(two));
    assert.equal(withMark(withMark(two, 5, { remark: '' }), 2, { bow: null }).marks, undefined);
  });

  it('change no fingering', () => {
    assert.equal(fingering(planBest(withMark(scale, 3, { cue: 'sing' }))), fingering(planBest(scale)));
  });

  it('stay with their note when the material changes, and go where it is another', () => {
    const marked = withMark(withMark(scale, 0, { cue: 'begin' }), 14, { cue: 'top' });
    const shorter = carryLocks(marked, {
      ...marked,
      material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 1, direction: 'up-down' },
    });
    assert.deepEqual([shorter.brief.marks, shorter.droppedMarks, shorter.dropped], [[{ note: 0, cue: 'begin' }], 1, 0]);
    const other = carryLocks(marked, { ...marked, material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' } });
    assert.equal(other.droppedMarks, 0);
    const minor = carryLocks(marked, { ...marked, material: { kind: 'scale', type: 'major', tonic: 'B3', octaves: 2, direction: 'up' } });
    assert.deepEqual([minor.brief.marks, minor.droppedMarks], [undefined, 2]);
  });
});

describe('a fingering typed as digits', () => {
  const line = lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5'], {}, 'D major');
  const typeLine = (text: string, from = 0): string => {
    const fingers = parseFingering(text);
    if (!fingers.ok) return fingers.issues.map((issue) => issue.message).join(' ');
    const brief = withFingering(line, planBest(line).line.notes, from, fingers.value);
    return brief.ok ? fingering(planBest(brief.value)) : (brief.issues[0]?.message ?? '');
  };

  it('binds every note it names, bar lines apart', () => {
    assert.equal(typeLine('0 1 2 3 | 4 1 2 3'), 'D0 D1 D2 D3 D4 A1 A2 A3');
    assert.match(typeLine('. . . 3 4', 0), /D3 D4/);
    assert.match(typeLine('4', 4), /D4/);
  });

  it('says which sign is no finger, and when there are too many', () => {
    assert.match(typeLine('0 1 5'), /“5” is not a finger/);
    assert.match(typeLine('0 1+'), /“1\+” is not a finger/);
    assert.match(typeLine('1 2 3', 6), /3 fingers are written, but from here on the line has 2 notes/);
  });

  it('takes the thumb in either case and double stops from below', () => {
    assert.deepEqual(parseFingering('012|34 T. 1+3'), parseFingering('0 1 2 | 3 4 T . 1+3'));
    assert.deepEqual(parseFingering('t T 1+3 .'), { ok: true, value: [['T'], ['T'], ['1', '3'], null] });
  });
});

describe('a line in a variant', () => {
  const varied: Brief = {
    ...scale,
    rhythm: { noteValue: '1/8', lengths: ['3/2', '1/2'], bows: [2, 1, 1], accents: { every: 4, on: 1 }, pickUp: '1/8' },
  };
  const lineOf = ({ material, rhythm }: Brief) => {
    const line = readMaterial(material, rhythm);
    assert.ok(line.ok);
    return line.value.notes.map((note) => [
      formatFraction(note.duration),
      formatFraction(note.onset),
      note.kind === 'note' && note.slurredToNext,
      note.kind === 'note' && note.accent,
    ]);
  };

  it('is written out as it is seen, and not varied twice', () => {
    const out = writeOut(varied);
    assert.deepEqual(lineOf(out), lineOf(varied));
    assert.deepEqual(Object.keys(out.rhythm ?? {}).toSorted(), ['noteValue', 'pickUp']);
    assert.ok(isBrief(out));
  });

  it('keeps its variant while pitches change, and becomes what is seen where lengths and bows do', () => {
    const own: Brief = { ...lineBrief('violin', ['G3', 'A3', 'B3', 'C4']), rhythm: { lengths: ['3/2', '1/2'], bows: [2] } };
    const moved = withNote(own, 0, { pitches: ['D4'] });
    assert.deepEqual(moved.rhythm, own.rhythm);
    assert.deepEqual(lineOf(moved), lineOf(own));
    const longer = withNote(own, 3, { duration: '1/2' });
    assert.deepEqual(
      lineOf(longer).map(([duration]) => duration),
      ['3/8', '1/8', '3/8', '1/2'],
    );
    assert.equal(bowsOf(own), '_._.');
    assert.equal(bowsOf(withBow(own, 0, 1, false)), '.._.');
  });

  it('gives a passage as it is seen, from the beginning of a measure', () => {
    const part = partOf(varied, 1, 4);
    assert.deepEqual(
      lineOf(part).map(([duration, onset]) => [duration, onset]),
      [
        ['1/16', '0/1'],
        ['3/16', '1/16'],
        ['1/16', '1/4'],
        ['3/16', '5/16'],
      ],
    );
  });

  it('has a dot or a line beside any other sign, typed and taken away', () => {
    const own = withSigns(lineBrief('violin', ['G3', 'A3', 'B3']), 1, { articulation: 'staccato' });
    const trilled = withSigns(withSigns(own, 1, { ornament: { kind: 'trill' } }), 2, { articulation: 'tenuto', accent: 'accent' });
    assert.equal(lineTextOf(trilled), 'G3:1/4 A3trst B3ten>');
    const read = readLineText(trilled, lineTextOf(trilled) ?? '');
    assert.ok(read.ok && trilled.material.kind === 'line');
    assert.deepEqual(read.value, trilled.material.notes);
    assert.equal(lineTextOf(withSigns(trilled, 2, { articulation: null })), 'G3:1/4 A3trst B3>');
  });

  it('has an accent beside any other sign', () => {
    const own = lineBrief('violin', ['G3', 'A3', 'B3']);
    const trilled = withSigns(withSigns(own, 1, { accent: 'accent' }), 1, { ornament: { kind: 'trill' } });
    assert.ok(trilled.material.kind === 'line');
    assert.deepEqual(trilled.material.notes[1], { pitches: ['A3'], duration: '1/4', ornament: { kind: 'trill' }, accent: true });
  });
});
