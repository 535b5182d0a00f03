import { issuesAbout } from '../issue.ts';

/** The hint for everything that only a newer version reads: who has to update, and that nothing is lost until then. */
const UPDATE_THIS_ONE =
  'It is this Dove Path that has to be updated: reload the page, or ask whoever runs it for you. Until then everything stays as it is.';

/** Reports a fault in a document, a link or a request. */
export const documentIssue = issuesAbout('document', {
  /** A text that is not JSON; `detail` is the parser's own word. */
  'not-json': ({ detail }: { readonly detail: string }) => ({
    expected: 'JSON',
    came: detail,
    message: `This is not readable as JSON: ${detail}.`,
    hint: 'The file may be cut off or damaged; choose another copy.',
  }),

  /** An XML text that holds no score with a part. */
  'not-musicxml': (_: object) => ({
    expected: 'a MusicXML score with at least one part',
    came: 'something else',
    message: 'This file is not a MusicXML score.',
    hint: 'Save it as MusicXML (.musicxml, .xml or .mxl) or MIDI (.mid) and choose it again.',
  }),

  /** A score longer than anybody fingers. */
  'score-too-large': (_: object) => ({
    expected: 'at most 50,000 measures, or 30 MB',
    came: 'more',
    message: 'This score is too large to be read.',
    hint: 'Save the one part that you need as a file of its own.',
  }),

  /** A file that begins like MIDI but is not. */
  'not-midi': (_: object) => ({
    expected: 'a MIDI file counted in beats',
    came: 'something else',
    message: 'This MIDI file cannot be read.',
    hint: 'It may be damaged; save it again as a standard MIDI file (.mid) and choose it again.',
  }),

  /** A compressed file without a score in it. */
  'no-score-inside': (_: object) => ({
    expected: 'a compressed MusicXML score (.mxl)',
    came: 'an archive without one',
    message: 'There is no MusicXML score in this compressed file, or it is damaged.',
    hint: 'Save it again as MusicXML (.musicxml or .mxl) and choose it again.',
  }),

  /** A file that is no document of ours. */
  damaged: ({ kind, what }: { readonly kind: string; readonly what: string }) => ({
    expected: `a Dove Path ${kind}`,
    came: what,
    message: `This file is not a Dove Path ${kind}: ${what}.`,
    hint: 'Choose a file that was saved here as JSON.',
  }),

  /** A document that breaks its schema at one place; `expected` is the predicate of a sentence ("must be at least 0"). */
  'not-matching': ({ pointer, expected }: { readonly pointer: string; readonly expected: string }) => ({
    expected,
    came: pointer,
    message: `${pointer === '' ? 'The document' : `The value at ${pointer}`} ${expected}.`,
    hint: 'Correct that value and try again.',
  }),

  /** A document written by a newer version of the application. */
  'newer-version': ({ version, known }: { readonly version: number; readonly known: number }) => ({
    expected: `version ${known} or older`,
    came: String(version),
    message: `This was written in version ${version} of its format; this Dove Path reads up to version ${known}.`,
    hint: UPDATE_THIS_ONE,
  }),

  /** A document with more in fields that are not known here than can be kept unread. */
  'too-much-unknown': ({ pointer }: { readonly pointer: string }) => ({
    expected: 'the fields that this version knows',
    came: pointer,
    message: `${pointer === '' ? 'This' : `The value at ${pointer}`} has more in it than this Dove Path knows: a newer one wrote it.`,
    hint: UPDATE_THIS_ONE,
  }),

  /** A part of a file that is of a kind that is not known here. */
  'newer-kind': ({ kind }: { readonly kind: string }) => ({
    expected: 'a kind of document that this version knows',
    came: kind,
    message: `This Dove Path knows no documents of the kind “${kind}”: a newer one wrote it.`,
    hint: UPDATE_THIS_ONE,
  }),

  /** A request body over the limit. */
  'body-too-large': ({ limitBytes }: { readonly limitBytes: number }) => ({
    expected: `at most ${limitBytes} bytes`,
    came: 'more',
    message: `The request is larger than ${Math.round(limitBytes / 1_000_000)} MB.`,
    hint: 'Send at most 10,000 notes at once.',
  }),

  /** A part of a request with more in it than any brief has. */
  'too-much': ({ pointer }: { readonly pointer: string }) => ({
    expected: 'no more than a brief can hold',
    came: pointer,
    message: `${pointer === '' ? 'The request' : `The part at ${pointer}`} holds more than any brief does.`,
    hint: 'Send at most 10,000 notes at once.',
  }),

  /** A link that holds no brief, or a part of one. */
  'broken-link': ({ text }: { readonly text: string }) => ({
    expected: 'a whole brief',
    came: `${text.length} letters`,
    message: 'The link does not hold a whole brief.',
    hint: 'Ask for it again; a part of it may have been lost on the way.',
  }),

  /** A schema asked for by a name that no document has. */
  'no-such-schema': ({ name, known }: { readonly name: string; readonly known: readonly string[] }) => ({
    expected: known.join(', '),
    came: name,
    message: `There is no schema “${name}”.`,
    hint: `Ask for one of ${known.join(', ')}.`,
  }),
});
