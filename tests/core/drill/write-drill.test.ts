import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import type { Drill } from '#core/drill';
import { type DrillFamily, type DrillRequest, type DrillVariant, PLAIN_VARIANT, writeDrill } from '#core/drill/families';
import { drillOfSpot } from '#core/drill/finder';
import { measuresWith } from '#core/drill/apart';
import { isInKey, parseKey } from '#core/key';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { PlannedSound } from '#core/plan/describe';
import { planBest } from '../../support/briefs.ts';

function write(kind: Brief['instrument']['kind'], key: string, asks: DrillFamily, variant: DrillVariant = PLAIN_VARIANT): Drill {
  const request: DrillRequest = { key, asks, variant };
  const drill = writeDrill({ instrument: { kind } }, request);
  assert.ok(drill.ok, `${asks.family} on the ${kind}`);
  return drill.value;
}

function sounds(drill: Drill): readonly PlannedSound[] {
  return planBest(drill.brief).notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

/** Writes notes and fingers: "F#5 1". */
function inWords(drill: Drill): readonly string[] {
  return sounds(drill).map(({ stops }) => stops.map(({ pitch, finger }) => `${pitch} ${finger}`).join(' + '));
}

describe('a matrix on all strings', () => {
  for (const { kind, key, strings, from, to, fingers } of [
    { kind: 'viola', key: 'C major', strings: ['A4', 'D4', 'G3', 'C3'], from: '1', to: '3', fingers: 4 },
    { kind: 'bass', key: 'D major', strings: ['G2', 'D2', 'A1', 'E1'], from: 'I', to: 'III', fingers: 3 },
  ] as const) {
    it(`${kind}: each finger onto itself, on each string, there and back`, () => {
      const drill = write(kind, key, { family: 'matrix', strings: [...strings], from, to, fingers: 'same' });
      const played = sounds(drill);
      assert.equal(played.length, 3 * fingers * strings.length);
      for (let at = 0; at < played.length; at += 3) {
        const measure = played.slice(at, at + 3);
        assert.deepEqual(
          measure.map(({ position }) => position.label),
          [from, to, from],
        );
        assert.equal(new Set(measure.map(({ stops: [stop] }) => stop.finger)).size, 1);
      }
      assertOnlyInserted(drill, key);
    });
  }
});

/** Checks that every note is in the key, or said to be put in. */
function assertOnlyInserted(drill: Drill, keyText: string): void {
  const key = parseKey(keyText);
  assert.ok(key.ok);
  const inserted = drill.altered.flatMap((alteration) => (alteration.what === 'note-inserted' ? [alteration.pitch] : []));
  for (const { stops } of sounds(drill)) {
    for (const { pitch } of stops) {
      const parsed = parsePitch(pitch);
      assert.ok(parsed.ok && (isInKey(semitonesOf(parsed.value), key.value) || inserted.includes(pitch)), pitch);
    }
  }
}

/** The places where chords of three notes are looked for. */
const CHORD_PLACES = [
  ['violin', 'D major', '1'],
  ['violin', 'A minor', '3'],
  ['viola', 'C major', '1'],
  ['cello', 'D major', '4'],
  ['bass', 'G major', 'I'],
] as const;

describe('drills of the left hand', () => {
  it('lift and replace: at the top of E melodic minor one finger plays both sevenths', () => {
    const drill = write('violin', 'E minor', { family: 'lift-and-replace', position: '1' });
    assert.deepEqual(inWords(drill), ['B4 1', 'C#5 2', 'D#5 3', 'E5 4', 'D5 3', 'C5 2', 'B4 1']);
  });

  it('octaves from the thumb: lower string alone, upper alone, both, always T and 3', () => {
    const drill = write('cello', 'D major', { family: 'double-stops', interval: 'octaves', built: 'one-by-one', position: 'thumb' });
    const fingers = sounds(drill).map(({ stops }) => stops.map(({ finger }) => finger).join('+'));
    for (let at = 0; at < fingers.length; at += 3) assert.deepEqual(fingers.slice(at, at + 3), ['T', '3', 'T+3']);
    assert.ok(fingers.length >= 15);
  });

  it('three-note chords: each a triad of the key in one hand on three strings, on its root where it can be, rolled or held', () => {
    const drill = write('violin', 'G major', { family: 'chords', position: '1', played: 'rolled' });
    assert.deepEqual(inWords(drill).slice(0, 2), ['G3 0 + D4 0', 'D4 0 + B4 1']);
    assert.deepEqual(inWords(drill).slice(4, 6), ['A3 1 + E4 1', 'E4 1 + C5 2']);
    for (const [kind, key, position] of CHORD_PLACES) {
      for (const played of ['rolled', 'held'] as const) {
        const drill = write(kind, key, { family: 'chords', position, played });
        const pairs = sounds(drill);
        const size = played === 'rolled' ? 2 : 4;
        assert.ok(pairs.length >= 7 * size, `${kind} ${key}`);
        for (let from = 0; from < pairs.length; from += size) {
          const stops = [...(pairs[from]?.stops ?? []), ...(pairs[from + 1]?.stops.slice(1) ?? [])];
          assert.equal(new Set(stops.map(({ pitch }) => pitch.charAt(0))).size, 3, 'three notes of a triad');
          assert.equal(new Set(stops.map(({ string }) => string)).size, 3, 'on three strings');
          assert.deepEqual(pairs[from]?.stops[1], pairs[from + 1]?.stops[0], 'the middle finger stays');
        }
        const whole = planBest(drill.brief);
        assert.deepEqual([whole.shifts.length, whole.notOneHand.length], [0, 0], `${kind} ${key} ${played}`);
      }
    }
  });

  it('three-note chords lie within reach of the hand they are written for', () => {
    const asks = { family: 'chords', position: '1', played: 'held' } as const;
    const small = { instrument: { kind: 'cello', size: '4/4' }, player: { hand: { preset: 'small' } } } as const;
    const drill = writeDrill(small, { key: 'E major', asks, variant: PLAIN_VARIANT });
    assert.ok(drill.ok);
    const notes = planBest(drill.value.brief).notes.filter((note) => note.kind === 'note');
    assert.ok(notes.length > 0 && notes.every(({ reach }) => reach?.judged?.verdict !== 'beyond'));
    const large = writeDrill({ ...small, player: { hand: { preset: 'large' } } }, { key: 'E major', asks, variant: PLAIN_VARIANT });
    assert.ok(large.ok && sounds(large.value).length >= notes.length);
  });

  it('one finger, two places: the neighbours stay and nothing shifts', () => {
    const drill = write('violin', 'G major', { family: 'two-places', position: '1', strings: ['A4'], finger: '2' });
    assert.deepEqual(inWords(drill), ['B4 1', 'C5 2', 'D5 3', 'C5 2', 'B4 1', 'C#5 2', 'D5 3', 'C#5 2']);
    assert.equal(planBest(drill.brief).shifts.length, 0);
  });

  it('inside a position: the scale stays there, and says what the position does not hold', () => {
    const violin = write('violin', 'B♭ major', { family: 'position', position: '3', set: 'scale' });
    assert.deepEqual(violin.altered, []);
    assert.ok(sounds(violin).every(({ position }) => position.label === '3'));
    const cello = write('cello', 'G major', { family: 'position', position: '4', set: 'scale' });
    assert.deepEqual(cello.altered, [{ what: 'not-in-position', pitches: ['C3', 'G3', 'D4'] }]);
  });

  it('by semitones: the fourth, the fifth and the octave are checked', () => {
    const drill = write('cello', 'D major', { family: 'chromatic', strings: ['D3'] });
    const played = inWords(drill);
    assert.deepEqual(played.at(-1), 'D3 0');
    assert.equal(played.length, 13 + 3);
  });

  it('a note that no finger has in the key is put in, and said', () => {
    const drill = write('bass', 'G major', { family: 'hovering', position: 'I', strings: ['D2'] });
    assert.deepEqual(drill.altered, [{ what: 'note-inserted', finger: '2', pitch: 'F2', label: 'I' }]);
  });
});

describe('a variant', () => {
  it('changes rhythm and bowing and no finger', () => {
    const asks: DrillFamily = { family: 'position', position: '1', set: 'scale' };
    const plain = write('viola', 'F major', asks);
    const dotted = write('viola', 'F major', asks, { rhythm: 'long-short', notesPerBow: 2 });
    assert.deepEqual(inWords(dotted), inWords(plain));
    const { material } = dotted.brief;
    assert.ok(material.kind === 'line');
    assert.deepEqual(
      material.notes.slice(0, 4).map(({ duration }) => duration),
      ['3/8', '1/8', '3/8', '1/8'],
    );
    assert.deepEqual(
      material.notes.slice(0, 4).map((note) => 'slur' in note),
      [true, false, true, false],
    );
  });
});

describe('a study that leads into its piece', () => {
  const PIECE: Brief = {
    instrument: { kind: 'violin' },
    rhythm: { meter: '3/4' },
    material: {
      kind: 'line',
      key: 'D major',
      notes: [
        'G4',
        'A4',
        'B4',
        'C#5',
        'D5',
        'E5',
        'F#5',
        'G5',
        'A5',
        'B5',
        'C#6',
        'D6',
        'C#6',
        'B5',
        'A5',
        'G5',
        'F#5',
        'E5',
        'D5',
        'C#5',
        'B4',
        'A4',
      ].map((pitch) => ({
        pitches: [pitch],
        duration: '1/4',
      })),
    },
  };

  it('goes on, in the meter of the piece, with the measures around the shift as they are fingered there', () => {
    const piece = planBest(PIECE);
    const [shift] = piece.shifts;
    assert.ok(shift);
    const [asks, into] = [drillOfSpot(piece, { kind: 'shift', note: shift.to, loop: [] }), measuresWith(piece, shift)];
    assert.ok(asks?.family === 'shift' && into);
    assert.deepEqual([into.meter, into.notes.length % 3], ['3/4', 0]);
    const drill = write('violin', 'D major', { ...asks, into });
    const whole = planBest(drill.brief);
    assert.deepEqual([whole.line.meter.beats, whole.line.meter.beatValue], [3, 4]);
    const last = inWords(drill).slice(-into.notes.length);
    const first = into.notes.map((note) => ('rest' in note ? '' : note.pitches.join()));
    const inPiece = piece.notes.flatMap((note) => (note.kind === 'note' ? [`${note.stops[0].pitch} ${note.stops[0].finger}`] : []));
    assert.ok(inPiece.join().includes(last.join()), last.join());
    assert.deepEqual(
      last.map((text) => text.split(' ')[0]),
      first,
    );
    // The study fills whole measures of the piece's meter before it.
    const { material } = drill.brief;
    assert.ok(material.kind === 'line');
    const quarters = material.notes.slice(0, -into.notes.length).reduce((sum, { duration }) => sum + 4 * lengthOf(duration), 0);
    assert.equal(quarters % 3, 0);
  });
});

function lengthOf(duration: string): number {
  const [above = 0, below = 1] = duration.split('/').map(Number);
  return above / below;
}

describe('a shift of third to fourth finger over three positions on the top string', () => {
  it('has its third finger put in where the key has no note for it, beside one that it has', () => {
    const shift = { kind: 'bass', fromString: 'G2', toString: 'G2', fromFinger: '3', toFinger: '4', way: 'up' } as const;
    const asks: DrillFamily = {
      family: 'shift',
      shift: { ...shift, distance: { by: 'positions', steps: 3 } },
      letters: null,
      measures: 'all',
    };
    const drill = writeDrill(
      { instrument: { kind: 'bass' }, player: { school: '1234' } },
      { key: 'D major', asks, variant: PLAIN_VARIANT },
    );
    assert.ok(drill.ok);
    assert.deepEqual(drill.value.altered[0], { what: 'note-inserted', finger: '3', pitch: 'A#2', label: 'half' });
    assertOnlyInserted(drill.value, 'D major');
    for (const { fromFinger, toFinger, throughRest } of planBest(drill.value.brief).shifts)
      assert.ok(throughRest || (fromFinger === '3' && toFinger === '4') || (fromFinger === '4' && toFinger === '3'));
  });
});
