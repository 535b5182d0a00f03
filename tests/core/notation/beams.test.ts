import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readMaterial } from '#core/brief/parts/materials';
import type { LineNoteDocument } from '#core/material/typed';
import { type BeamPart, beamsOf, type Engraving, engravingOf, engravingOfPlan, type Measure } from '#core/notation';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { planBest } from '../../support/briefs.ts';

function engrave(notes: readonly LineNoteDocument[], meter: '3/4' | '4/4' | '6/8' = '4/4', key = 'C major'): Engraving {
  const line = readMaterial({ kind: 'line', notes: [...notes], key }, { meter });
  assert.ok(line.ok);
  return engravingOf('violin', line.value);
}

/** Writes notes of some lengths, all of one pitch; "r" before a length makes a rest. */
function lengths(text: string): readonly LineNoteDocument[] {
  return text
    .split(' ')
    .map((word) => (word.startsWith('r') ? { rest: true, duration: word.slice(1) } : { pitches: ['A4'], duration: word }));
}

const SIGNS: Readonly<Record<BeamPart, string>> = { begins: '[', continues: '=', ends: ']', 'hooks forward': '>', 'hooks backward': '<' };

/** Writes the beams of a measure, a word for each symbol: "[ = = ]", "-" for none. */
function beamsText(measure: Measure | undefined): string {
  assert.ok(measure);
  return beamsOf(measure)
    .map((parts) => parts.map((part) => SIGNS[part]).join('') || '-')
    .join(' ');
}

describe('beams', () => {
  it('show the beat: eighths by halves of a measure of four, by threes in six eighths, by beats in three quarters', () => {
    const eighths = (count: number): string => Array.from({ length: count }, () => '1/8').join(' ');
    assert.equal(beamsText(engrave(lengths(eighths(8))).measures[0]), '[ = = ] [ = = ]');
    assert.equal(beamsText(engrave(lengths(eighths(6)), '6/8').measures[0]), '[ = ] [ = ]');
    assert.equal(beamsText(engrave(lengths(eighths(6)), '3/4').measures[0]), '[ ] [ ] [ ]');
    assert.equal(beamsText(engrave(lengths(`1/4 ${eighths(2)} 1/2`)).measures[0]), '- [ ] -');
  });

  it('of shorter notes are joined above the beat, or hook towards their neighbours', () => {
    assert.equal(beamsText(engrave(lengths('1/16 1/16 1/16 1/16 3/16 1/16 1/2')).measures[0]), '[[ == == ]] [ ]< -');
    assert.equal(beamsText(engrave(lengths('1/16 1/8 1/16 1/16 3/16 1/2')).measures[0]), '[> = ]< [> ] -');
    assert.equal(beamsText(engrave(lengths('1/8 1/16 1/16 1/8 1/8 1/2')).measures[0]), '[ =[ ]] [ ] -');
  });

  it('end at a rest and at a longer note', () => {
    assert.equal(beamsText(engrave(lengths('1/8 r1/8 1/8 1/8 1/8 3/8')).measures[0]), '- - [ ] - -');
  });

  it('of every demo piece begin and end within their measure, as many to a note as it has flags', () => {
    for (const { brief, name } of DEMO_PIECES) {
      for (const measure of engravingOfPlan(planBest(brief)).measures) {
        const beams = beamsOf(measure);
        for (const [order, parts] of beams.entries()) {
          const symbol = measure.symbols[order];
          const flags = symbol?.kind === 'note' ? Math.max(0, Math.log2(symbol.value.denominator) - 2) : 0;
          assert.ok(parts.length === 0 || parts.length === flags, name);
        }
        for (let level = 0; level < 4; level += 1) {
          const parts = beams.flatMap((own) => own[level] ?? []).filter((part) => !part.startsWith('hooks'));
          const text = parts.map((part) => SIGNS[part]).join('');
          assert.match(text, /^(\[=*\])*$/, `${name}, measure ${measure.number}: ${text}`);
        }
      }
    }
  });
});

/** Writes the signs of all notes: "#", "(n)" for a courtesy, "" for none. */
function signsText({ measures }: Engraving): string {
  const heads = measures.flatMap(({ symbols }) => symbols.flatMap((symbol) => (symbol.kind === 'note' ? symbol.heads : [])));
  const names: Readonly<Record<string, string>> = { '-1': 'b', '0': 'n', '1': '#' };
  return heads
    .map(({ accidental, courtesy }) => {
      const sign = accidental === null ? '' : (names[String(accidental)] ?? '?');
      return courtesy ? `(${sign})` : sign || '.';
    })
    .join(' ');
}

function quarters(text: string): readonly LineNoteDocument[] {
  return text.split(' ').map((pitch) => ({ pitches: [pitch], duration: '1/4' }));
}

describe('accidentals as a courtesy', () => {
  it('stand where the same place had another sign in the measure before, once', () => {
    assert.equal(signsText(engrave(quarters('F#5 G5 A5 B5 F5 G5 F5 A5'))), '# . . . (n) . . .');
    assert.equal(signsText(engrave(quarters('F#5 G5 A5 B5 F#5 G5 A5 B5 F5 G5 A5 B5'))), '# . . . # . . . (n) . . .');
    assert.equal(signsText(engrave(quarters('F#5 G5 A5 B5 C5 D5 E5 C5 F5 G5 A5 B5'))), '# . . . . . . . . . . .');
  });

  it('stand where the letter has another sign in another octave of the measure', () => {
    assert.equal(signsText(engrave(quarters('F#4 A4 F5 A5'))), '# . (n) .');
    assert.equal(signsText(engrave(quarters('Bb4 D5 F5 Bb5'), '4/4', 'F major')), '. . . .');
  });
});
