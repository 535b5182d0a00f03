import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS, documentToText, withHead } from '#core/documents';
import { mmFromNut } from '#core/instrument/geometry';
import { formatLineText, parseLineText } from '#core/material/typed';
import { formatPitch, parsePitch, semitonesOf } from '#core/pitch';
import { parseKey, pitchInKey } from '#core/key';
import { plan } from '#core/plan';
import type { Guide, Plan } from '#core/plan/describe';
import { readAs, readFileText } from '../../../src/validation/documents.ts';
import { fingering, lineBrief, planBest, shortLines } from '../../support/briefs.ts';

function guides(found: Plan): readonly Guide[] {
  return found.shifts[0]?.guides ?? [];
}

function shiftOn(from: string, to: string, fingers: readonly [string, string]): Plan {
  return planBest(
    lineBrief(
      'violin',
      [from, to],
      {
        limits: { strings: ['A4'] },
        locks: fingers.map((finger, note) => ({ note, finger: finger === '1' ? '1' : finger === '2' ? '2' : finger === '3' ? '3' : '4' })),
      },
      'C major',
    ),
  );
}

describe('a shift', () => {
  it('up from 1 to a higher finger is led by the first finger over its new place', () => {
    // B4 with 1 in first position, F5 with 3 in third: the first finger slides to D5, then 3 is set.
    const [old] = guides(shiftOn('B4', 'F5', ['1', '3']));
    assert.equal(old?.kind, 'old-finger');
    assert.deepEqual([old.inBetween?.finger, old.inBetween?.string, old.inBetween?.pitch], ['1', 'II', 'D5']);
    assert.equal(old.inBetween?.mmFromNut, mmFromNut(328, 5));
  });

  it('up to a lower finger is not led by the old one, which would overshoot', () => {
    const kinds = guides(shiftOn('C5', 'D5', ['2', '1'])).map((guide) => guide.kind);
    assert.ok(!kinds.includes('old-finger') && kinds.includes('new-finger'));
  });

  it('of one finger needs no in-between note, and on one pitch it is a substitution', () => {
    assert.deepEqual(guides(shiftOn('B4', 'D5', ['1', '1'])), [{ kind: 'same-finger', inBetween: null }]);
    assert.deepEqual(
      guides(shiftOn('D5', 'D5', ['3', '1'])).map((guide) => guide.kind),
      ['substitution'],
    );
  });

  it('up never overshoots: an old finger’s in-between note lies below the goal, whatever the line', () => {
    fc.assert(
      fc.property(shortLines(6), (brief) => {
        const outcome = plan(brief);
        fc.pre(outcome.ok);
        for (const shift of outcome.value.best.shifts) {
          const goal = outcome.value.best.notes[shift.to];
          const old = shift.guides.find((guide) => guide.kind === 'old-finger')?.inBetween;
          if (!old || shift.handSemitones < 0 || goal?.kind !== 'note' || old.string !== goal.stops[0].string) continue;
          assert.ok(old.semitonesAboveOpen <= goal.stops[0].semitonesAboveOpen, `${old.pitch} lies beyond ${goal.stops[0].pitch}`);
        }
      }),
      { numRuns: 200, seed: 12 },
    );
  });

  it('tells how little ten cents are where it arrives', () => {
    const [shift] = shiftOn('B4', 'F5', ['1', '3']).shifts;
    assert.ok(Math.abs((shift?.mmPerTenCents ?? 0) - (mmFromNut(328, 8.1) - mmFromNut(328, 8))) < 0.01);
  });
});

