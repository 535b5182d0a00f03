import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { FIRST_BRIEF } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { parseKey } from '#core/key';
import { plan } from '#core/plan';
import { ALL_KEYS, BOOK_KINDS, KEY_ORDERS, MINOR_FORMS, type ScaleBook, scaleBookLines } from '#core/scale-book';

const BOOK: ScaleBook = {
  keys: ALL_KEYS,
  order: 'fifths',
  kinds: ['scale', 'arpeggio'],
  octaves: [1, 2],
  direction: 'up-down',
  minor: 'melodic-minor',
};

const baseFor = (kind: Brief['instrument']['kind']): Brief => ({ ...FIRST_BRIEF, instrument: { kind } });

describe('the keys of a scale book', () => {
  const keysIn = (order: ScaleBook['order'], keys = ALL_KEYS): readonly string[] =>
    scaleBookLines({ ...BOOK, keys, order }, baseFor('violin')).keys.map(({ key }) => key);

  it('are the 24 as they are most often spelled', () => {
    assert.equal(ALL_KEYS.length, 24);
    assert.equal(new Set(ALL_KEYS).size, 24);
    for (const key of ALL_KEYS) assert.ok(parseKey(key).ok, key);
  });

  it('go round the circle of fifths, each minor key after the major of its signature', () => {
    assert.deepEqual(keysIn('fifths').slice(0, 6), ['C major', 'A minor', 'G major', 'E minor', 'D major', 'B minor']);
    assert.deepEqual(keysIn('fifths').slice(-4), ['Bb major', 'G minor', 'F major', 'D minor']);
  });

  it('rise by semitones, or begin with few sharps and flats', () => {
    assert.deepEqual(keysIn('semitones').slice(0, 4), ['C major', 'C minor', 'Db major', 'C# minor']);
    assert.deepEqual(keysIn('signature').slice(0, 6), ['C major', 'A minor', 'G major', 'E minor', 'F major', 'D minor']);
  });

  it('are those that were chosen, each once, in every order; a text that is no key is left out', () => {
    fc.assert(
      fc.property(fc.subarray([...ALL_KEYS]), fc.constantFrom(...KEY_ORDERS), (chosen, order) => {
        assert.deepEqual([...keysIn(order, [...chosen, ...chosen, 'H major'])].toSorted(), [...chosen].toSorted());
      }),
    );
  });
});

describe('the lines of a scale book', () => {
  for (const kind of INSTRUMENT_KINDS) {
    it(`lie on a ${kind}, or are left out and listed, and each is a line that reads`, () => {
      for (const minor of MINOR_FORMS) {
        const book: ScaleBook = { ...BOOK, kinds: BOOK_KINDS, octaves: [1, 2, 3], minor };
        const { keys, leftOut } = scaleBookLines(book, baseFor(kind));
        const lines = keys.flatMap((key) => key.lines);
        assert.equal(lines.length + leftOut.length, ALL_KEYS.length * BOOK_KINDS.length * 3);
        for (const { brief } of lines) assert.ok(readMaterial(brief.material, brief.rhythm).ok, JSON.stringify(brief.material));
      }
    });
  }

  it('of one and two octaves are all played on a violin, and almost all on a cello', () => {
    for (const kind of ['violin', 'cello'] as const) {
      const { keys } = scaleBookLines({ ...BOOK, keys: ['C major', 'F# major', 'G minor', 'Bb minor'] }, baseFor(kind));
      for (const { key, lines } of keys) for (const { brief } of lines) assert.ok(plan(brief).ok, `${kind} ${key}`);
    }
  });

  it('keep player, school and limits of the brief, and none of its locks', () => {
    const locked: Brief = { ...FIRST_BRIEF, player: { name: 'Wren' }, tempo: 72, locks: [{ note: 0, finger: '1' }] };
    const [first] = scaleBookLines(BOOK, locked).keys[0]?.lines ?? [];
    assert.deepEqual([first?.brief.player?.name, first?.brief.tempo, first?.brief.locks], ['Wren', 72, undefined]);
  });

  it('three octaves on the double bass reach beyond its hand in high keys: those are listed', () => {
    const { leftOut } = scaleBookLines({ ...BOOK, kinds: ['scale'], octaves: [3] }, baseFor('bass'));
    assert.ok(leftOut.length > 0);
    for (const { octaves } of leftOut) assert.equal(octaves, 3);
  });
});
