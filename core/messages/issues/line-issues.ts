import { issuesAbout } from '../issue.ts';

/** Reports a fault in a line, as typed or as a document has it. */
export const lineIssue = issuesAbout('line', {
  /** A typed line with nothing in it. */
  empty: (_: object) => ({
    expected: 'at least one note',
    came: 'none',
    message: 'The line has no notes yet.',
    hint: 'Type some pitches, for example Eb4 F4 G4 Ab4.',
  }),

  /** A typed line of rests only. */
  'only-rests': ({ count }: { readonly count: number }) => ({
    expected: 'at least one note',
    came: `${count} rests`,
    message: `The line has ${count === 1 ? 'one rest' : `${count} rests`} and no note.`,
    hint: 'Add at least one pitch to finger.',
  }),

  /** A line over the limit. */
  'too-long': ({ count, most }: { readonly count: number; readonly most: number }) => ({
    expected: `at most ${most} notes`,
    came: String(count),
    message: `The line has ${count.toLocaleString('en')} notes; at most ${most.toLocaleString('en')} can be planned at once.`,
    hint: 'Split it into several pieces.',
  }),

  /** A length that no tied plain or dotted notes make up. */
  'duration-not-writable': ({ duration }: { readonly duration: string }) => ({
    expected: 'a multiple of a 64th of a whole note, or of one in a triplet, quintuplet or septuplet',
    came: duration,
    message: `A note of ${duration} of a whole note cannot be written.`,
    hint: 'Use multiples of a 64th (1/4, 3/8, 1/16), or notes of a triplet (1/8t, which is 1/12).',
  }),

  /** Music that is moved by octaves further than pitches have names. */
  'foreign-octaves': ({ pitch, octaves }: { readonly pitch: string; readonly octaves: number }) => ({
    expected: 'fewer octaves',
    came: String(octaves),
    message: `${pitch} cannot be moved by ${octaves} octaves.`,
    hint: 'Move it by fewer octaves.',
  }),

  /** The same fault in foreign music, with the measure in which it stands. */
  'foreign-length': ({ duration, measure }: { readonly duration: string; readonly measure: string }) => ({
    expected: 'plain and dotted notes, triplets, quintuplets and septuplets',
    came: duration,
    message: `Measure ${measure} has a length that cannot be written here: ${duration} of a whole note.`,
    hint: 'Choose measures without it, or change that rhythm in the program the file comes from.',
  }),

  /** A word of a typed line that is neither note, rest, bracket nor bar line. */
  'not-a-note': ({ word }: { readonly word: string }) => ({
    expected: 'a note, a rest or a bracket',
    came: word,
    message: `“${word}” is neither a note nor a rest.`,
    hint: 'Notes are written Eb4 or Eb4:1/8, rests r or r:1/4, one bow in ( ), grace notes in { }, a trill Eb4tr, an accent Eb4>, a triplet Eb4:1/8t.',
  }),

  /** A bracket whose partner is missing. */
  'bracket-alone': ({ bracket, partner }: { readonly bracket: string; readonly partner: string }) => ({
    expected: partner,
    came: bracket,
    message: `The bracket “${bracket}” has no “${partner}” to go with it.`,
    hint: 'Put round brackets around the notes of one bow, and braces around grace notes.',
  }),

  /** Four or more notes at once. */
  'too-many-at-once': ({ chord }: { readonly chord: string }) => ({
    expected: 'one note, or two or three together',
    came: chord,
    message: `“${chord}” has more than three notes at once.`,
    hint: 'A double stop is two notes: G3+B3; a chord three: G3+D4+B4.',
  }),

  /** Grace notes with no note after them. */
  'grace-alone': (_: object) => ({
    expected: 'a note after the small notes',
    came: 'the end or a rest',
    message: 'A grace note has no note to lead to.',
    hint: 'Write a note after it, for example {D5} C5.',
  }),

  /** A trill, a mordent or a stopped harmonic where one finger and its neighbour cannot play it. */
  'ornament-on-one': (_: object) => ({
    expected: 'a single full-size note',
    came: 'a double stop, a grace note or a harmonic',
    message: 'A trill, a mordent or a stopped harmonic needs a single full-size note.',
    hint: 'Take it off the note, or write one pitch there.',
  }),

  /** The other note of an ornament on the wrong side, or more than an augmented second away. */
  'ornament-too-far': ({ pitch, other }: { readonly pitch: string; readonly other: string }) => ({
    expected: 'a semitone or a tone',
    came: `${pitch} and ${other}`,
    message: `${pitch} with ${other} is not an ornament: the two are not a semitone or a tone apart.`,
    hint: 'Choose another sign at the ornament, or spell the note as its key has it.',
  }),

  /** A tie that does not lead to the same pitch. */
  'tie-to-other-pitch': ({ from, to }: { readonly from: string; readonly to: string }) => ({
    expected: from,
    came: to,
    message: `The tie from ${from} leads to ${to}.`,
    hint: 'A tie joins two notes of the same pitch; for one bow use ( ).',
  }),

  /** A change of key or meter at a measure that comes before the change above it, or with which the line begins. */
  'change-out-of-order': ({ measure }: { readonly measure: number }) => ({
    expected: 'a later measure',
    came: String(measure),
    message: `A change of key or meter cannot stand at measure ${measure}.`,
    hint: 'Changes come one after the other, each at a later measure than the one before; what the line begins with is chosen for the line.',
  }),

  /** A line that would take hours to play. */
  'too-long-to-play': ({ most }: { readonly most: number }) => ({
    expected: `at most ${most} whole notes in all`,
    came: 'more',
    message: `The notes of the line last more than ${most.toLocaleString('en')} whole notes.`,
    hint: 'Use shorter values, or split it into several pieces.',
  }),
});
