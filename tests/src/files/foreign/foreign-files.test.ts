import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { strToU8, zipSync } from 'fflate';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import {
  allOf,
  fits,
  type ForeignPiece,
  foreignPiece,
  type ForeignScore,
  type ImportChoice,
  rangeOf,
  voicesOf,
} from '#core/format/foreign';
import { looksLikeScore, readScore } from '../../../../src/files/foreign/read-score.ts';
import { firstChoice, scorePiece } from '../../../../src/files/foreign/score-piece.ts';
import { type ExpectedReading, READINGS } from './readings.ts';

const FOLDER = 'tests/src/files/foreign';

async function scoreOf(name: string): Promise<ForeignScore> {
  const score = await readScore(readFileSync(`${FOLDER}/${name}.musicxml`));
  assert.ok(score.ok, name);
  return score.value.score;
}

function piece(score: ForeignScore, change: Partial<ImportChoice> = {}): ForeignPiece {
  const reading = foreignPiece(score, { ...firstChoice(score), ...change });
  assert.ok(reading.ok, JSON.stringify(reading));
  return reading.value;
}

/** Writes a brief in the words of the table; usual values are left out. */
function describePiece({ brief, leftOut }: ForeignPiece): ExpectedReading {
  const { material, rhythm, instrument, tempo, locks = [], marks = [] } = brief;
  const meter = `${rhythm?.meter ?? ''}${rhythm?.pickUp === undefined ? '' : ` after ${rhythm.pickUp}`}`;
  const all = {
    kind: instrument.kind,
    key: material.kind === 'line' ? material.key : '',
    changes: changesTold(brief),
    meter,
    tempo,
    leftOut: leftOut.map(({ what, count }) => `${what} ${count}`).join(', '),
    locks: locks.map(({ note, finger = '', string }) => `${note}:${finger}${string === undefined ? '' : ` on ${string}`}`).join(', '),
    clefs: marks.flatMap(({ note, clef }) => (clef ? [`${note} ${clef}`] : [])).join(', '),
  };
  const usual: readonly unknown[] = ['violin', 'C major', '4/4', '', undefined];
  return { line: lineTextOf(brief) ?? '', ...Object.fromEntries(Object.entries(all).filter(([, value]) => !usual.includes(value))) };
}

function changesTold({ material }: Brief): string {
  const changes = material.kind === 'line' ? (material.changes ?? []) : [];
  return changes.map(({ measure, key, meter }) => `${measure}: ${[key, meter].filter(Boolean).join(' ')}`).join(', ');
}

