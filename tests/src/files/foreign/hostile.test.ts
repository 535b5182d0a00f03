import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { deflateRawSync } from 'node:zlib';
import { strToU8, zipSync } from 'fflate';
import { readScore } from '../../../../src/files/foreign/read-score.ts';
import { firstChoice, scorePiece } from '../../../../src/files/foreign/score-piece.ts';

/** Makes a score of one note, with something before and in it. */
function score({ head = '', title = 'T', note = '' } = {}): string {
  return `<?xml version="1.0"?>${head}<score-partwise><work><work-title>${title}</work-title></work><part-list/><part id="P1"><measure number="1"><note><pitch><step>D</step><octave>4</octave></pitch><duration>4</duration>${note}</note></measure></part></score-partwise>`;
}

/** Gives the outcome of a file: the name of its piece, or the sentence that refuses it. */
async function outcome(bytes: Uint8Array | string): Promise<string> {
  const reading = await readScore(typeof bytes === 'string' ? strToU8(bytes) : bytes);
  if (!reading.ok) return reading.issues[0]?.message ?? '';
  const piece = await scorePiece(reading.value.score, firstChoice(reading.value.score), 'file');
  return piece.ok ? piece.value.piece.name : (piece.issues[0]?.message ?? '');
}

/** Makes an archive of one deflated file that states its own size. */
function zipOf(name: string, deflated: Uint8Array, size: number): Uint8Array {
  const numbers = (...values: readonly (readonly [value: number, bytes: 2 | 4])[]): Buffer =>
    Buffer.concat(
      values.map(([value, bytes]) => {
        const field = Buffer.alloc(bytes);
        field.writeUIntLE(value, 0, bytes);
        return field;
      }),
    );
  const sizes = [
    [0, 4],
    [deflated.length, 4],
    [size, 4],
    [name.length, 2],
    [0, 2],
  ] as const;
  const local = Buffer.concat([numbers([0x04034b50, 4], [20, 2], [0, 2], [8, 2], [0, 4], ...sizes), Buffer.from(name), deflated]);
  const central = Buffer.concat([
    numbers([0x02014b50, 4], [20, 2], [20, 2], [0, 2], [8, 2], [0, 4], ...sizes, [0, 2], [0, 2], [0, 2], [0, 4], [0, 4]),
    Buffer.from(name),
  ]);
  const end = numbers([0x06054b50, 4], [0, 2], [0, 2], [1, 2], [1, 2], [central.length, 4], [local.length, 4], [0, 2]);
  return new Uint8Array(Buffer.concat([local, central, end]));
}

const TOO_LARGE = 'This score is too large to be read.';
const NO_SCORE = 'There is no MusicXML score in this compressed file, or it is damaged.';

describe('a hostile file', () => {
  it('cannot make the reader expand entities, its own or those of other files', async () => {
    const nested = [
      '<!ENTITY a0 "ha">',
      ...Array.from({ length: 30 }, (_, level) => `<!ENTITY a${level + 1} "&a${level};&a${level};">`),
    ].join('');
    const laughs = await outcome(score({ head: `<!DOCTYPE s [${nested}]>`, title: '&a30;' }));
    assert.ok(laughs === '&a30;' || laughs === 'This file is not a MusicXML score.', laughs);
    const outside = await outcome(score({ head: '<!DOCTYPE s [<!ENTITY x SYSTEM "file:///etc/passwd">]>', title: '&x;' }));
    assert.ok(outside === '&x;' || outside === 'This file is not a MusicXML score.', outside);
  });

  it('of a million measures, or endless text, is refused before it is read', async () => {
    assert.equal(await outcome(`<score-partwise><part>${'<measure/>'.repeat(1_000_000)}</part></score-partwise>`), TOO_LARGE);
    assert.equal(await outcome(`<score-partwise>${'<a/>'.repeat(700_000)}</score-partwise>`), TOO_LARGE);
    assert.equal(await outcome(`<score-partwise>${'<a>'.repeat(100_000)}`), 'This file is not a MusicXML score.');
  });

  it('that unpacks to 200 MB is refused by what it says of itself, and never unpacked', async () => {
    const bomb = zipOf('score.musicxml', deflateRawSync(new Uint8Array(200_000_000)), 200_000_000);
    const before = process.memoryUsage().arrayBuffers;
    assert.equal(await outcome(bomb), TOO_LARGE);
    assert.ok(process.memoryUsage().arrayBuffers - before < 20_000_000);
    // A file that lies about its size is cut to what it said: an empty score is none.
    const lying = zipOf('score.musicxml', deflateRawSync(new Uint8Array(200_000_000)), 100);
    assert.equal(await outcome(lying), 'This file is not a MusicXML score.');
  });

  it('with paths in its archive writes nothing and reads only what its container names', async () => {
    const climbing = zipSync({ '../../etc/score.musicxml': strToU8(score()), '/abs.musicxml': strToU8(score()) });
    assert.equal(await outcome(climbing), NO_SCORE);
    const container = '<container><rootfiles><rootfile full-path="../../../etc/passwd"/></rootfiles></container>';
    assert.equal(await outcome(zipSync({ 'META-INF/container.xml': strToU8(container), 'a.xml': strToU8(score()) })), NO_SCORE);
    assert.equal(await outcome(zipSync({ 'picture.png': new Uint8Array(10) })), NO_SCORE);
    assert.equal(await outcome(zipSync({ 'a.xml': strToU8(score()) }).slice(0, 60)), NO_SCORE);
  });

  it('with scripts in its title is a piece of that name', async () => {
    assert.equal(await outcome(score({ title: '&lt;script&gt;alert(1)&lt;/script&gt;' })), '<script>alert(1)</script>');
    assert.equal(await outcome(score({ title: '<script>alert(1)</script>' })), 'file');
  });

  it('with absurd numbers is read as far as there is sense in it, or refused', async () => {
    for (const duration of ['0', '-4', '1e99', '1e308', 'NaN', '0.0000001', '999999999']) {
      const said = await outcome(score().replace('<duration>4<', `<duration>${duration}<`));
      assert.ok(said === 'T' || said.endsWith('.'), `${duration}: ${said}`);
    }
    for (const divisions of ['0', '-1', '0.00001', '1e308', '7919', 'x']) {
      const said = await outcome(score().replace('<note>', `<attributes><divisions>${divisions}</divisions></attributes><note>`));
      assert.ok(said === 'T' || said.endsWith('.'), `${divisions}: ${said}`);
    }
    for (const octave of ['99', '-3', 'x']) {
      const said = await outcome(score().replace('<octave>4<', `<octave>${octave}<`));
      assert.ok(said.endsWith('.'), `${octave}: ${said}`);
    }
    const repeats = '<barline><repeat direction="backward" times="1000000"/></barline>';
    assert.equal(await outcome(score().replace('</note>', `</note>${repeats}`)), 'T');
  });

  it('as MIDI, damaged or endless, is refused', async () => {
    assert.equal(await outcome('MThd'), 'This MIDI file cannot be read.');
    assert.equal(await outcome(`MThd\0\0\0\x06\0\x01\0\x01\0\x60MTrk\xff\xff\xff\xff`), 'This MIDI file cannot be read.');
  });
});
