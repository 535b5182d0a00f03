import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type Material, materialPart, readMaterial } from '#core/brief/parts/materials';
import { formatLineText, parseLineText, suggestedWord } from '#core/material/typed';
import type { Line } from '#core/material/line';
import { formatPitch } from '#core/pitch';
import { asNumber, fraction } from '#core/fraction';
import { type Rhythm, writtenLengths } from '#core/rhythm';
import { mixedNotes } from '../../support/briefs.ts';

function line(material: Material, rhythm?: Rhythm): Line {
  const reading = readMaterial(material, rhythm);
  assert.ok(reading.ok);
  return reading.value;
}

function names(material: Material): string {
  return line(material)
    .notes.map((note) => (note.kind === 'note' ? formatPitch(note.pitch) : 'r'))
    .join(' ');
}

describe('a scale', () => {
  it('is spelled as its key is', () => {
    assert.equal(names({ kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 1, direction: 'up' }), 'Ab3 Bb3 C4 Db4 Eb4 F4 G4 Ab4');
    assert.equal(
      names({ kind: 'scale', type: 'harmonic-minor', tonic: 'G#3', octaves: 1, direction: 'up' }),
      'G#3 A#3 B3 C#4 D#4 E4 F##4 G#4',
    );
  });

  it('in the melodic minor comes down as the natural minor', () => {
    assert.equal(
      names({ kind: 'scale', type: 'melodic-minor', tonic: 'A3', octaves: 1, direction: 'up-down' }),
      'A3 B3 C4 D4 E4 F#4 G#4 A4 G4 F4 E4 D4 C4 B3 A3',
    );
  });

  it('going up and down has its top note once', () => {
    assert.equal(line({ kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' }).notes.length, 43);
  });

  it('going down begins at the top', () => {
    assert.equal(names({ kind: 'scale', type: 'natural-minor', tonic: 'D4', octaves: 1, direction: 'down' }), 'D5 C5 Bb4 A4 G4 F4 E4 D4');
  });

  it('holds its last note to the end of the measure', () => {
    const last = line(
      { kind: 'scale', type: 'major', tonic: 'G3', octaves: 1, direction: 'up-down' },
      { noteValue: '1/8', meter: '4/4' },
    ).notes.at(-1);
    assert.equal(last && asNumber(last.duration), 1 / 4);
  });

  it('slurs as many notes as go to a bow', () => {
    const slurs = line({ kind: 'scale', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' }, { notesPerBow: 3 }).notes;
    assert.deepEqual(
      slurs.map((note) => note.kind === 'note' && note.slurredToNext),
      [true, true, false, true, true, false, true, false],
    );
  });

  it('whose key would need eight sharps is refused with the tonic that would do', () => {
    const reading = readMaterial({ kind: 'scale', type: 'major', tonic: 'G#3', octaves: 1, direction: 'up' });
    assert.ok(!reading.ok);
    assert.match(reading.issues[0]?.hint ?? '', /Ab3/);
  });
});

describe('an arpeggio', () => {
  it('is the chord in each octave and the tonic on top', () => {
    assert.equal(names({ kind: 'arpeggio', type: 'minor', tonic: 'D2', octaves: 2, direction: 'up' }), 'D2 F2 A2 D3 F3 A3 D4');
  });
});

describe('a typed line', () => {
  const readLine = (text: string, octavesAbove = 0) => parseLineText(text, '1/8', octavesAbove);

  it('keeps a value until the next, joins ties, reads bows and rests', () => {
    const reading = readLine('Eb4:1/4 (F4 G4:1/8) | r Ab4:1/4.~ Ab4:1/8');
    assert.ok(reading.ok);
    assert.deepEqual(reading.value, [
      { pitches: ['Eb4'], duration: '1/4' },
      { pitches: ['F4'], duration: '1/4', slur: true },
      { pitches: ['G4'], duration: '1/8' },
      { rest: true, duration: '1/8' },
      { pitches: ['Ab4'], duration: '1/2' },
    ]);
  });

  it('of the double bass sounds an octave below what is typed', () => {
    const reading = readLine('E2', 1);
    assert.ok(reading.ok);
    assert.deepEqual(reading.value, [{ pitches: ['E1'], duration: '1/8' }]);
  });

  it('comes back from its text as it was', () => {
    fc.assert(
      fc.property(mixedNotes('viola'), fc.constantFrom(0, 1), (notes, octavesAbove) => {
        const reading = readLine(formatLineText(notes, '1/8', octavesAbove), octavesAbove);
        assert.ok(reading.ok);
        assert.deepEqual(reading.value, notes);
      }),
    );
  });

  it('is told everything that is wrong with it, each with its place', () => {
    const reading = readLine('Eb4 H4 (G4 A4~ B4 quaver');
    assert.ok(!reading.ok);
    assert.deepEqual(
      reading.issues.map((issue) => issue.where.note),
      [1, 4, 5, 6],
    );
    assert.match(reading.issues.map((issue) => issue.message).join(' '), /“H4”.*A4 leads to B4.*“quaver”.*“\(” has no “\)”/s);
  });

  it('is refused when empty, when all rests, and above ten thousand notes', () => {
    const note = { pitches: ['A4'], duration: '1/8' };
    const messages = [[], [{ rest: true as const, duration: '1/4' }], Array.from({ length: 10_001 }, () => note)].map((notes) => {
      const reading = readMaterial({ kind: 'line', notes });
      return reading.ok ? '' : reading.issues[0]?.message;
    });
    assert.deepEqual(messages, [
      'The line has no notes yet.',
      'The line has one rest and no note.',
      'The line has 10,001 notes; at most 10,000 can be planned at once.',
    ]);
  });

  it('names a value that cannot be written', () => {
    const reading = readMaterial({ kind: 'line', notes: [{ pitches: ['A4'], duration: '1/11' }] });
    assert.ok(!reading.ok);
    assert.match(reading.issues[0]?.message ?? '', /1\/11/);
  });
});

describe('a length', () => {
  it('is written in values that add up to it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 256 }), (count) => {
        const values = writtenLengths(fraction(count, 64)) ?? [];
        assert.equal(
          values.reduce((sum, value) => sum + asNumber(value.length), 0),
          count / 64,
        );
      }),
    );
  });
});

describe('a scale of one’s own choosing', () => {
  const scale = { kind: 'scale', type: 'major', tonic: 'C4', octaves: 1, direction: 'up-down' } as const;

  it('begins and ends on any of its degrees, in its own key', () => {
    assert.equal(names({ ...scale, from: 3, direction: 'up' }), 'E4 F4 G4 A4 B4 C5 D5 E5');
    assert.equal(names({ ...scale, type: 'chromatic', from: 2, direction: 'up' }).split(' ')[0], 'C#4');
    assert.equal(line({ ...scale, from: 3 }).key.fifths, 0);
    assert.equal(materialPart('scale').begins({ ...scale, from: 3 }), 'E4');
    assert.equal(materialPart('scale').begins(scale), 'C4');
  });

  it('plays its top note twice, and turns at the bottom', () => {
    assert.equal(names({ ...scale, top: 'twice' }), 'C4 D4 E4 F4 G4 A4 B4 C5 C5 B4 A4 G4 F4 E4 D4 C4');
    assert.match(names({ ...scale, turn: true }), / D4 C4 B3 C4$/);
    assert.match(names({ ...scale, type: 'melodic-minor', turn: true }), / D4 C4 B3 C4$/, 'the degree that leads up');
    assert.doesNotMatch(names({ ...scale, direction: 'up', turn: true }), /B3/);
  });

  it('may keep the melodic minor the same both ways', () => {
    assert.equal(names({ ...scale, tonic: 'A3', type: 'melodic-minor-both-ways' }), 'A3 B3 C4 D4 E4 F#4 G#4 A4 G#4 F#4 E4 D4 C4 B3 A3');
  });
});

describe('a broken scale in other figures', () => {
  const broken = { kind: 'broken', type: 'major', tonic: 'C4', octaves: 1, direction: 'up' } as const;

  it('pairs octaves that are octaves, whatever the scale', () => {
    assert.ok(names({ ...broken, type: 'major-pentatonic', figure: 'octaves', octaves: 2 }).startsWith('C4 C5 D4 D5 E4 E5'));
    assert.ok(names({ ...broken, type: 'chromatic', figure: 'octaves', octaves: 2 }).startsWith('C4 C5 C#4 C#5'));
  });

  it('goes by wider pairs, by turns, and by runs that return', () => {
    assert.equal(names({ ...broken, figure: 'octaves', octaves: 2 }).slice(0, 17), 'C4 C5 D4 D5 E4 E5');
    assert.equal(names({ ...broken, figure: 'sevenths' }), 'C4 B4 D4 C5');
    assert.match(names({ ...broken, figure: 'turns' }), /^E4 D4 C4 D4 F4 E4 D4 E4 .* C5 B4 A4 B4 C5$/);
    assert.match(names({ ...broken, figure: 'returning' }), /^C4 D4 C4 D4 E4 D4 C4 D4 E4 F4 E4 D4 C4 /);
  });
});

describe('the arpeggios of a scale book', () => {
  it('follow each other on one lowest note', () => {
    const cycle = names({ kind: 'arpeggio-cycle', type: 'cycle', tonic: 'C4', octaves: 1, direction: 'up-down' });
    assert.ok(cycle.startsWith('C4 Eb4 G4 C5 G4 Eb4 C4 E4 G4 C5 G4 E4 C4 E4 A4 C5 A4 E4 C4 F4 A4 C5'), cycle);
    assert.ok(cycle.endsWith('C4 E4 G4 Bb4 C5 Bb4 G4 E4 C4'), cycle);
  });
});

describe('a word of a typed line that does not read', () => {
  it('is told with its place in the text', () => {
    const reading = parseLineText('A4 (H4 B4) Q | X5', '1/4', 0);
    assert.ok(!reading.ok);
    const places = reading.issues.map(({ where }) => where.text);
    assert.deepEqual(places, [
      { from: 4, to: 6 },
      { from: 11, to: 12 },
      { from: 15, to: 17 },
    ]);
  });

  it('is suggested as what it was probably meant to be', () => {
    const meant = {
      H4: 'B4',
      Fis4: 'F#4',
      Es5: 'Eb5',
      Des4: 'Db4',
      A: 'A4',
      'Bb:1/8': 'Bb4:1/8',
      'A4/8': 'A4:1/8',
      'A4:8.': 'A4:1/8.',
      'C4.': 'C4',
      h: 'B4',
    };
    for (const [typed, suggestion] of Object.entries(meant)) assert.equal(suggestedWord(typed, 4), suggestion, typed);
    for (const hopeless of ['Q7', 'tralala', '??']) assert.equal(suggestedWord(hopeless, 4), null);
  });
});