describe('MusicXML from elsewhere', () => {
  const names = readdirSync(FOLDER).flatMap((file) => (file.endsWith('.musicxml') ? [file.replace('.musicxml', '')] : []));

  it('is read as expected, file by file', async () => {
    assert.ok(names.length >= 25);
    assert.deepEqual(names.toSorted(), Object.keys(READINGS).toSorted());
    for (const name of names) assert.deepEqual(describePiece(piece(await scoreOf(name))), READINGS[name], name);
  });

  it('is a piece with its title, its signs read, or the name of the file', async () => {
    const titled = await scoreOf('signs-in-the-title');
    const reading = await scorePiece(titled, firstChoice(titled), 'file');
    assert.ok(reading.ok);
    assert.equal(reading.value.piece.name, 'Air & <Gigue> for Été "1"');
    const untitled = await scoreOf('chords');
    const named = await scorePiece(untitled, firstChoice(untitled), 'From a file');
    assert.ok(named.ok && named.value.piece.name === 'From a file');
  });

  it('gives its other voices, staves, parts and measures on asking', async () => {
    const voices = await scoreOf('two-voices');
    assert.deepEqual(describePiece(piece(voices, { voice: '2' })), { line: 'D4:1/2 G4', leftOut: 'voices 1' });
    const staves = await scoreOf('two-staves');
    assert.deepEqual(voicesOf(staves.parts[0] ?? { name: '', kind: 'violin', retuned: new Map(), measures: [] }), [
      { voice: '1', notes: 4 },
      { voice: '2/1', notes: 2 },
    ]);
    assert.equal(describePiece(piece(staves, { voice: '2/1', kind: 'cello' })).line, 'C3:1/2 G3');
    const parts = await scoreOf('timewise');
    assert.equal(describePiece(piece(parts, { ...allOf(parts, 1), kind: 'cello' })).line, 'C3:1/1 G2');
    const some = piece(parts, { measures: { from: 1, to: 1 } });
    assert.deepEqual(describePiece(some), { line: 'A4:1/1', leftOut: 'parts 1, measures 1' });
  });

  it('writes repeats out, with their endings, where that is wanted', async () => {
    const line = (name: string): Promise<string> =>
      scoreOf(name).then((score) => describePiece(piece(score, { writeOutRepeats: true })).line);
    assert.equal(await line('repeats-with-endings'), 'C4:1/1 D4 E4 D4 F4 G4');
    assert.equal(await line('measure-in-two-halves'), 'D4:1/4 E4 F4 G4 A4:1/2 D4:1/4 E4 F4 G4 A4:1/2 B4 C5:1/1');
  });

  it('leaves the fingerings where they are not wanted, and says so', async () => {
    const score = await scoreOf('fingers-and-strings');
    const { brief, leftOut } = piece(score, { fingerings: 'left-out' });
    assert.equal(brief.locks, undefined);
    assert.deepEqual(brief.marks, [{ note: 3, bow: 'up' }] satisfies Brief['marks']);
    assert.deepEqual(leftOut, [{ what: 'fingerings', count: 4 }]);
    // Fingerings for a cello mean nothing on a viola, nor an octave away.
    for (const change of [{ kind: 'viola' }, { octaves: 1 }] as const) {
      const moved = piece(score, change);
      assert.equal(moved.brief.locks, undefined);
      assert.deepEqual(moved.leftOut, [{ what: 'fingerings', count: 4 }]);
    }
  });

  it('keeps its clefs on its own instrument at pitch, and says so where it does not', async () => {
    const score = await scoreOf('clef-in-the-middle');
    for (const change of [{ kind: 'viola' }, { octaves: -1 }] as const) {
      const moved = piece(score, change);
      assert.equal(moved.brief.marks, undefined);
      assert.deepEqual(moved.leftOut, [{ what: 'clefs', count: 1 }]);
    }
  });

  it('is moved by octaves to where it lies on an instrument, the nearest first', async () => {
    const cello = await scoreOf('clef-in-the-middle');
    const range = rangeOf(cello, firstChoice(cello));
    assert.deepEqual(range, [36, 55]);
    assert.deepEqual(fits(range ?? [0, 0], ['violin', 'viola', 'cello', 'bass']), [
      { kind: 'viola', octaves: 0 },
      { kind: 'cello', octaves: 0 },
      { kind: 'bass', octaves: 0 },
      { kind: 'violin', octaves: 1 },
    ]);
    assert.equal(describePiece(piece(cello, { kind: 'viola', octaves: 1 })).line, 'C4:1/4 G4 E5 G5');
  });

  it('comes in UTF-16, in Latin 1 and compressed as well', async () => {
    const text = readFileSync(`${FOLDER}/chords.musicxml`, 'utf8');
    const inUtf16 = new Uint8Array(Buffer.from(`\uFEFF${text.replace('UTF-8', 'UTF-16')}`, 'utf16le'));
    const inLatin = new Uint8Array(Buffer.from(text.replace('UTF-8', 'ISO-8859-1').replace('>Violin<', '>Geige für Jörg<'), 'latin1'));
    const container = '<container><rootfiles><rootfile full-path="deep/score.xml"/></rootfiles></container>';
    const files = { 'META-INF/container.xml': strToU8(container), 'cover.xml': strToU8('<cover/>'), 'deep/score.xml': strToU8(text) };
    const packed = zipSync(files);
    const withoutContainer = zipSync({ 'score.musicxml': strToU8(text) });
    for (const bytes of [inUtf16, inLatin, packed, withoutContainer]) {
      assert.ok(looksLikeScore(bytes));
      const score = await readScore(bytes);
      assert.ok(score.ok);
      assert.equal(describePiece(piece(score.value.score)).line, READINGS['chords']?.line);
      if (bytes === inLatin) assert.equal(score.value.score.parts[0]?.name, 'Geige für Jörg');
    }
  });
});