describe('a finger pattern', () => {
  const dMajor = planBest(
    lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5'], { limits: { positions: ['1'] } }, 'D major'),
  );

  it('is told by what touches', () => {
    const [stay] = dMajor.stays;
    const close = stay?.patterns.map((pattern) => pattern.gaps.filter((gap) => gap.semitones === 1).map((gap) => `${gap.from}${gap.to}`));
    assert.deepEqual(close, [['23'], ['23']]);
  });

  it('puts the fingers that do not play where the key has them', () => {
    const pattern = dMajor.stays[0]?.patterns[0];
    assert.deepEqual(
      pattern?.places.find((place) => place.finger === '4'),
      { finger: '4', semitonesAboveOpen: 7, played: false },
    );
  });

  it('has an augmented second wide, as harmonic minor asks', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'harmonic-minor', tonic: 'D4', octaves: 1, direction: 'up' },
      limits: { positions: ['1'] },
    };
    const gaps = planBest(brief).stays.flatMap((stay) => stay.patterns.flatMap((pattern) => pattern.gaps));
    assert.ok(gaps.some((gap) => gap.semitones === 3 && gap.from === '1' && gap.to === '2'));
  });

  it('says which finger stands otherwise on the next string', () => {
    const found = planBest(lineBrief('violin', ['F#4', 'G4', 'A4', 'B4', 'C5', 'D5'], { limits: { positions: ['1'] } }, 'G major'));
    assert.deepEqual(found.stays[0]?.acrossStrings, [
      { finger: '2', fromString: 'III', toString: 'II', semitonesAboveOpen: 4, semitones: -1 },
    ]);
  });

  it('tells a string for each way where a finger stands otherwise coming down, as in the melodic minor', () => {
    const minor = planBest({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'melodic-minor', tonic: 'A4', octaves: 1, direction: 'up-down' },
      limits: { positions: ['1'] },
    });
    const onE = minor.stays.flatMap(({ patterns }) => patterns).filter(({ string }) => string === 'I');
    const places = (way: 'up' | 'down') =>
      onE
        .find((pattern) => pattern.way === way)
        ?.places.flatMap((place) => (place.played ? [`${place.finger}${place.semitonesAboveOpen}`] : []));
    assert.deepEqual(places('up'), ['12', '24', '35']);
    assert.deepEqual(places('down'), ['11', '23']);
    const major = planBest({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'A4', octaves: 1, direction: 'up-down' },
    });
    assert.ok(major.stays.flatMap(({ patterns }) => patterns).every(({ way }) => way === 'both'));
  });

  it('tells a finger that lies diagonally, and the tritone', () => {
    const line = planBest(lineBrief('violin', ['B4', 'F5'], { limits: { positions: ['1'] } }));
    const note = line.notes[1];
    assert.ok(note?.kind === 'note');
    assert.deepEqual(note.diagonal, { string: 'II', open: 'A4', semitones: -1, apart: 6 });
    assert.equal(
      planBest(lineBrief('violin', ['B4', 'F#5'], { limits: { positions: ['1'] } })).notes.some(
        (note) => note.kind === 'note' && note.diagonal !== null,
      ),
      false,
    );
  });

  it('tracks finger 1, whether it plays or not', () => {
    const found = planBest(lineBrief('cello', ['E3', 'F3', 'G3'], { limits: { positions: ['1'], strings: ['D3'] } }));
    assert.deepEqual([found.stays[0]?.firstFingerSemitone, found.stays[0]?.firstFingerMm], [2, mmFromNut(690, 2)]);
  });
});

describe('coming down', () => {
  it('names the fingers to set down together on the lower string', () => {
    const found = planBest(
      lineBrief('violin', ['B4', 'A4', 'G4', 'F4', 'E4', 'D4'], { limits: { positions: ['1'], openStrings: 'prefer' } }),
    );
    assert.deepEqual(found.setDowns, [{ note: 2, string: 'III', fingers: ['3', '2', '1'] }]);
  });

  it('names none where the line turns back at once', () => {
    assert.deepEqual(planBest(lineBrief('violin', ['B4', 'G4', 'A4'], { limits: { positions: ['1'] } })).setDowns, []);
  });
});

describe('a landmark', () => {
  it('stands at every tonic, with its finger and string', () => {
    const found = planBest({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' },
      limits: { positions: ['1'] },
    });
    assert.deepEqual(
      found.landmarks.map((landmark) => `${landmark.pitch} ${landmark.string} ${landmark.finger}`),
      ['A3 IV 1', 'A4 II 0', 'A5 I 3'],
    );
  });
});

describe('a pitch in its key', () => {
  it('has the key’s own name where there is one, and sounds what was asked', () => {
    const key = parseKey('Ab major');
    assert.ok(key.ok);
    fc.assert(
      fc.property(fc.integer({ min: 24, max: 90 }), (semitones) => {
        assert.equal(semitonesOf(pitchInKey(semitones, key.value)), semitones);
      }),
    );
    const spelled = parsePitch('Db5');
    assert.ok(spelled.ok);
    assert.equal(formatPitch(pitchInKey(semitonesOf(spelled.value), key.value)), 'Db5');
  });
});

