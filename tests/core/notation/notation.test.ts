import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { readMaterial } from '#core/brief/parts/materials';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { LineNoteDocument } from '#core/material/typed';
import {
  type ClefSet,
  type Engraving,
  engravingOf,
  fingerMark,
  fingerMarks,
  type MeasureNote,
  staffReadings,
  stepsOnStaff,
} from '#core/notation';
import { formatPitch, parsePitch, type Pitch } from '#core/pitch';
import { addFractions, asNumber, formatFraction, ZERO } from '#core/fraction';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';
import { fingerPlaceText } from '../../../src/words/plan-words.ts';
import { lineBrief, mixedNotes, planBest } from '../../support/briefs.ts';

function engraveLine(notes: LineNoteDocument[], meter: '3/4' | '4/4' | '6/8' = '4/4', key = 'C major'): Engraving {
  const line = readMaterial({ kind: 'line', notes, key }, { meter });
  assert.ok(line.ok);
  return engravingOf('violin', line.value);
}

const quarters = (...pitches: string[]): LineNoteDocument[] => pitches.map((pitch) => ({ pitches: [pitch], duration: '1/4' }));

const pitches = (text: string): Pitch[] => {
  const pitch = parsePitch(text);
  return pitch.ok ? [pitch.value] : [];
};

function notesOf(engraving: Engraving): readonly MeasureNote[] {
  return engraving.measures.flatMap((measure) => measure.symbols.flatMap((symbol) => (symbol.kind === 'note' ? [symbol] : [])));
}

