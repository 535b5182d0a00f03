import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type PositionMap, positionMaps } from '#core/atlas';
import { KEYS_OFFERED } from '#core/brief/edits';
import { INSTRUMENT_KINDS, type InstrumentSpec } from '#core/instrument';
import { namesInOrder, QUIZ_KINDS, type QuizQuestion, quizOf, type Quizzed } from '#core/quiz';
import { handFaults, type Together } from '../../support/plans/hand-rule.ts';

/** The instruments of every kind, one with five strings and one retuned. */
const INSTRUMENTS: readonly InstrumentSpec[] = [
  ...INSTRUMENT_KINDS.map((kind) => ({ kind })),
  { kind: 'violin', tuning: ['E5', 'A4', 'D4', 'G3', 'C3'] },
  { kind: 'cello', tuning: ['G3', 'D3', 'G2', 'C2'] },
];

const NATURALS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };
const LETTERS = 'CDEFGAB';
const SHARPS = 'FCGDAEB';

/** Counts a pitch in letters above C0 and semitones above C0, without the engine. */
function countSteps(pitch: string): { readonly letters: number; readonly semitones: number } {
  const [, letter = 'C', sign = '', octave = '4'] = /^([A-G])([#b]*)(-?\d)$/.exec(pitch) ?? [];
  const altered = sign.length * (sign.startsWith('b') ? -1 : 1);
  return { letters: LETTERS.indexOf(letter) + 7 * Number(octave), semitones: (NATURALS[letter] ?? 0) + altered + 12 * Number(octave) };
}

/** Reads the signature of a key from its name, without the engine: the alteration of each letter. */
function signatureOf(key: string): Readonly<Record<string, number>> {
  const [tonic = 'C', mode = 'major'] = key.split(' ');
  const name = tonic.charAt(0);
  const majorFifths = SHARPS.indexOf(name) - 1 + 7 * (tonic.length - 1) * (tonic.includes('b') ? -1 : 1);
  const fifths = mode === 'major' ? majorFifths : majorFifths - 3;
  const sharp = [...SHARPS].map((letter, order) => [letter, order < fifths ? 1 : 0] as const);
  const flat = [...SHARPS].toReversed().map((letter, order) => [letter, order < -fifths ? -1 : 0] as const);
  return Object.fromEntries([...sharp, ...flat].reduce((sum, [letter, by]) => sum.set(letter, (sum.get(letter) ?? 0) + by), new Map()));
}

/** Names a place on a string in a key. */
function nameInKey(key: string, semitones: number): string {
  const signature = signatureOf(key);
  const letter = [...LETTERS].find((letter) => ((NATURALS[letter] ?? 0) + (signature[letter] ?? 0) - semitones + 24) % 12 === 0) ?? '?';
  const by = signature[letter] ?? 0;
  return `${letter}${(by > 0 ? '#' : 'b').repeat(Math.abs(by))}`;
}

/** The notes under the hand, as a plain table: the name is the key's for the sound. */
interface Row {
  readonly open: string;
  readonly finger: string;
  readonly place: number;
  readonly name: string;
}

/** Lists open strings of the key, which sound a note as well as a finger does. */
function openRows(key: string, { strings }: PositionMap): readonly Row[] {
  const rows = strings.map(({ open }) => ({ open, finger: '0', place: 0, name: nameInKey(key, countSteps(open).semitones) }));
  return rows.filter(({ name }) => !name.startsWith('?'));
}

function tableOf(key: string, { strings }: PositionMap): readonly Row[] {
  return strings.flatMap(({ open, fingers }) =>
    fingers.map(({ finger, semitonesAboveOpen: place }) => ({
      open,
      finger,
      place,
      name: nameInKey(key, countSteps(open).semitones + place),
    })),
  );
}

type OfPosition = Extract<QuizQuestion, { readonly kind: (typeof IN_POSITION)[number] }>;

/** Counts the answers of a question from the table. */
function enumerate(question: OfPosition, table: readonly Row[], open: readonly Row[]): readonly string[] {
  const on = (open: string): readonly Row[] => table.filter((row) => row.open === open).toSorted((one, other) => one.place - other.place);
  const fingerOn = (open: string, finger: string): Row => on(open).find((row) => row.finger === finger) ?? NOWHERE;
  switch (question.kind) {
    case 'place-to-note':
      return [fingerOn(question.place.open, question.place.finger).name];
    case 'note-to-place':
      return [...table, ...open]
        .filter((row) => countSteps(row.open).semitones + row.place === countSteps(question.pitch).semitones)
        .map(({ open, finger }) => `${open} ${finger}`)
        .toSorted();
    case 'first-finger':
      return [fingerOn(question.place.open, '1').name];
    case 'touch':
      return touching(on(question.open)).toSorted();
    case 'across': {
      const further = fingerOn(question.to, question.finger).place - fingerOn(question.from, question.finger).place;
      return [further === 0 ? 'straight' : further > 0 ? 'higher' : 'lower'];
    }
  }
}

const NOWHERE: Row = { open: '', finger: '', place: NaN, name: '?' };

function touching(upward: readonly Row[]): readonly string[] {
  return upward.slice(1).flatMap((row, order) => (upward[order]?.place === row.place - 1 ? [`${upward[order].finger} ${row.finger}`] : []));
}

function isOfPosition(question: QuizQuestion): question is OfPosition {
  return IN_POSITION.some((kind) => kind === question.kind);
}

const IN_POSITION = ['place-to-note', 'note-to-place', 'first-finger', 'touch', 'across'] as const;

function ask(spec: InstrumentSpec, key: string, positions: readonly string[], kinds: readonly Quizzed['kind'][] = QUIZ_KINDS) {
  return quizOf({ instrument: spec }, { parts: positions.map((position) => ({ key, position, own: false })), kinds });
}

describe('the answers of a quiz', () => {
  it('are those of a plain enumeration, on every instrument, in every key and position', () => {
    let count = 0;
    for (const spec of INSTRUMENTS) {
      const usual = spec.tuning === undefined || spec.tuning.length === 5;
      for (const key of KEYS_OFFERED) {
        const maps = positionMaps({ instrument: spec }, key);
        const questions = ask(spec, key, maps.map(({ position }) => position), IN_POSITION); // prettier-ignore
        for (const map of maps) {
          const table = tableOf(key, map);
          const open = openRows(key, map);
          for (const question of questions.filter(({ position }) => position === map.position)) {
            count += 1;
            const isName = question.kind === 'place-to-note' || question.kind === 'first-finger';
            // On a retuned string a player reads another name than the sound: the other strings are enumerated by sound.
            if (!usual && (isName || question.kind === 'note-to-place')) continue;
            assert.ok(isOfPosition(question));
            assert.deepEqual(question.answers, enumerate(question, table, open), question.id);
          }
        }
      }
    }
    assert.ok(count > 50_000, `${count} questions`);
  });

  it('stand on fingers of one hand, on cello and double bass as well', () => {
    for (const kind of ['cello', 'bass'] as const) {
      for (const key of KEYS_OFFERED) {
        for (const map of positionMaps({ instrument: { kind } }, key)) {
          for (const { open, fingers } of map.strings) {
            const stay = fingers.map(({ finger, semitonesAboveOpen: place, pitch }): Together => {
              const letters = [countSteps(pitch).letters - countSteps(open).letters];
              return [{ string: open, finger, place, letters }];
            });
            assert.deepEqual(handFaults(kind, stay), [], `${kind} ${key} ${map.position} ${open}`);
          }
        }
      }
    }
  });

  it('name the interval of a shift and of the key by letters and semitones', () => {
    for (const spec of INSTRUMENTS.slice(0, 4)) {
      const [first, second] = positionMaps({ instrument: spec }, 'Eb major').map(({ position }) => position);
      const questions = ask(spec, 'Eb major', [first ?? '1', second ?? '2']);
      for (const question of questions) {
        const ends =
          question.kind === 'shift-interval'
            ? [question.from.pitch, question.to.pitch]
            : question.kind === 'key-interval'
              ? question.pitches
              : null;
        if (!ends) continue;
        const [one, other] = ends.map(countSteps);
        assert.ok(one && other);
        const expected = `${Math.abs(other.letters - one.letters)} ${Math.abs(other.semitones - one.semitones)}`;
        assert.deepEqual(question.answers, [expected], question.id);
      }
      assert.equal(questions.filter(({ kind }) => kind === 'key-interval').length, 28, spec.kind);
      assert.ok(questions.some(({ kind }) => kind === 'shift-interval') && questions.some(({ kind }) => kind === 'shift-target'));
    }
  });

  it('give each name of one place the finger of its letter, on violin and viola', () => {
    const questions = ask({ kind: 'violin' }, 'C major', ['1'], ['letter-finger']);
    const finger = (name: string): string =>
      questions
        .flatMap((question) =>
          question.kind === 'letter-finger' && question.open === 'A4' && question.name === name ? question.answers : [],
        )
        .join();
    assert.deepEqual(['A#4', 'Bb4', 'C#5', 'Db5', 'D#5', 'Eb5'].map(finger), ['', '1', '2', '3', '3', '4']);
    assert.equal(ask({ kind: 'cello' }, 'C major', ['1'], ['letter-finger']).length, 0);
    const names = ask({ kind: 'violin' }, 'C major', ['1'], ['other-name']);
    assert.ok(names.some((name) => name.kind === 'other-name' && name.name === 'A#' && name.answers[0] === 'Bb'));
  });

  it('go through the names of a position without a gap where open strings adjoin it', () => {
    const names = (kind: 'violin' | 'cello' | 'bass', key: string, position: string, octave = false): string => {
      const map = positionMaps({ instrument: { kind } }, key).find((positionMap) => positionMap.position === position);
      assert.ok(map, `${kind} ${position}`);
      const asked = namesInOrder({ kind, key }, map, 'up', octave ? { from: key.split(' ')[0] ?? '' } : null);
      return asked.map(({ answer, place }) => `${answer}${place.finger}`).join(' ');
    };
    assert.equal(names('cello', 'C major', '1'), 'C0 D1 E3 F4 G0 A1 B3 C4 D0 E1 F2 G4 A0 B1 C2 D4');
    assert.equal(names('violin', 'G major', '1', true), 'G0 A1 B2 C3 D0 E1 F#2 G3');
    assert.equal(names('violin', 'D major', '3', true), 'D2 E3 F#4 G1 A2 B3 C#4 D1');
    assert.equal(names('bass', 'G major', 'I').split(' ')[0], 'E0');
  });
});
