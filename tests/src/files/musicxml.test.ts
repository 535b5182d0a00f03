import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { withMark } from '#core/brief/locks';
import { readMaterial } from '#core/brief/parts/materials';
import type { Piece } from '#core/documents';
import type { ReadElement } from '#core/format';
import { CLEFS_READ } from '#core/instrument';
import { type LineNoteDocument, parseLineText } from '#core/material/typed';
import { measuresOf } from '#core/material/measures';
import { engravingOfPlan } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { formatKey } from '#core/key';
import { plan } from '#core/plan';
import type { Reading } from '#core/result';
import { addFractions, formatFraction, parseFraction, ZERO } from '#core/fraction';
import { METERS } from '#core/rhythm';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { musicXmlText } from '../../../src/files/musicxml.ts';
import { readScore } from '../../../src/files/foreign/read-score.ts';
import { xmlTree } from '../../../src/files/foreign/xml-tree.ts';
import { firstChoice, scorePiece } from '../../../src/files/foreign/score-piece.ts';
import { anyLine, lineBrief, planBest } from '../../support/briefs.ts';
import { readMusicXml, type ReadNote } from '../../support/read-musicxml.ts';

/** Writes the plan in the words of the independent reader. */
function expectNotes(brief: Brief): readonly ReadNote[] {
  const result = planBest(brief);
  return result.line.notes.map((note, index): ReadNote => {
    const before = result.line.notes[index - 1];
    const length = (64 / note.duration.denominator) * note.duration.numerator;
    const sound = result.notes[index];
    if (note.kind === 'rest' || sound?.kind !== 'note') return { pitch: 'r', length, finger: null, slurBegins: false, slurEnds: false };
    const fromBefore = before?.kind === 'note' && before.slurredToNext;
    return {
      pitch: sound.stops.map((stop) => stop.written).join('+'),
      length,
      finger: sound.stops.map((stop) => stop.finger).join('+'),
      slurBegins: note.slurredToNext && !fromBefore,
      slurEnds: fromBefore && !note.slurredToNext,
    };
  });
}

/** Lists the clef in which each note is read. */
function clefsIn(result: Plan): readonly string[] {
  return engravingOfPlan(result).measures.flatMap(({ symbols }) => symbols.map(({ reading }) => reading.clef.name));
}

/** Joins rests: long ones are written as several, since no tie tells that they belong together. */
function restsJoined(notes: readonly ReadNote[]): readonly ReadNote[] {
  return notes.reduce<ReadNote[]>((joined, note) => {
    const before = joined.at(-1);
    return before && before.pitch === 'r' && note.pitch === 'r'
      ? [...joined.slice(0, -1), { ...before, length: before.length + note.length }]
      : [...joined, note];
  }, []);
}

