import type { FingeringUse, Fit, LeftOut, LeftOutCount } from '#core/format/foreign';
import type { Grid, Quantised } from '#core/format/midi';
import type { InstrumentKind } from '#core/instrument';
import { countText } from '#core/messages';
import { plainName } from '#core/key';
import { INSTRUMENT_LABELS } from '../studio/instruments.ts';

/** The names of the things left out, for one and for many, with the effect where that is not plain. */
const LEFT_OUT_WORDS: Readonly<Record<LeftOut, readonly [one: string, many: string, because?: string]>> = {
  parts: ['other part', 'other parts'],
  voices: ['other voice', 'other voices'],
  measures: ['measure that was not chosen', 'measures that were not chosen'],
  'key-changes': [
    'change of key between bar lines',
    'changes of key between bar lines',
    'the notes keep their pitches under the signature before',
  ],
  'meter-changes': ['change of meter', 'changes of meter', 'the notes keep their lengths; the bar lines are those of the first'],
  'tempo-changes': ['change of tempo', 'changes of tempo', 'the first holds'],
  'unusual-meter': ['meter that is not offered here', 'meters that are not offered here', 'the notes keep their lengths, in 4/4'],
  'unusual-key': [
    'key signature that no major or minor key has',
    'key signatures that no major or minor key has',
    'the notes keep their pitches',
  ],
  'irregular-measures': [
    'measure longer or shorter than its meter',
    'measures longer or shorter than their meter',
    'the notes keep their lengths; bar lines move',
  ],
  repeats: ['repeat', 'repeats', 'the music is written once'],
  jumps: ['jump (da capo, dal segno)', 'jumps (da capo, dal segno)', 'the music goes straight on'],
  'larger-chords': ['chord of more than three notes', 'chords of more than three notes', 'the three highest stay'],
  unpitched: ['note without a pitch', 'notes without a pitch', 'replaced by rests'],
  overlaps: ['note that sounds on under the next', 'notes that sound on under the next', 'cut off where the next begins'],
  'cue-notes': ['cue note', 'cue notes', 'replaced by rests'],
  'notes-in-brackets': ['small note in brackets', 'small notes in brackets', 'they are for the reader'],
  'grace-notes': ['grace note that leads to no note', 'grace notes that lead to no note'],
  'quarter-tones': ['quarter-tone', 'quarter-tones', 'moved to the nearest semitone'],
  fingerings: ['note with a written fingering', 'notes with a written fingering'],
  clefs: ['change of clef', 'changes of clef', 'the clefs are those in which it is easiest to read'],
  articulations: ['articulation other than accents, dots, wedges and lines', 'articulations other than accents, dots, wedges and lines'],
  ornaments: ['ornament other than a trill or a mordent', 'ornaments other than trills and mordents'],
  slides: ['slide', 'slides'],
  dynamics: ['dynamic mark', 'dynamic marks'],
  words: ['instruction in words', 'instructions in words'],
  lyrics: ['syllable of lyrics', 'syllables of lyrics'],
  'chord-symbols': ['chord symbol', 'chord symbols'],
  'other-signs': ['other sign', 'other signs'],
};

/** Writes the things left out: "2 changes of key: the notes keep their pitches under the first signature". */
export function leftOutText({ what, count }: LeftOutCount[number]): string {
  const [one, many, because] = LEFT_OUT_WORDS[what];
  return `${countText(count, one, many)}${because === undefined ? '' : `: ${because}`}`;
}

/** The name of a score that was pasted and has no title. */
export const PASTED = 'A pasted score';

/** Writes that a pasted score replaced the line. */
export function pastedText(leftOut: LeftOutCount, octaves: number): string {
  const moved = octaves === 0 ? '' : `, ${octavesLabel(octaves)}`;
  const left = leftOut.length === 0 ? BRINGING_IN.nothingLeftOut : `Left out: ${leftOut.map(leftOutText).join('; ')}.`;
  return `The score takes the place of the line${moved}. ${left}`;
}

/** The names of the grids to which played notes are set. */
export const GRID_LABELS: Readonly<Record<Grid, string>> = {
  eighths: 'eighths',
  sixteenths: 'sixteenths',
  '32nds': 'thirty-seconds',
  triplets: 'triplet eighths',
  'sixteenths-and-triplets': 'sixteenths or triplets, beat by beat',
};

/** Writes the distance from the grid: "Notes were 12 ms off on average, 40 ms at most." */
export function gridErrorText({ mean, largest }: Quantised['error'], tempo: number): string {
  const ms = (quarters: number): number => Math.round((quarters * 60_000) / tempo);
  return largest === 0 ? 'Every note fits exactly.' : `Notes were ${ms(mean)} ms off on average, ${ms(largest)} ms at most.`;
}

/** Writes octaves: "at pitch", "one octave lower". */
export function octavesLabel(octaves: number): string {
  if (octaves === 0) return 'at pitch';
  const count = Math.abs(octaves) === 1 ? 'one octave' : `${Math.abs(octaves)} octaves`;
  return `${count} ${octaves > 0 ? 'higher' : 'lower'}`;
}

/** Writes why it cannot be played on an instrument: "It goes from C2 to G4, outside the range of the violin." */
export function outOfRangeText([lowest, highest]: readonly [number, number], octaves: number, kind: InstrumentKind): string {
  const [low, high] = [lowest, highest].map((semitones) => plainName(semitones + 12 * octaves));
  return `It goes from ${low} to ${high}, outside the range of the ${INSTRUMENT_LABELS[kind]}.`;
}

/** The words for music from which nothing is left out, or which fits. */
export const BRINGING_IN = {
  how: 'JSON, MusicXML or MIDI: opened here, dropped anywhere on the page, or pasted',
  nothingLeftOut: 'Nothing is left out.',
  fits: 'It fits:',
  fitsNone: 'It fits none of the four instruments.',
  shortest: 'Shortest note value',
  fingering: 'Its fingering',
} as const;

/** The uses of the fingering in a score, as they are chosen. */
export const FINGERING_USE_LABELS: Readonly<Record<FingeringUse, string>> = {
  locked: 'locked, note by note',
  compared: 'compared with ours, not locked',
  'left-out': 'left out',
};

/** Writes how music fits an instrument: "On the violin, one octave higher". */
export function fitText({ kind, octaves }: Fit): string {
  return `On the ${INSTRUMENT_LABELS[kind]}, ${octavesLabel(octaves)}`;
}

/** Writes a voice to choose: "voice 2, 24 notes", "staff 2, voice 5, 12 notes". */
export function voiceLabel({ voice, notes }: { readonly voice: string; readonly notes: number }): string {
  const [staff, name] = voice.includes('/') ? voice.split('/') : [null, voice];
  return `${staff === null ? '' : `staff ${staff}, `}voice ${name}, ${countText(notes, 'note', 'notes')}`;
}

/** Writes what was brought in, when the list is shown again. */
export function broughtInText(count: number): string {
  return `${countText(count, 'piece was', 'pieces were')} brought in.`;
}
