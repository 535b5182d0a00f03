import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { placesOfNote, type PositionMap, positionMap, positionMaps, scalesHere } from '#core/atlas';
import { KEYS_OFFERED } from '#core/brief/edits';
import { PLAIN_VARIANT, writeDrill } from '#core/drill/families';
import { type HandSchool, schoolsOf } from '#core/hand';
import { INSTRUMENT_KINDS, type InstrumentSpec, readInstrument } from '#core/instrument';
import { alterationInKey, isInKey, parseKey } from '#core/key';
import { parsePitch, type Pitch, semitonesOf, stepsOf } from '#core/pitch';
import { acrossText, fingersText, scaleHereText, wayInText } from '../../../src/words/names/atlas.ts';
import { planBest } from '../../support/briefs.ts';

/** The instruments of every kind, one with five strings and one retuned. */
const INSTRUMENTS: readonly InstrumentSpec[] = [
  { kind: 'violin' },
  { kind: 'viola' },
  { kind: 'cello' },
  { kind: 'bass' },
  { kind: 'violin', tuning: ['E5', 'A4', 'D4', 'G3', 'C3'] },
  { kind: 'violin', tuning: ['E5', 'A4', 'E4', 'A3'] },
];

function pitchOf(text: string): Pitch {
  const pitch = parsePitch(text);
  assert.ok(pitch.ok, text);
  return pitch.value;
}

function stringsOf(spec: InstrumentSpec) {
  const instrument = readInstrument(spec);
  assert.ok(instrument.ok);
  return instrument.value.strings;
}

/** The hands that are learnt on each instrument. */
const SCHOOLS = INSTRUMENT_KINDS.flatMap((kind) => schoolsOf(kind).map((school) => ({ kind, school })));

function positionMapOf(instrument: InstrumentSpec, key: string, position: string, school: HandSchool): PositionMap {
  const map = positionMap({ instrument, player: { school } }, key, position);
  assert.ok(map.ok, `${instrument.kind} ${key} ${position}`);
  return map.value;
}

/** Writes each string that has something, from the lowest: "A: 1 D5, 2 E5". */
function describeMap(map: PositionMap): readonly string[] {
  return map.strings.toReversed().map((string) => `${string.open.slice(0, -1)}: ${fingersText(string)}`);
}

function here(spec: InstrumentSpec, key: string, position: string): PositionMap {
  const map = positionMap({ instrument: spec }, key, position);
  assert.ok(map.ok, `${spec.kind} ${key} ${position}`);
  return map.value;
}

