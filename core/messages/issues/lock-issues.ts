import { countText } from '../counted.ts';
import { issuesAbout } from '../issue.ts';

/** A note and its lock; null for what was left free. */
interface Fixed {
  /** The note, as people read it. */
  readonly pitch: string;
  /** The finger that was locked. */
  readonly finger: string;
  /** The string that was locked; null for any. */
  readonly string: string | null;
}

/** Reports a fault in a lock, or in a typed fingering or bowing. */
export const lockIssue = issuesAbout('lock', {
  /** A lock on a note that the line does not have. */
  'outside-line': ({ note, count }: { readonly note: number; readonly count: number }) => ({
    expected: `a note from 1 to ${count}`,
    came: String(note + 1),
    message: `A finger is locked on note ${note + 1}, but the line has ${count}.`,
    hint: 'Unlock that note.',
  }),

  /** A lock on a rest. */
  'on-rest': ({ note }: { readonly note: number }) => ({
    expected: 'a note',
    came: 'a rest',
    message: `A finger is locked on note ${note + 1}, which is a rest.`,
    hint: 'Unlock that note.',
  }),

  /** Two locks on one note that cannot both hold. */
  contradict: ({ note }: { readonly note: number }) => ({
    expected: 'one of the two',
    came: `two for note ${note + 1}`,
    message: `Note ${note + 1} is locked twice, with different fingerings.`,
    hint: 'Keep one of the two.',
  }),

  /** A note locked to a string that is higher than the note. */
  'below-string': ({ pitch, string }: { readonly pitch: string; readonly string: string }) => ({
    expected: 'a lower string',
    came: string,
    message: `${pitch} lies below the open ${string} string, so it cannot be played there.`,
    hint: 'Choose a lower string.',
  }),

  /** A note locked to finger 0 that is no open string. */
  'not-open': ({ pitch, strings }: { readonly pitch: string; readonly strings: readonly string[] }) => ({
    expected: strings.join(', '),
    came: pitch,
    message: `${pitch} is not an open string here, so it needs a finger.`,
    hint: `The open strings are ${strings.join(', ')}.`,
  }),

  /** A finger that would put the hand behind the nut. */
  'behind-nut': ({ pitch, finger, string }: Fixed) => ({
    expected: 'a lower finger',
    came: finger,
    message: `With finger ${finger} on ${pitch} ${string === null ? 'on any string' : `on the ${string} string`}, the first finger would stand behind the nut.`,
    hint: 'Choose a lower finger, or a lower string.',
  }),

  /** A finger or string that this school does not put there. */
  'out-of-reach': ({ pitch, finger, string }: Omit<Fixed, 'finger'> & { readonly finger: string | null }) => {
    const what = `${finger === null ? '' : ` with finger ${finger}`}${string === null ? '' : ` on the ${string} string`}`;
    return {
      expected: 'another finger or string',
      came: what.trim(),
      message: `No hand of this school plays ${pitch}${what}.`,
      hint: 'Choose another finger or string for it.',
    };
  },

  /** A finger the school never uses. */
  'finger-not-in-school': ({ finger, pitch }: { readonly finger: string; readonly pitch: string }) => ({
    expected: 'another finger',
    came: finger,
    message: `This school does not use finger ${finger} for ${pitch}.`,
    hint: 'Choose another finger.',
  }),

  /** A locked bow that does not lie in the line. */
  'bow-outside-line': ({ from, to, count }: { readonly from: number; readonly to: number; readonly count: number }) => ({
    expected: `notes from 1 to ${count}`,
    came: `${from + 1} to ${to + 1}`,
    message: `A bow is locked from note ${from + 1} to note ${to + 1}, but the line has ${count}.`,
    hint: 'Unlock the bowing, or type it again.',
  }),

  /** Two locked bows that share a note, or stand in the wrong order. */
  'bows-overlap': ({ note }: { readonly note: number }) => ({
    expected: 'each bow after the one before',
    came: `two for note ${note + 1}`,
    message: `Two bows are locked over note ${note + 1}.`,
    hint: 'Unlock the bowing, or type it again.',
  }),

  /** A bow, locked or typed, that goes over a rest. */
  'bow-over-rest': ({ note }: { readonly note: number }) => ({
    expected: 'notes without a rest between them',
    came: `a rest at ${note + 1}`,
    message: `A bow would go over the rest at place ${note + 1}.`,
    hint: 'End the bow before the rest and begin a new one after it.',
  }),

  /** A word of a typed bowing that is no bow. */
  'not-a-bow': ({ word }: { readonly word: string }) => ({
    expected: 'a number of notes, as 4 or d4',
    came: word,
    message: `“${word}” is not a bow.`,
    hint: 'Write the notes to each bow with blanks between, as 4 4 2 1; d4 is a down bow, u4 an up bow.',
  }),

  /** A typed bowing that is longer than the line. */
  'too-many-bows': ({ bowed, notes }: { readonly bowed: number; readonly notes: number }) => ({
    expected: `at most ${notes}`,
    came: String(bowed),
    message: `The bows written take ${countText(bowed, 'note', 'notes')}, but from here on the line has ${notes}.`,
    hint: 'Begin at an earlier note, or leave some out.',
  }),

  /** A word of a typed fingering that is no finger. */
  'not-a-finger': ({ word }: { readonly word: string }) => ({
    expected: '0 to 4 or T',
    came: word,
    message: `“${word}” is not a finger.`,
    hint: 'Write 0 to 4 or T, one a note with blanks between; 1+3 for a double stop, a full stop to leave a note free.',
  }),

  /** A typed fingering that is longer than the line. */
  'too-many-fingers': ({ fingers, notes }: { readonly fingers: number; readonly notes: number }) => ({
    expected: `at most ${notes}`,
    came: String(fingers),
    message: `${fingers} fingers are written, but from here on the line has ${countText(notes, 'note', 'notes')}.`,
    hint: 'Begin at an earlier note, or leave some out.',
  }),
});