describe('material', () => {
  const pitches = (material: Brief['material'], kind: Brief['instrument']['kind'] = 'violin'): string =>
    planBest({ instrument: { kind }, material })
      .notes.flatMap((note) => (note.kind === 'note' ? [note.stops.map((stop) => stop.pitch).join('+')] : []))
      .join(' ');

  it('goes up in sharps and comes down in flats when chromatic', () => {
    assert.equal(
      pitches({ kind: 'scale', type: 'chromatic', tonic: 'D4', octaves: 1, direction: 'up-down' }),
      'D4 D#4 E4 F4 F#4 G4 G#4 A4 A#4 B4 C5 C#5 D5 Db5 C5 B4 Bb4 A4 Ab4 G4 Gb4 F4 E4 Eb4 D4',
    );
  });

  it('breaks a scale into thirds, up from the tonic and down from the top', () => {
    assert.equal(
      pitches({ kind: 'broken', figure: 'thirds', type: 'major', tonic: 'G3', octaves: 1, direction: 'up-down' }),
      'G3 B3 A3 C4 B3 D4 C4 E4 D4 F#4 E4 G4 E4 F#4 D4 E4 C4 D4 B3 C4 A3 B3 G3',
    );
  });

  it('spells sevenths in thirds, modes by their degrees', () => {
    assert.equal(pitches({ kind: 'arpeggio', type: 'diminished-seventh', tonic: 'B3', octaves: 1, direction: 'up' }), 'B3 D4 F4 Ab4 B4');
    assert.equal(pitches({ kind: 'scale', type: 'lydian', tonic: 'F4', octaves: 1, direction: 'up' }), 'F4 G4 A4 B4 C5 D5 E5 F5');
    assert.equal(pitches({ kind: 'scale', type: 'whole-tone', tonic: 'C4', octaves: 1, direction: 'up' }), 'C4 D4 E4 F#4 G#4 A#4 C5');
  });

  it('lays a scale in double stops over itself', () => {
    assert.equal(
      pitches({ kind: 'double-stops', interval: 'sixths', type: 'major', tonic: 'G3', octaves: 1, direction: 'up' }),
      'G3+E4 A3+F#4 B3+G4 C4+A4 D4+B4 E4+C5 F#4+D5 G4+E5',
    );
  });

  it('goes over four octaves where the instrument has them', () => {
    assert.equal(
      planBest({ instrument: { kind: 'violin' }, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 4, direction: 'up' } })
        .notes.length,
      29,
    );
    const cello = planBest({
      instrument: { kind: 'cello' },
      player: { school: 'thumb' },
      material: { kind: 'scale', type: 'major', tonic: 'C2', octaves: 4, direction: 'up' },
    });
    assert.match(fingering(cello), /AT A1/);
  });
});

describe('a typed line', () => {
  it('has double stops and harmonics, and is written back as it was read', () => {
    const text = 'G3+B3 A3:1/8 (A4* D4+B4) r';
    const reading = parseLineText(text, '1/4', 0);
    assert.ok(reading.ok);
    assert.deepEqual(
      reading.value.map((note) => ('rest' in note ? 'r' : `${note.pitches.join('+')}${note.harmonic === true ? '*' : ''}`)),
      ['G3+B3', 'A3', 'A4*', 'D4+B4', 'r'],
    );
    assert.equal(formatLineText(reading.value, '1/4', 0), text);
  });

  it('refuses four notes at once in words', () => {
    const reading = parseLineText('G3+D4+B4+G5', '1/4', 0);
    assert.match(reading.ok ? '' : (reading.issues[0]?.message ?? ''), /more than three notes at once/);
  });

  it('keeps a double stop in the file it is saved in', async () => {
    const notes = parseLineText('G3+E4 A3+F#4', '1/4', 0);
    assert.ok(notes.ok);
    const brief: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', notes: [...notes.value] } };
    const text = documentToText(withHead(DOCUMENT_KINDS.piece, { name: 'Two', brief }));
    const back = await readFileText('piece', text);
    assert.deepEqual(back.ok && back.value.brief, brief);
  });

  it('tells whole briefs with wishes and hands apart in their schema', async () => {
    const wished: Brief = {
      ...lineBrief('cello', ['C3']),
      player: { school: 'thumb', hand: { preset: 'small' }, thumbFrom: 9 },
      purpose: 'training',
      preferences: { 'train-fourth': 0.5 },
      limits: { shifts: 1, harmonics: true, highestPerString: [{ string: 'A3', highest: 'E4' }] },
      wayDown: 'as-up',
      weights: { shift: 900 },
    };
    assert.ok((await readAs('brief', wished)).ok);
    for (const [wrong, pointer] of [
      [{ ...wished, preferences: { 'train-fourth': 2 } }, '/preferences/train-fourth'],
      [{ ...wished, purpose: 'fun' }, '/purpose'],
      [{ ...wished, player: { thumbFrom: 2 } }, '/player/thumbFrom'],
      [{ ...wished, limits: { shifts: -1 } }, '/limits/shifts'],
    ] as const) {
      const reading = await readAs('brief', wrong);
      assert.equal(reading.ok ? '' : reading.issues[0]?.where.pointer, pointer);
    }
  });
});