describe('the staff', () => {
  it('fills its measures and loses no time, whatever the values', () => {
    fc.assert(
      fc.property(mixedNotes('violin'), fc.constantFrom('3/4' as const, '4/4' as const, '6/8' as const), (notes, meter) => {
        const { measures } = engraveLine(notes, meter);
        const lengths = measures.map((measure) =>
          asNumber(measure.symbols.reduce((sum, symbol) => addFractions(sum, symbol.value.length), ZERO)),
        );
        const bar = meter === '4/4' ? 1 : 0.75;
        assert.ok(lengths.slice(0, -1).every((length) => length === bar));
        const [numerators, wanted] = [
          lengths.reduce((sum, length) => sum + length, 0),
          notes.reduce((sum, note) => sum + Number(note.duration.split('/')[0]) / Number(note.duration.split('/')[1]), 0),
        ];
        assert.equal(numerators, wanted);
      }),
    );
  });

  it('reads back as the very line it was given: pitches, rests, lengths, slurs', () => {
    fc.assert(
      fc.property(mixedNotes('violin'), fc.constantFrom('3/4' as const, '4/4' as const, '6/8' as const), (notes, meter) => {
        const symbols = engraveLine(notes, meter, 'Eb major').measures.flatMap((measure) => measure.symbols);
        const readBack = notes.map((_, index): LineNoteDocument => {
          const parts = symbols.filter((symbol) => symbol.index === index);
          const duration = formatFraction(parts.reduce((sum, part) => addFractions(sum, part.value.length), ZERO));
          const [first] = parts;
          if (first?.kind !== 'note') return { rest: true, duration };
          const last = parts.at(-1);
          const goesOn = last?.kind === 'note' && (last.slur === 'begins' || last.slur === 'continues');
          return { pitches: first.heads.map((head) => formatPitch(head.written)), duration, ...(goesOn ? { slur: true } : {}) };
        });
        assert.deepEqual(readBack, notes);
      }),
    );
  });

  it('ties a note over the bar line', () => {
    const heads = notesOf(engraveLine([...quarters('A4', 'A4', 'A4'), { pitches: ['B4'], duration: '1/2' }]));
    assert.deepEqual(
      heads.map((head) => [head.tiedFromBefore, head.tiedToNext]),
      [
        [false, false],
        [false, false],
        [false, false],
        [false, true],
        [true, false],
      ],
    );
  });

  it('sets an accidental once in a measure and again after the bar line', () => {
    const heads = notesOf(engraveLine(quarters('F#5', 'F#5', 'F5', 'F5', 'F#5')));
    assert.deepEqual(
      heads.map((note) => note.heads[0]?.accidental),
      [1, null, 0, null, 1],
    );
  });

  it('asks for no accidental that the signature gives', () => {
    assert.deepEqual(
      notesOf(engraveLine(quarters('Eb5', 'E5', 'F##5'), '4/4', 'Eb major')).map((note) => note.heads[0]?.accidental),
      [null, 0, 2],
    );
  });

  it('slurs from the first head of the first note to the last of the last', () => {
    const heads = notesOf(
      engraveLine([
        { pitches: ['A4'], duration: '5/8', slur: true },
        { pitches: ['B4'], duration: '5/8' },
      ]),
    );
    assert.deepEqual(
      heads.map((head) => head.slur),
      ['begins', 'continues', 'continues', 'ends'],
    );
  });

  it('is in the clef the instrument reads, and in another where ledger lines would pile up', () => {
    const clef = (kind: 'violin' | 'viola' | 'cello' | 'bass', pitches: string[]): string => {
      const result = planBest(lineBrief(kind, pitches));
      return engravingOf(kind, result.line).reading.clef.name;
    };
    assert.deepEqual(
      [clef('violin', ['G3']), clef('viola', ['C3']), clef('cello', ['C2', 'C4']), clef('bass', ['E1'])],
      ['treble', 'alto', 'bass', 'bass'],
    );
    assert.equal(clef('cello', ['A4', 'B4', 'C5']), 'treble');
  });

  it('changes clef on the way up and back on the way down, at bar lines where it can', () => {
    const up = ['Bb2', 'C3', 'D3', 'Eb3', 'F3', 'G3', 'A3', 'Bb3', 'C4', 'D4', 'Eb4', 'F4', 'G4', 'A4', 'Bb4'];
    const { line } = planBest(lineBrief('cello', [...up, ...up.toReversed()], {}, 'Bb major'));
    const notes = notesOf(engravingOf('cello', line));
    const clefs = notes.map((note) => note.reading.clef.name);
    const changes = clefs.flatMap((clef, index) => (index > 0 && clef !== clefs[index - 1] ? [index] : []));
    assert.deepEqual([...new Set(clefs)], ['bass', 'tenor']);
    assert.equal(clefs.at(-1), 'bass');
    assert.equal(changes.length, 2);
    assert.ok(changes.every((index) => index % 4 === 0));
  });

  it('is read in the clefs that are set, until the next, and before the first as is easiest', () => {
    const { line } = planBest(lineBrief('cello', ['C2', 'E2', 'G2', 'C3', 'E3', 'G3', 'C4', 'E4']));
    const clefs = (set: readonly ClefSet[]): string =>
      notesOf(engravingOf('cello', line, { clefs: set }))
        .map(({ reading }) => reading.clef.name)
        .join(' ');
    assert.equal(clefs([]), 'bass bass bass bass bass bass bass bass');
    assert.equal(
      clefs([
        { note: 3, clef: 'treble' },
        { note: 6, clef: 'tenor' },
      ]),
      'bass bass bass treble treble treble tenor tenor',
    );
    assert.equal(clefs([{ note: 0, clef: 'alto' }]), clefs([]), 'cellists do not read the alto clef');
  });

  it('takes the treble clef for high viola and the octave line only where ledger lines tower', () => {
    const readings = (kind: 'violin' | 'viola', pitches: string[]): string =>
      notesOf(engravingOf(kind, planBest(lineBrief(kind, pitches)).line))
        .map(({ reading }) => `${reading.clef.name}${reading.octaveLine ? ' 8va' : ''}`)
        .join(', ');
    assert.equal(readings('viola', ['C3', 'D4', 'D5']), 'alto, alto, alto');
    assert.equal(readings('viola', ['G5', 'A5', 'B5', 'C6']), 'treble, treble, treble, treble');
    assert.equal(readings('violin', ['E6', 'G6', 'A6', 'G6']), 'treble, treble, treble, treble');
    const high = staffReadings(
      'violin',
      ['E7', 'F7', 'G7', 'A7'].map((text) => ({ written: pitches(text), at: 'beat' as const, set: null })),
    );
    assert.ok(high.every(({ octaveLine }) => octaveLine));
  });

  it('never reads worse for changing: no line of any instrument has a note beyond five ledger lines in reach of its clefs', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...INSTRUMENT_KINDS).chain((kind) => fc.tuple(fc.constant(kind), mixedNotes(kind))),
        ([kind, notes]) => {
          const line = readMaterial({ kind: 'line', notes, key: 'C major' }, {});
          assert.ok(line.ok);
          for (const { reading, heads } of notesOf(engravingOf(kind, line.value)))
            for (const { written } of heads) assert.ok(Math.abs(stepsOnStaff(reading, written) - reading.clef.middleSteps) <= 15);
        },
      ),
    );
  });

  it('reads the double bass an octave above what sounds', () => {
    const { line } = planBest(lineBrief('bass', ['E1']));
    assert.deepEqual(
      notesOf(engravingOf('bass', line)).map((note) => note.heads.map((head) => formatPitch(head.written)).join('+')),
      ['E2'],
    );
  });
});