describe('the map of a position', () => {
  it('is third position in D major as every violinist has it', () => {
    const map = here({ kind: 'violin' }, 'D major', '3');
    assert.deepEqual(describeMap(map), [
      'G: 1 C♯4, 2 D4, 3 E4, 4 F♯4',
      'D: 1 G4, 2 A4, 3 B4, 4 C♯5',
      'A: 1 D5, 2 E5, 3 F♯5, 4 G5',
      'E: 1 A5, 2 B5, 3 C♯6, 4 D6',
    ]);
    const words = map.across.map((neighbour) => acrossText(neighbour, map.strings));
    assert.ok(
      words.includes('1, G to D: a semitone lower on D, a tritone') || words.includes('1, G to D: a semitone higher on D'),
      words.join('\n'),
    );
    const wayIn = map.waysIn.find(({ stringIndex }) => stringIndex === 1);
    assert.match(
      wayIn ? wayInText(wayIn, 'A4') : '',
      /^1 lies a fourth above the open A; it takes over from 3 in first position; finger 1 goes 46 mm up from first position$/,
    );
  });

  it('on the cello keeps one shape of the hand on each string, opened only where the key asks for it', () => {
    assert.deepEqual(describeMap(here({ kind: 'cello' }, 'D major', '4')), [
      'C: 1 G2, 2 A2, 4 B2',
      'G: 1 D3, 2 E3, 4 F♯3',
      'D: 1 A3, 2 B3, 4 C♯4',
      'A: 1 E4, 3 F♯4, 4 G4',
    ]);
    assert.deepEqual(describeMap(here({ kind: 'cello' }, 'C major', '1')), [
      'C: 0 C2, 1 D2, 3 E2, 4 F2',
      'G: 0 G2, 1 A2, 3 B2, 4 C3',
      'D: 0 D3, 1 E3, 2 F3, 4 G3',
      'A: 0 A3, 1 B3, 2 C4, 4 D4',
    ]);
    assert.deepEqual(describeMap(here({ kind: 'bass' }, 'F major', 'I')).at(-1), 'G: 0 G3, 1 A3, 2 B♭3');
  });

  it('on violin and viola puts the letters under the fingers one by one, in every key and position, whatever the tuning', () => {
    for (const spec of INSTRUMENTS.filter(({ kind }) => kind === 'violin' || kind === 'viola')) {
      for (const keyText of KEYS_OFFERED) {
        const key = parseKey(keyText);
        assert.ok(key.ok);
        for (const map of positionMaps({ instrument: spec }, keyText)) {
          for (const { stringIndex, fingers } of map.strings) {
            const open = pitchOf(stringsOf(spec)[stringIndex]?.name ?? '');
            for (const { finger, pitch, semitonesAboveOpen } of fingers) {
              const sounding = pitchOf(pitch);
              assert.equal(
                stepsOf(sounding) - stepsOf(open),
                (map.position === 'half' ? 0 : Number(map.position)) + Number(finger) - 1,
                `${keyText} ${map.position} ${pitch}`,
              );
              assert.equal(sounding.alteration, alterationInKey(key.value, sounding.letter));
              assert.equal(semitonesOf(sounding) - semitonesOf(open), semitonesAboveOpen);
            }
          }
        }
      }
    }
  });

  it('holds notes of the key alone, each letter once, in the order of the fingers, on all instruments', () => {
    for (const spec of INSTRUMENTS) {
      for (const keyText of KEYS_OFFERED) {
        const key = parseKey(keyText);
        assert.ok(key.ok);
        const maps = positionMaps({ instrument: spec }, keyText);
        assert.ok(maps.length >= 6, `${spec.kind} ${keyText}`);
        for (const { strings, frame, across } of maps) {
          for (const { fingers, gaps } of strings) {
            const places = fingers.map(({ semitonesAboveOpen }) => semitonesAboveOpen);
            assert.deepEqual(
              places,
              places.toSorted((one, other) => one - other),
            );
            assert.equal(new Set(fingers.map(({ pitch }) => pitch)).size, fingers.length);
            assert.ok(fingers.every(({ pitch }) => isInKey(semitonesOf(pitchOf(pitch)), key.value)));
            assert.ok(fingers.every(({ mmFromNut }) => mmFromNut >= frame.fromMm && mmFromNut <= frame.toMm));
            assert.deepEqual(
              gaps.map(({ semitones }) => semitones),
              places.slice(1).map((place, order) => place - (places[order] ?? 0)),
            );
          }
          for (const { finger, fromString, toString, interval } of across) {
            const soundOn = (string: number): number =>
              semitonesOf(pitchOf(strings[string]?.fingers.find((value) => value.finger === finger)?.pitch ?? 'C0'));
            assert.equal(soundOn(toString) - soundOn(fromString), interval);
          }
        }
      }
    }
  });

  it('has its octave frame: a fourth up the string where the strings are a fifth apart, narrower from position to position', () => {
    const maps = positionMaps({ instrument: { kind: 'violin', stringLengthMm: 328 } }, 'C major');
    const first = maps.find(({ position }) => position === '1');
    // A3 with 1 on G and A4 with 4 on D lie from the second to the seventh semitone.
    assert.equal(first?.octaveMm?.toFixed(2), (328 * (2 ** (-2 / 12) - 2 ** (-7 / 12))).toFixed(2));
    const octaves = maps.flatMap(({ octaveMm }) => octaveMm ?? []);
    assert.equal(octaves.length, maps.length);
    const neck = positionMaps({ instrument: { kind: 'cello' } }, 'C major').find(({ position }) => position === '1');
    assert.equal(neck?.octaveMm, null, 'no hand on the neck of a cello spans an octave');
    assert.ok(
      octaves.every((mm, order) => order === 0 || mm < (octaves[order - 1] ?? Infinity)),
      octaves.join(' '),
    );
  });

  it('has the open strings that the scale needs there, and those alone', () => {
    const open = (kind: InstrumentSpec['kind'], key: string, position: string): string =>
      here({ kind }, key, position)
        .strings.filter(({ openBelongs }) => openBelongs)
        .map(({ open: name }) => name)
        .join(' ');
    assert.equal(open('cello', 'Eb major', '1'), 'D3 G2 C2');
    assert.equal(open('violin', 'C major', '1'), 'E5 A4 D4 G3');
    assert.equal(open('violin', 'C major', '3'), '', 'third position has those notes under the hand');
    assert.equal(open('bass', 'F major', 'half'), 'G2 D2 A1 E1');
    assert.equal(open('cello', 'G major', '4'), '');
  });

  it('on the thumb lies on the half string where the key has it there, and half position is of keys that have low first fingers', () => {
    assert.deepEqual(describeMap(positionMapOf({ kind: 'cello' }, 'D major', 'thumb', 'thumb')).slice(2), [
      'D: T D4, 1 E4, 2 F♯4, 3 G4',
      'A: T A4, 1 B4, 2 C♯5, 3 D5',
    ]);
    assert.deepEqual(describeMap(here({ kind: 'violin' }, 'B major', 'half')).slice(0, 2), [
      'G: 1 G♯3, 2 A♯3, 3 B3, 4 C♯4',
      'D: 1 D♯4, 2 E4, 3 F♯4, 4 G♯4',
    ]);
    for (const kind of ['violin', 'cello'] as const) assert.equal(positionMap({ instrument: { kind } }, 'C major', 'half').ok, false);
  });

  it('obeys the hand rule: its notes, played up and down, are one hand', () => {
    for (const { kind, school } of SCHOOLS) {
      for (const key of KEYS_OFFERED) {
        const player = { instrument: { kind }, player: { school } } as const;
        for (const { position } of positionMaps(player, key)) {
          const drill = writeDrill(player, { key, asks: { family: 'position', position, set: 'scale' }, variant: PLAIN_VARIANT });
          assert.ok(drill.ok, `${kind} ${school} ${key} ${position}`);
        }
      }
    }
  });

  it('narrows from position to position up the neck', () => {
    const frames = positionMaps({ instrument: { kind: 'violin' } }, 'G major').map(({ frame }) => frame.toMm - frame.fromMm);
    const [first, , third, , fifth, , seventh] = frames;
    assert.ok(first && third && fifth && seventh && first > third && third > fifth && fifth > seventh);
  });
});

