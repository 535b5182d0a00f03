import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  countText,
  documentIssue,
  instrumentIssue,
  isAbout,
  type Issue,
  issuesText,
  drillIssue,
  limitIssue,
  lineIssue,
  listText,
  lockIssue,
  nounFor,
  pitchIssue,
  rangeIssue,
} from '#core/messages';

/** The messages of the catalogue, each with values as they come. */
const EVERY_ISSUE: readonly Issue[] = [
  documentIssue('not-json', { detail: 'Unexpected end' }),
  documentIssue('damaged', { kind: 'piece', what: 'it holds no object' }),
  documentIssue('not-matching', { pointer: '/tempo', expected: 'must be at least 20' }),
  documentIssue('newer-version', { version: 7, known: 1 }),
  documentIssue('body-too-large', { limitBytes: 2_000_000 }),
  documentIssue('not-musicxml', {}),
  documentIssue('broken-link', { text: 'abc' }),
  documentIssue('no-such-schema', { name: 'diary', known: ['brief', 'piece'] }),
  instrumentIssue('unknown-size', { kind: 'violin', size: '9/8', known: ['4/4', '3/4'] }),
  instrumentIssue('strings-out-of-order', { above: 'A4', below: 'E5' }),
  instrumentIssue('measurement-beyond-sense', { what: 'The string length', value: 2000, least: 160, most: 370, unit: 'mm' }),
  instrumentIssue('string-beyond-sense', { name: 'C8', kind: 'violin', usual: ['E5', 'A4'] }),
  instrumentIssue('school-of-another', { school: 'thumb', kind: 'violin', known: ['standard'] }),
  instrumentIssue('span-incomplete', { span: '70 mm' }),
  instrumentIssue('hand-spans-nothing', { mm: 0 }),
  instrumentIssue('hand-beyond-sense', { mm: 3, narrowestMm: 20, widestMm: 350 }),
  instrumentIssue('comfort-above-most', { comfortMm: 90, maxMm: 80 }),
  instrumentIssue('fingertips-beyond-sense', { mm: 40 }),
  instrumentIssue('tapes-unreadable', { text: '2.5', most: 24 }),
  instrumentIssue('day-unreadable', { text: 'last week' }),
  instrumentIssue('arm-beyond-sense', { text: '3', least: 100, most: 1000 }),
  drillIssue('no-such-shift', { key: 'D major' }),
  drillIssue('not-here', { key: 'D major' }),
  drillIssue('no-guide', {}),
  limitIssue('unknown-string', { name: 'B3', known: ['E5', 'A4', 'D4', 'G3'] }),
  limitIssue('unknown-position', { label: '19', known: ['1', '2'] }),
  limitIssue('highest-below-string', { pitch: 'C4', string: 'D4' }),
  limitIssue('passage-outside-line', { from: 3, to: 40, count: 15 }),
  limitIssue('excluded-by-one', { pitch: 'C6', wish: null, limit: 'positions allowed', need: 'fifth position on the E string' }),
  limitIssue('excluded-by-several', { pitch: 'C6', wish: 'with finger 1', limits: ['positions allowed', 'fingers allowed'] }),
  limitIssue('beyond-reach', { pitch: 'F♯2', needMm: 123, maxMm: 100, assumed: false }),
  limitIssue('pattern-needs-scale', { kind: 'line' }),
  limitIssue('no-way-at-all', { notes: 12 }),
  limitIssue('no-way-with-shifts', { shifts: 9, counts: [1, 2] }),
  limitIssue('no-way-with-shifts', { shifts: 1, counts: [] }),
  limitIssue('weight-out-of-range', { name: 'shift', value: -1, least: 0, most: 10_000 }),
  limitIssue('weight-of-other-shape', { name: 'finger', values: 5 }),
  lineIssue('empty', {}),
  lineIssue('only-rests', { count: 1 }),
  lineIssue('too-long', { count: 10_001, most: 10_000 }),
  lineIssue('duration-not-writable', { duration: '5/7' }),
  lineIssue('not-a-note', { word: 'H3' }),
  lineIssue('bracket-alone', { bracket: '(', partner: ')' }),
  lineIssue('too-many-at-once', { chord: 'G3+D4+B4+G5' }),
  lineIssue('bracket-alone', { bracket: '{', partner: '}' }),
  lineIssue('grace-alone', {}),
  lineIssue('ornament-on-one', {}),
  lineIssue('ornament-too-far', { pitch: 'B4', other: 'C♭5' }),
  lineIssue('tie-to-other-pitch', { from: 'A4', to: 'B4' }),
  lockIssue('outside-line', { note: 40, count: 8 }),
  lockIssue('on-rest', { note: 3 }),
  lockIssue('contradict', { note: 3 }),
  lockIssue('below-string', { pitch: 'A3', string: 'D' }),
  lockIssue('not-open', { pitch: 'B4', strings: ['E', 'A'] }),
  lockIssue('behind-nut', { pitch: 'A4', finger: '4', string: 'A' }),
  lockIssue('out-of-reach', { pitch: 'A6', finger: null, string: 'G' }),
  lockIssue('out-of-reach', { pitch: 'A6', finger: '1', string: null }),
  lockIssue('finger-not-in-school', { finger: 'T', pitch: 'A4' }),
  lockIssue('not-a-finger', { word: '7' }),
  lockIssue('too-many-fingers', { fingers: 9, notes: 8 }),
  pitchIssue('not-a-pitch', { text: 'H4' }),
  pitchIssue('needs-octave', { text: 'Eb' }),
  pitchIssue('not-a-key', { text: 'H major' }),
  pitchIssue('key-too-far', { tonic: 'G♯', type: 'major', nearer: 'A♭' }),
  pitchIssue('key-too-far', { tonic: 'G♯', type: 'major', nearer: null }),
  rangeIssue('below-strings', { pitch: 'E3', count: 2, lowest: 'G3', kind: 'violin', octavesUp: 1 }),
  rangeIssue('above-school', { pitch: 'B5', highest: 'F♯5', kind: 'cello', octavesDown: 0 }),
  rangeIssue('above-school', { pitch: 'B5', highest: 'F♯5', kind: 'cello', octavesDown: 2 }),
  rangeIssue('no-stopped-harmonic', { pitch: 'G5', thumb: false }),
  rangeIssue('no-harmonic', { pitch: 'C♯4' }),
  rangeIssue('no-chord', { low: 'G3', middle: 'B3', high: 'D4' }),
  rangeIssue('needs-thumb', { low: 'C3', high: 'C4' }),
  rangeIssue('below-thumb', { low: 'A2', high: 'A3' }),
  rangeIssue('double-stop-skips', { low: 'G3', high: 'E5' }),
  rangeIssue('no-double-stop', { low: 'G3', high: 'A3' }),
];