describe('the marks over the notes', () => {
  const marks = (result: ReturnType<typeof planBest>): string =>
    fingerMarks(result)
      .map((mark) => (mark ? fingerMark(mark) : 'r'))
      .join(' ');

  it('tell a low finger wherever it stands low, going up and coming down', () => {
    assert.equal(
      marks(planBest(lineBrief('violin', ['C5', 'D5', 'C#5', 'C5'], { limits: { positions: ['1'], strings: ['A4'] } }))),
      '↓2 3 2 ↓2',
    );
  });

  it('say what the panel and the table say, on every string, up and down', () => {
    const said = { '↓': 'low', '↑': 'high', x: 'extended' } as const;
    for (const [tonic, octaves] of [
      ['C4', 2],
      ['Bb3', 2],
      ['D4', 2],
      ['E4', 2],
    ] as const) {
      const plan = planBest({
        instrument: { kind: 'violin' },
        material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' },
      });
      for (const [index, mark] of fingerMarks(plan).entries()) {
        const note = plan.notes[index];
        assert.ok(mark && note?.kind === 'note');
        const sign = fingerMark(mark).replace('–', '').charAt(0);
        const place = sign === '↓' || sign === '↑' || sign === 'x' ? said[sign] : '';
        assert.equal(fingerPlaceText(note), note.stops[0].finger === '0' ? 'open' : place, note.stops[0].written);
      }
      const signs = fingerMarks(plan).map((mark, index) => [plan.notes[index], mark?.place] as const);
      for (const [one, place] of signs) {
        const alike = signs.filter(
          ([other]) =>
            one?.kind === 'note' &&
            other?.kind === 'note' &&
            one.stops[0].pitch === other.stops[0].pitch &&
            one.stops[0].finger === other.stops[0].finger &&
            one.stops[0].string === other.stops[0].string,
        );
        assert.ok(
          alike.every(([, other]) => other === place),
          'up and down',
        );
      }
    }
  });

  it('call no hand extended that rolls around its thumb', () => {
    const { notes } = planBest(seededBrief(73));
    const pivoted = notes.flatMap((note) => (note.kind === 'note' && note.shape === 'pivoted' ? [note] : []));
    assert.ok(pivoted.length > 0);
    for (const note of pivoted) assert.equal(fingerPlaceText(note), '');
  });

  it('tell an extension and a shift', () => {
    assert.equal(marks(planBest(lineBrief('cello', ['D2', 'E2', 'F#2'], {}, 'D major'))), '1 x2 x4');
    assert.match(marks(planBest(lineBrief('violin', ['F5', 'G5', 'A5', 'B5', 'C6'], { limits: { strings: ['E5'] } }))), /–/);
  });

  it('name the string where it changes', () => {
    const strings = fingerMarks(planBest(lineBrief('violin', ['D4', 'E4', 'A4'], { limits: { openStrings: 'prefer' } }))).map(
      (mark) => mark?.string ?? null,
    );
    assert.deepEqual(strings, ['III', null, 'II']);
  });
});