describe('MusicXML', () => {
  it('is read by an independent engine as the same pitches, rhythm, fingers and slurs', async () => {
    await fc.assert(
      fc.asyncProperty(anyLine, async (brief) => {
        fc.pre(plan(brief).ok);
        assert.deepEqual(restsJoined(await readMusicXml(musicXmlText('A line', planBest(brief)))), restsJoined(expectNotes(brief)));
      }),
      { numRuns: 60 },
    );
  });

  it('of every demo piece reads so too', async () => {
    for (const piece of DEMO_PIECES)
      assert.deepEqual(await readMusicXml(musicXmlText(piece.name, planBest(piece.brief))), expectNotes(piece.brief), piece.name);
  });

  it('changes clef and sets the octave line where the staff does, and still reads as the same notes', async () => {
    const result = planBest(
      lineBrief('cello', ['C3', 'D3', 'E3', 'F3', 'E4', 'G4', 'A4', 'B4', 'A4', 'G4', 'F4', 'E4', 'C2', 'D2', 'E2', 'C2', 'G2', 'C2']),
    );
    const xml = musicXmlText('Up and down', result);
    assert.deepEqual(xml.match(/(?<=<sign>)[A-Z](?=<)/g), ['F', 'C', 'F']);
    assert.deepEqual(
      (await readMusicXml(xml)).map((note) => note.pitch),
      result.notes.map((note) => (note.kind === 'note' ? note.stops[0].written : 'r')),
    );
    const high = planBest(lineBrief('violin', ['A6', 'D7', 'E7', 'E7', 'E7', 'D7', 'A5', 'A5']));
    const highXml = musicXmlText('High', high);
    assert.deepEqual(highXml.match(/(?<=octave-shift type=")[a-z]+/g), ['down', 'stop']);
    assert.deepEqual(
      (await readMusicXml(highXml)).map((note) => note.pitch),
      high.notes.map((note) => (note.kind === 'note' ? note.stops[0].written : 'r')),
    );
  });

  it('tells the string, the transposition of the bass and a name with signs', () => {
    const xml = musicXmlText('Air & <Gigue>', planBest(lineBrief('bass', ['E1'])));
    assert.match(xml, /<work-title>Air &amp; &lt;Gigue&gt;<\/work-title>/);
    assert.match(xml, /<octave-change>-1<\/octave-change>/);
    assert.match(xml, /<fingering>0<\/fingering><string>4<\/string>/);
  });
});

/** Writes the notes of a line as every file can: rests in a row are one, and a slur to no note is no slur. */
function describeNotes(notes: readonly LineNoteDocument[]): unknown {
  const joined = notes.reduce<LineNoteDocument[]>((before, note) => {
    const last = before.at(-1);
    if (!last || !('rest' in last) || !('rest' in note)) return [...before, note];
    const length = addFractions(parseFraction(last.duration) ?? ZERO, parseFraction(note.duration) ?? ZERO);
    return [...before.slice(0, -1), { rest: true, duration: formatFraction(length) }];
  }, []);
  return joined.map((note, index) => {
    const next = joined[index + 1];
    if ('rest' in note || (next && !('rest' in next))) return note;
    const { slur: _, ...plain } = note;
    return plain;
  });
}

/** Reads all of the first part of a MusicXML text, without its fingerings. */
async function readPiece(text: string): Promise<Reading<Piece>> {
  const score = await readScore(new TextEncoder().encode(text));
  if (!score.ok) return score;
  const reading = await scorePiece(score.value.score, { ...firstChoice(score.value.score), fingerings: 'left-out' }, 'file');
  return reading.ok ? { ok: true, value: reading.value.piece } : reading;
}

/** Lists the signature of every measure, as the page counts them. */
function signatures({ material, rhythm }: Brief): readonly string[] {
  const line = readMaterial(material, rhythm);
  assert.ok(line.ok);
  return measuresOf(line.value).map(({ number, key, meter }) => `${number} ${formatKey(key)} ${meter.beats}/${meter.beatValue}`);
}

/** The order that MusicXML 4.0 prescribes for the content of an element, as far as it is written here. */
const ELEMENT_ORDER: Readonly<Record<string, readonly string[]>> = {
  'score-partwise': ['work', 'identification', 'part-list', 'part'],
  attributes: ['divisions', 'key', 'time', 'clef', 'transpose'],
  key: ['fifths', 'mode'],
  time: ['beats', 'beat-type'],
  clef: ['sign', 'line'],
  direction: ['direction-type', 'sound'],
  pitch: ['step', 'alter', 'octave'],
  note: [
    ...['grace', 'chord', 'pitch', 'rest', 'duration', 'tie', 'voice', 'type', 'dot', 'accidental', 'time-modification'],
    ...['stem', 'notehead', 'beam', 'notations'],
  ],
  'time-modification': ['actual-notes', 'normal-notes'],
  transpose: ['diatonic', 'chromatic', 'octave-change'],
};

function everyElement(element: ReadElement): readonly ReadElement[] {
  return [element, ...element.children.flatMap(everyElement)];
}

describe('a MusicXML file', () => {
  const linesOf = (brief: Brief) => (brief.material.kind === 'line' ? brief.material.notes : []);

  it('that was written here reads as the same line again', async () => {
    await fc.assert(
      fc.asyncProperty(anyLine, async (brief) => {
        fc.pre(plan(brief).ok);
        const piece = await readPiece(musicXmlText('A line', planBest(brief)));
        assert.ok(piece.ok);
        assert.equal(piece.value.name, 'A line');
        assert.equal(piece.value.brief.instrument.kind, brief.instrument.kind);
        assert.deepEqual(describeNotes(linesOf(piece.value.brief)), describeNotes(linesOf(brief)));
      }),
      { numRuns: 40 },
    );
  });

  it('brings changes of key and meter with it, wherever they stand', async () => {
    const change = fc.record({
      measure: fc.integer({ min: 2, max: 6 }),
      key: fc.option(fc.constantFrom('Eb major', 'A minor', 'F# minor'), { nil: undefined }),
      meter: fc.option(fc.constantFrom(...METERS), { nil: undefined }),
    });
    const changes = fc.uniqueArray(change, { maxLength: 3, selector: ({ measure }) => measure });
    await fc.assert(
      fc.asyncProperty(changes, fc.constantFrom(...METERS), async (all, meter) => {
        const asked = all.toSorted((one, other) => one.measure - other.measure).map((change) => JSON.parse(JSON.stringify(change)));
        const pitches = Array.from({ length: 16 }, (_, order) => ['G3', 'A3', 'B3', 'C4'][order % 4] ?? 'G3');
        const plain = lineBrief('violin', pitches, { rhythm: { meter } });
        const brief: Brief = plain.material.kind === 'line' ? { ...plain, material: { ...plain.material, changes: asked } } : plain;
        const piece = await readPiece(musicXmlText('Changing', planBest(brief)));
        assert.ok(piece.ok);
        assert.deepEqual(linesOf(piece.value.brief), linesOf(brief));
        assert.deepEqual(signatures(piece.value.brief), signatures(brief));
      }),
      { numRuns: 40 },
    );
  });

  it('sets a double bar line where a section in another key begins, and the final one at the end', () => {
    const pitches = Array.from({ length: 12 }, () => 'A3');
    const plain = lineBrief('violin', pitches, { rhythm: { meter: '4/4' } });
    const changes = [
      { measure: 2, key: 'Eb major' },
      { measure: 3, meter: '2/4' as const },
    ];
    const brief: Brief = plain.material.kind === 'line' ? { ...plain, material: { ...plain.material, changes } } : plain;
    const styles = [...musicXmlText('Sections', planBest(brief)).matchAll(/<bar-style>([^<]+)/g)].map(([, style]) => style);
    assert.deepEqual(styles, ['light-light', 'light-heavy']);
  });

  it('holds its elements in the order that its format prescribes', () => {
    const changing = (brief: Brief): Brief =>
      brief.material.kind === 'line'
        ? { ...brief, material: { ...brief.material, changes: [{ measure: 2, key: 'A minor', meter: '3/4' }] } }
        : brief;
    const briefs = [
      ...DEMO_PIECES.map(({ brief }) => brief),
      changing(lineBrief('cello', ['C3', 'D3', 'E3', 'F3', 'E4', 'C5', 'D5', 'E5', 'C2'], { tempo: 60 })),
    ];
    for (const brief of briefs) {
      const tree = xmlTree(musicXmlText('In order', planBest(brief), { inBetweenNotes: true }));
      for (const element of tree.flatMap(everyElement)) {
        const prescribed = ELEMENT_ORDER[element.name];
        if (!prescribed) continue;
        const places = element.children.map(({ name }) => prescribed.indexOf(name));
        assert.ok(!places.includes(-1), `${element.name}: ${element.children.map(({ name }) => name).join()}`);
        assert.deepEqual(
          places,
          places.toSorted((one, other) => one - other),
          element.name,
        );
      }
    }
  });

  it('has the notes that shifts pass where that is wanted: small, in brackets, and left out again on the way in', async () => {
    const brief = lineBrief(
      'violin',
      ['B4', 'C#5', 'D5', 'E5', 'F#5', 'A5'],
      { limits: { strings: ['A4'], openStrings: 'none' } },
      'D major',
    );
    const result = planBest(brief);
    const passed = result.shifts.flatMap(({ guides: [guide] }) => (guide?.inBetween ? [guide.inBetween.written] : []));
    assert.ok(passed.length > 0);
    const xml = musicXmlText('Guides', result, { inBetweenNotes: true });
    assert.equal(xml.match(/parentheses="yes"/g)?.length, passed.length);
    const seen = (await readMusicXml(xml)).map(({ pitch }) => pitch);
    assert.equal(seen.length, 6 + passed.length);
    const piece = await readPiece(xml);
    assert.ok(piece.ok);
    assert.deepEqual(linesOf(piece.value.brief), linesOf(brief));
    assert.doesNotMatch(musicXmlText('Plain', result), /parentheses/);
  });

  it('brings ornaments, grace notes and harmonics with it', async () => {
    const reading = parseLineText('(A4 B4) {D5 E5} C5tr#:1/2 B4mord:1/4 A4upmord A6** D5* r G4', '1/4', 0);
    assert.ok(reading.ok);
    const brief: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', key: 'G major', notes: [...reading.value] } };
    const piece = await readPiece(musicXmlText('Signs', planBest(brief)));
    assert.ok(piece.ok);
    assert.deepEqual(linesOf(piece.value.brief), reading.value);
  });

  it('brings clefs that are set with it, wherever they stand', async () => {
    const clefs = fc.array(fc.record({ note: fc.nat({ max: 11 }), clef: fc.constantFrom(...CLEFS_READ.cello) }), { minLength: 1 });
    const notes = ['C3', 'E3', 'G3', 'C4', 'E4', 'G4', 'A4', 'F4', 'D4', 'B3', 'G3', 'C3'];
    await fc.assert(
      fc.asyncProperty(clefs, async (set) => {
        const marked = set.reduce((brief, { note, clef }) => withMark(brief, note, { clef }), lineBrief('cello', notes));
        const result = planBest(marked);
        const piece = await readPiece(musicXmlText('Clefs', result));
        assert.ok(piece.ok);
        assert.deepEqual(clefsIn(planBest(piece.value.brief)), clefsIn(result));
      }),
      { numRuns: 40 },
    );
  });

  it('brings tuplets, accents, dots, lines and a pick-up with it', async () => {
    const reading = parseLineText('G3:1/8t A3st B3ten> C4>:1/4 D4:1/8t r:1/4t (E4^:1/20 F#4stm G4tenst A4 B4) C5:1/2', '1/4', 0);
    assert.ok(reading.ok);
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', key: 'G major', notes: [...reading.value] },
      rhythm: { noteValue: '1/4', meter: '3/4', pickUp: '1/4' },
    };
    const text = musicXmlText('Before the bar', planBest(brief));
    assert.match(text, /<measure number="0" implicit="yes">/);
    assert.equal(text.match(/<tuplet type="start"/g)?.length, 3);
    const piece = await readPiece(text);
    assert.ok(piece.ok);
    assert.deepEqual(linesOf(piece.value.brief), reading.value);
    assert.equal(piece.value.brief.rhythm?.pickUp, '1/4');
  });

  it('of another kind is refused with a sentence', async () => {
    for (const text of ['<html></html>', '<score-partwise/>', '<<<', '']) {
      const piece = await readPiece(text);
      assert.ok(!piece.ok && /not a MusicXML score/.test(piece.issues[0]?.message ?? ''), text);
    }
  });
});
