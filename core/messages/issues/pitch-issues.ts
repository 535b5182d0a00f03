import { issuesAbout } from '../issue.ts';

/** Reports a fault in a pitch or a key. */
export const pitchIssue = issuesAbout('pitch', {
  /** A text that is no pitch. */
  'not-a-pitch': ({ text }: { readonly text: string }) => ({
    expected: 'a letter, an accidental if any, and the octave',
    came: text,
    message: `“${text}” is not a note.`,
    hint: 'Write a letter A to G, an accidental if any (b, bb, #, ##) and the octave: Eb4, F#5.',
  }),

  /** A pitch without its octave. */
  'needs-octave': ({ text }: { readonly text: string }) => ({
    expected: 'a pitch with its octave',
    came: text,
    message: `“${text}” does not say in which octave.`,
    hint: `Add the octave, for example ${text}4.`,
  }),

  /** A text that is no key. */
  'not-a-key': ({ text }: { readonly text: string }) => ({
    expected: 'a tonic and major or minor',
    came: text,
    message: `“${text}” is not a key.`,
    hint: 'Write the tonic and major or minor, up to seven sharps or flats: Eb major, F# minor.',
  }),

  /** A scale or arpeggio whose key would need more than seven accidentals; `nearer` is a tonic that sounds the same, if any. */
  'key-too-far': ({ tonic, type, nearer }: { readonly tonic: string; readonly type: string; readonly nearer: string | null }) => ({
    expected: 'a key of at most seven sharps or flats',
    came: `${tonic} ${type}`,
    message: `${tonic} ${type.replace('-', ' ')} would need more than seven sharps or flats.`,
    hint: nearer === null ? 'Choose another tonic.' : `Start on ${nearer} instead: it sounds the same.`,
  }),
});