describe('every message', () => {
  it('says in whole sentences what is wrong and what would help', () => {
    for (const { code, message, hint } of EVERY_ISSUE) {
      assert.match(message, /^[A-Z0-9“(/].*[.]$/s, code);
      assert.match(hint, /^[A-Z0-9“].*[.]$/s, code);
      assert.doesNotMatch(`${message} ${hint}`, /undefined|null|NaN|\[object|\s{2}/, code);
    }
  });

  it('names its subject and itself, what was expected and what came', () => {
    for (const { code, expected, came, where } of EVERY_ISSUE) {
      assert.match(code, /^(document|drill|instrument|limit|line|lock|pitch|range)\/[a-z-]+$/);
      assert.ok(expected.length > 0 && came.length > 0, code);
      assert.deepEqual(where, {}, code);
    }
  });

  it('keeps the place it is given', () => {
    const issue = pitchIssue('not-a-pitch', { text: 'H4' }, { note: 3, pointer: '/material/notes/3/pitches/0' });
    assert.deepEqual(issue.where, { note: 3, pointer: '/material/notes/3/pitches/0' });
  });

  it('is asked for by its subject', () => {
    const issue = lockIssue('on-rest', { note: 3 });
    assert.deepEqual([isAbout(issue, 'lock'), isAbout(issue, 'line', 'limit'), isAbout(issue, 'lo')], [true, false, false]);
  });
});

describe('several issues', () => {
  it('are told one after the other, each with its hint', () => {
    const text = issuesText([lineIssue('empty', {}), pitchIssue('not-a-pitch', { text: 'H4' })]);
    assert.match(text, /^[^.]+\. .*H4/);
    assert.equal(issuesText([]), '');
  });
});

describe('a number with its noun', () => {
  it('has the singular for one alone', () => {
    assert.deepEqual(
      [0, 1, 2, 21].map((count) => countText(count, 'shift', 'shifts')),
      ['0 shifts', '1 shift', '2 shifts', '21 shifts'],
    );
    assert.equal(nounFor(1, 'note', 'notes'), 'note');
    assert.equal(listText(['a', 'b', 'c']), 'a, b and c');
  });
});