describe('what lives in a position', () => {
  it('is every major scale with a whole octave there, and what it leaves over', () => {
    const first = scalesHere({ instrument: { kind: 'violin' } }, '1').map((scale) => scaleHereText(scale, 'violin'));
    assert.ok(first.includes('G major from G3: 2 octaves, 2 notes above left over'), first.join('\n'));
    assert.ok(first.includes('A major from A3: 2 octaves, 1 note above left over'), first.join('\n'));
    const minor = scalesHere({ instrument: { kind: 'violin' } }, '1', 'melodic-minor').map((scale) => scaleHereText(scale, 'violin'));
    assert.ok(minor.includes('A minor from A3: 2 octaves'), minor.join('\n'));
  });

  it('is what the map holds: open strings belong to first and half position, and no neck position above them holds an octave', () => {
    const keysIn = (kind: InstrumentSpec['kind'], position: string): readonly string[] =>
      scalesHere({ instrument: { kind } }, position).map(({ key, octaves }) => `${key} ${octaves}`);
    assert.deepEqual(keysIn('cello', '1'), ['C major 2', 'D major 2', 'F major 1', 'G major 1', 'Bb major 1', 'Eb major 1', 'A major 1']);
    assert.deepEqual(keysIn('cello', 'half'), []);
    assert.deepEqual(keysIn('cello', '4'), []);
    assert.deepEqual(keysIn('bass', 'half'), ['F major 1', 'Bb major 1']);
    assert.deepEqual(keysIn('bass', 'I'), ['G major 1']);
    for (const { kind } of INSTRUMENTS.slice(0, 4)) {
      for (const position of ['half', '1', 'I', '3', 'III']) {
        for (const { brief, key } of scalesHere({ instrument: { kind } }, position)) {
          const { shifts, notes } = planBest(brief);
          assert.equal(shifts.length, 0, `${kind} ${key} ${position}`);
          assert.ok(notes.every((note) => note.kind === 'rest' || note.stops[0].finger === '0' || note.position.label === position));
        }
      }
    }
  });
});

describe('the places of a note', () => {
  it('are on every string that has it, with each finger in its position', () => {
    for (const spec of INSTRUMENTS) {
      for (const above of [0, 5, 9, 14]) {
        const strings = stringsOf(spec);
        const lowest = Math.min(...strings.map(({ semitones }) => semitones));
        const [pitch] = ['C', 'D', 'E', 'F', 'G', 'A', 'B']
          .flatMap((letter) => Array.from({ length: 8 }, (_, octave) => pitchOf(`${letter}${octave}`)))
          .filter((pitch) => semitonesOf(pitch) >= lowest + above);
        assert.ok(pitch);
        const places = placesOfNote({ instrument: spec }, 'C major', pitch);
        const instrument = readInstrument(spec);
        assert.ok(instrument.ok);
        const expected = strings.filter(({ semitones }) => {
          const place = semitonesOf(pitch) - semitones;
          return place >= 0 && place <= 7;
        });
        for (const string of expected)
          assert.ok(
            places.some(({ open }) => open === string.name),
            `${spec.kind} ${string.name}`,
          );
        for (const { open, ways } of places) {
          assert.equal(
            ways.some(({ finger }) => finger === '0'),
            semitonesOf(pitchOf(open)) === semitonesOf(pitch),
          );
          assert.ok(ways.length > 0);
        }
      }
    }
  });
});
