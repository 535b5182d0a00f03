import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { foreignPiece } from '#core/format/foreign';
import { plan } from '#core/plan';
import { readScore } from '../../../../src/files/foreign/read-score.ts';
import { firstChoice } from '../../../../src/files/foreign/score-piece.ts';
import { musicXmlText } from '../../../../src/files/musicxml.ts';
import { lineBrief, planBest } from '../../../support/briefs.ts';

/** Writes a note in quarters with signs at it, after the words that stand over it. */
function note(pitch: string, technical = '', words = ''): string {
  const [, step = 'C', sign = '', octave = '4'] = /^([A-G])([#b]?)(\d)$/.exec(pitch) ?? [];
  const alter = { '#': '<alter>1</alter>', b: '<alter>-1</alter>' }[sign] ?? '';
  const direction = words === '' ? '' : `<direction><direction-type><words>${words}</words></direction-type></direction>`;
  const signs = technical === '' ? '' : `<notations><technical>${technical}</technical></notations>`;
  return `${direction}<note><pitch><step>${step}</step>${alter}<octave>${octave}</octave></pitch><duration>1</duration><voice>1</voice><type>quarter</type>${signs}</note>`;
}

/** Reads some notes of a part as a brief that carries its fingering. */
async function briefOf(part: string, content: string): Promise<Brief> {
  const text = `<score-partwise version="4.0"><part-list><score-part id="P1"><part-name>${part}</part-name></score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions><key><fifths>0</fifths></key><time><beats>4</beats><beat-type>4</beat-type></time></attributes>${content}</measure></part></score-partwise>`;
  const score = await readScore(new TextEncoder().encode(text));
  assert.ok(score.ok);
  const piece = foreignPiece(score.value.score, { ...firstChoice(score.value.score), fingerings: 'compared' });
  assert.ok(piece.ok);
  return piece.value.brief;
}

describe('the fingering that is written in a score', () => {
  it('has thumb, open string, a finger left to the player, and one that takes the note over', async () => {
    const { given } = await briefOf(
      'Violoncello',
      [
        note('A4', '<thumb-position/>'),
        note('D3', '<open-string/>'),
        note('E3', '<fingering>1</fingering><fingering alternate="yes">4</fingering>'),
        note('F3', '<fingering>4</fingering><fingering substitution="yes">2</fingering>'),
      ].join(''),
    );
    assert.deepEqual(given, [
      { note: 0, finger: 'T' },
      { note: 1, finger: '0' },
      { note: 2, finger: '1', alternate: '4' },
      { note: 3, finger: '4', takenOverBy: '2' },
    ]);
  });

  it('has the same where all of it stands in one text, and nothing where the text is something else', async () => {
    const { given } = await briefOf(
      'Violin',
      ['4-2', '3 (2)', 'o', '12']
        .map((text, index) => note(['B4', 'C5', 'D5', 'E5'][index] ?? 'A4', `<fingering>${text}</fingering>`))
        .join(''),
    );
    assert.deepEqual(given, [
      { note: 0, finger: '4', takenOverBy: '2' },
      { note: 1, finger: '3', alternate: '2' },
      { note: 2, finger: '0' },
    ]);
  });

  it('has positions and strings in words, as the players of the instrument name them', async () => {
    const violin = await briefOf(
      'Violin',
      [
        note('D5', '<fingering>1</fingering>', '3rd pos.'),
        note('E5', '', 'sul G'),
        note('F5', '', 'half position'),
        note('G5', '', 'II'),
      ].join(''),
    );
    assert.deepEqual(violin.given, [
      { note: 0, finger: '1', position: '3' },
      { note: 1, string: 'G3' },
      { note: 2, position: 'half' },
      { note: 3, string: 'A4' },
    ]);
    const bass = await briefOf(
      'Double bass',
      [note('D3', '', 'II–III pos.'), note('E3', '', 'third position'), note('G3', '', 'dolce')].join(''),
    );
    assert.deepEqual(bass.given, [
      { note: 0, position: 'II-III' },
      { note: 1, position: 'III' },
    ]);
  });

  it('counts other words as left out, and not those that name a position', async () => {
    const text = `<score-partwise><part-list><score-part id="P1"><part-name>Violin</part-name></score-part></part-list><part id="P1"><measure number="1">${note('A4', '', 'dolce')}${note('B4', '', '3rd position')}</measure></part></score-partwise>`;
    const score = await readScore(new TextEncoder().encode(text));
    assert.ok(score.ok);
    const piece = foreignPiece(score.value.score, firstChoice(score.value.score));
    assert.deepEqual(piece.ok && piece.value.leftOut, [{ what: 'words', count: 1 }]);
  });
});

describe('a score for strings that are tuned otherwise', () => {
  const scordatura =
    '<direction><direction-type><scordatura><accord string="4"><tuning-step>A</tuning-step><tuning-octave>3</tuning-octave></accord></scordatura></direction-type></direction>';

  it('is written as it is fingered, and sounds as it is tuned: on the string that is written, or the one a player would take', async () => {
    const brief = await briefOf(
      'Violin',
      `${scordatura}${note('A3', '<fingering>1</fingering>')}${note('D4', '<string>4</string>')}${note('D4')}${note('E4')}`,
    );
    assert.deepEqual(brief.instrument, { kind: 'violin', tuning: ['E5', 'A4', 'D4', 'A3'] });
    assert.ok(brief.material.kind === 'line');
    assert.deepEqual(
      brief.material.notes.map((element) => ('pitches' in element ? element.pitches.join('+') : 'r')),
      ['B3', 'E4', 'D4', 'E4'],
    );
  });

  it('goes out and comes in again as it sounds, of five strings too', async () => {
    for (const tuning of [
      ['E5', 'A4', 'D4', 'A3'],
      ['E5', 'A4', 'D4', 'G3', 'C3'],
    ]) {
      const brief = lineBrief('violin', ['B3', 'C4', 'E4', 'A4', 'B4'], { instrument: { kind: 'violin', tuning } });
      const outcome = plan(brief);
      assert.ok(outcome.ok);
      const score = await readScore(new TextEncoder().encode(musicXmlText('A piece', outcome.value.best)));
      assert.ok(score.ok);
      const piece = foreignPiece(score.value.score, firstChoice(score.value.score));
      assert.ok(piece.ok);
      assert.deepEqual(piece.value.brief.instrument.tuning, tuning);
      const sounds = (line: Brief): readonly string[] =>
        planBest(line).notes.flatMap((sound) => (sound.kind === 'note' ? sound.stops[0].pitch : []));
      assert.deepEqual(sounds(piece.value.brief), sounds(brief));
    }
  });
});
