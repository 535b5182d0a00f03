import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS, withHead, type Piece } from '#core/documents';
import { parseLineText } from '#core/material/typed';

/** The tags by which this studio sorts its pieces, by words of their names and of their players’. */
const TAGS: readonly (readonly [string, readonly string[]])[] = [
  ['scales', ['major', 'minor']],
  ['shifting', ['three octaves', 'first shifts', 'four octaves', 'up and down']],
  ['Tuesday class', ['Merle', 'Plover']],
];

/** The fingers in Robin's copy of the line: third position from the third measure on, in the end by way of fourth. */
const EVENING_FINGERS: NonNullable<Brief['given']> = [
  { note: 0, finger: '1' },
  { note: 1, finger: '4' },
  { note: 4, finger: '3' },
  { note: 8, finger: '1', position: '3' },
  { note: 11, finger: '1' },
  { note: 12, finger: '4' },
  { note: 14, finger: '2' },
  { note: 17, finger: '4' },
  { note: 19, finger: '4', position: '4' },
  { note: 22, finger: '1', alternate: '2' },
  { note: 25, finger: '2' },
];

/**
 * The pupils' pieces of a made-up studio: all four instruments, flats and sharps, a small violin, a small hand, a way down, a chord, a
 * line with the fingers of its copy, double stops, the thumb.
 */
export const DEMO_PIECES: readonly Piece[] = [
  demo('A♭ major in three octaves', {
    instrument: { kind: 'violin', size: '3/4' },
    player: { name: 'Wren', hand: { firstToFourth: { comfortMm: 75, maxMm: 88 }, fingerDistanceMm: 9 } },
    material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 3, direction: 'up' },
    rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 2 },
    tempo: 72,
  }),
  demo('E♭ major, open strings covered', {
    instrument: { kind: 'viola', size: '15.5"' },
    player: { name: 'Linnet' },
    material: { kind: 'scale', type: 'major', tonic: 'Eb3', octaves: 2, direction: 'up-down' },
    rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 4 },
    tempo: 66,
    limits: { positions: ['1'], openStrings: 'avoid' },
  }),
  demo('B♭ major, up and down', {
    instrument: { kind: 'cello', size: '4/4', stringLengthMm: 692 },
    player: { name: 'Martin' },
    material: { kind: 'scale', type: 'major', tonic: 'Bb2', octaves: 2, direction: 'up-down' },
    rhythm: { noteValue: '1/8', meter: '3/4', notesPerBow: 3 },
    tempo: 60,
  }),
  demo('F major, first shifts', {
    instrument: { kind: 'bass', size: '3/4' },
    player: { name: 'Merle' },
    material: { kind: 'scale', type: 'major', tonic: 'F1', octaves: 2, direction: 'up' },
    rhythm: { noteValue: '1/4', meter: '4/4', notesPerBow: 1 },
    tempo: 80,
  }),
  demo('C minor, the way down', {
    instrument: { kind: 'violin', size: '3/4' },
    player: { name: 'Wren', hand: { firstToFourth: { comfortMm: 75, maxMm: 88 }, fingerDistanceMm: 9 } },
    material: { kind: 'scale', type: 'melodic-minor', tonic: 'C4', octaves: 2, direction: 'down' },
    rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 4 },
    tempo: 63,
    limits: { positions: ['1', '2', '3'] },
  }),
  demo('D minor arpeggio', {
    instrument: { kind: 'cello', size: '7/8' },
    player: { name: 'Martin' },
    material: { kind: 'arpeggio', type: 'minor', tonic: 'D2', octaves: 3, direction: 'up-down' },
    rhythm: { noteValue: '1/8', meter: '6/8', notesPerBow: 3 },
    tempo: 72,
  }),
  demoLine(
    'Evening line',
    {
      instrument: { kind: 'violin', size: '4/4' },
      player: { name: 'Robin', hand: { preset: 'average' } },
      rhythm: { noteValue: '1/8', meter: '3/4' },
      tempo: 76,
      given: EVENING_FINGERS,
    },
    'Eb major',
    'Bb4:1/4 (Eb5:1/8 F5) G5:1/4 | (Ab5 G5:1/8 F5) Eb5:1/4 | (D5:1/8 Eb5 F5 Ab5 G5 F5) | Bb5:1/4. A5:1/8 Ab5:1/4 | (G5:1/8 Bb5 Eb6 D6 C6 Bb5) | Ab5:1/4 r F5 | Eb5:3/4',
  ),
  demo('A minor in first position', {
    instrument: { kind: 'bass', size: '3/4' },
    player: { name: 'Merle' },
    material: { kind: 'scale', type: 'natural-minor', tonic: 'A1', octaves: 1, direction: 'up-down' },
    rhythm: { noteValue: '1/4', meter: '4/4', notesPerBow: 2 },
    tempo: 69,
    limits: { openStrings: 'prefer' },
    ways: { fingers: 'lifted' },
  }),
  demo('C major in four octaves, thumb position', {
    instrument: { kind: 'cello', size: '4/4', stringLengthMm: 692 },
    player: { name: 'Martin', school: 'thumb', hand: { preset: 'average' } },
    material: { kind: 'scale', type: 'major', tonic: 'C2', octaves: 4, direction: 'up' },
    rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 4 },
    tempo: 66,
  }),
  demo('A major in sixths', {
    instrument: { kind: 'violin', size: '4/4' },
    player: { name: 'Robin', hand: { preset: 'average' } },
    material: { kind: 'double-stops', interval: 'sixths', type: 'major', tonic: 'A3', octaves: 1, direction: 'up-down' },
    rhythm: { noteValue: '1/4', meter: '4/4', notesPerBow: 2 },
    tempo: 60,
  }),
  demo('D major for a small hand', {
    instrument: { kind: 'cello', size: '3/4', tapes: [2, 3, 4, 5] },
    player: {
      name: 'Plover',
      hand: { firstToFourth: { comfortMm: 88, maxMm: 114 }, firstToSecond: { comfortMm: 52, maxMm: 66 }, fingerDistanceMm: 9 },
    },
    material: { kind: 'scale', type: 'major', tonic: 'D2', octaves: 2, direction: 'up-down' },
    rhythm: { noteValue: '1/4', meter: '4/4', notesPerBow: 1 },
    tempo: 72,
    purpose: 'training',
    preferences: { 'no-extensions': 0.35 },
  }),
];

function demo(name: string, brief: Brief): Piece {
  const said = `${name} ${brief.player?.name ?? ''}`;
  const tags = TAGS.flatMap(([tag, words]) => (words.some((word) => said.includes(word)) ? [tag] : []));
  return withHead(DOCUMENT_KINDS.piece, { name, brief, ...(tags.length === 0 ? {} : { tags }) });
}

/**
 * Makes a piece of the demo from a line as it would be typed.
 *
 * @throws for a line that does not read
 */
function demoLine(name: string, brief: Omit<Brief, 'material'>, key: string, text: string): Piece {
  const notes = parseLineText(text, brief.rhythm?.noteValue ?? '1/4', 0);
  if (!notes.ok) throw new Error(`The demo line “${name}” does not read`);
  return { ...demo(name, { ...brief, material: { kind: 'line', key, notes: [...notes.value] } }), lineText: text };
}
