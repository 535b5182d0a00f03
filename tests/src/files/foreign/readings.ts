/** The expected reading of a foreign score, when nothing is chosen: all of the first part that sounds. */
export interface ExpectedReading {
  /** The line as it would be typed. */
  readonly line: string;
  readonly kind?: 'viola' | 'cello' | 'bass';
  readonly key?: string;
  /** The key and meter from measures on: "2: C major 3/4". */
  readonly changes?: string;
  /** The meter, with what comes before the first bar line: "3/4". */
  readonly meter?: string;
  readonly tempo?: number;
  /** The things left out, with their numbers. */
  readonly leftOut?: string;
  /** The fingers and strings as locks: "1:2 on D3". */
  readonly locks?: string;
  /** The clefs that are set at notes: "2 tenor". */
  readonly clefs?: string;
}

/** The readings by the name of the file. */
export const READINGS: Readonly<Record<string, ExpectedReading>> = {
  'articulations-and-accents': { line: 'D4stm^:1/4 E4tenst F4ten> G4st', leftOut: 'articulations 1' },
  'bass-transposed': { line: 'E2:1/4 A2 D3 G3', kind: 'bass' },
  'bass-untold': { line: 'E2:1/4 A2 D3 G3', kind: 'bass' },
  chords: { line: 'D4+B4:1/4 G3+D4+B4 A4+E5:1/2' },
  'clef-in-the-middle': { line: 'C3:1/4 G3 E4 G4', kind: 'cello', clefs: '0 bass, 2 tenor' },
  'clefs-at-the-bar': { line: 'C3:1/2 G3 E4 G4 D4:1/1', kind: 'cello', clefs: '0 bass, 2 treble', leftOut: 'clefs 1' },
  'cue-notes': { line: 'r:1/2 D4:1/4 E4', leftOut: 'cue-notes 1' },
  'decimal-durations': { line: 'D4 E4 F4:1/4 r:1/2' },
  doctype: { line: 'G3:1/4 A3 B3 C4' },
  'fingers-and-strings': { line: 'D3:1/4 E3 G3 A3', kind: 'cello', locks: '0:0, 1:1 on D3, 2:4, 3: on D3' },
  'five-four-and-open-key': { line: 'D4:1/4 E4 F4 G4 A4', meter: '5/4', leftOut: 'unusual-key 1' },
  'forward-gap': { line: 'D4:1/4 r:1/2 G4:1/4 A4:1/1' },
  'grace-notes': { line: '{C5 D5} E5:1/2 G4:1/4 r', leftOut: 'grace-notes 1' },
  'harmonics-and-ornaments': { line: 'D5*:1/4 A6** B4tr# C5', leftOut: 'ornaments 1' },
  jumps: { line: 'D4:1/1 E4', leftOut: 'jumps 1, words 1' },
  'key-and-meter-change': { line: 'C4:1/4 D4 Eb4 F4 G4 A4 B4 C5:3/4', key: 'C minor', changes: '2: C major 3/4' },
  'measure-in-two-halves': { line: 'D4:1/4 E4 F4 G4 A4:1/2 B4 C5:1/1', leftOut: 'repeats 1' },
  'metronome-alone': { line: 'D4 E4 F4 G4 A4 B4', meter: '6/8', tempo: 90 },
  'missing-voices': { line: 'D4:1/4 E4 F4 G4 A4 G4 F4 E4' },
  'multi-rests': { line: 'D4:1/4 E4 F4 G4 r:2/1 D4:1/1' },
  namespaces: { line: 'G3:1/4 A3 B3 C4' },
  'odd-divisions': { line: 'D4:1/4 E4:1/8 F4 G4:1/2 A4:1/1' },
  'percussion-first': { line: 'D4:1/4 E4 F4 G4' },
  'pick-up-untold': { line: 'D4:1/4 G4 A4 B4 G4:1/2', meter: '3/4 after 1/4' },
  'quarter-tones': { line: 'D#4:1/2 E4', leftOut: 'quarter-tones 1' },
  'repeats-with-endings': { line: 'C4:1/1 D4 E4 F4 G4', leftOut: 'repeats 1' },
  'signs-in-the-title': { line: 'G3:1/1' },
  'slurs-that-overlap': { line: '(D4:1/4 E4 F4) G4 (A4 B4) r C5' },
  thumb: { line: 'D4:1/2 E4', kind: 'cello', locks: '0:T on A3, 1:1', clefs: '0 tenor' },
  'ties-by-notation-alone': { line: 'D4:1/2 G4:5/4 A4:1/4 B4:1/1' },
  timewise: { line: 'D4:1/4 E4 F4 G4 A4:1/1', leftOut: 'parts 1' },
  'transposing-letters-untold': { line: 'C5:1/4 D5 E5 F5' },
  'transposing-part': { line: 'C5:1/4 D5 E5 F5' },
  'treble-8vb': { line: 'G4:1/4 A4 B4 C5', kind: 'bass' },
  'tuplet-tied-over-the-bar': { line: 'D4:1/4 E4:1/12 F4 G4:1/3 A4:1/4', meter: '2/4' },
  'two-staves': { line: 'C5:1/4 D5 E5 F5', leftOut: 'voices 1' },
  'two-voices': { line: 'A4:1/4 B4 C5 D5', leftOut: 'voices 1' },
  'unknown-elements': { line: 'D4:1/4 E4 F4 G4' },
  'unpitched-between': { line: 'D4:1/4 r E4:1/2', leftOut: 'unpitched 1' },
  'words-and-dynamics': {
    line: 'D4st>:1/2 E4',
    leftOut: 'articulations 1, dynamics 1, words 1, lyrics 1, chord-symbols 1, other-signs 1',
  },
};
