import { issuesAbout } from '../issue.ts';

/** Reports why the server does not do what a request asks for. */
export const requestIssue = issuesAbout('request', {
  /** Too many other requests wait already. */
  busy: ({ seconds }: { readonly seconds: number }) => ({
    expected: 'a place in the queue',
    came: 'none',
    message: 'Too many requests wait to be planned.',
    hint: `Try again in ${seconds} seconds.`,
  }),

  /** Planning took more time or memory than one request is given. */
  'too-expensive': (_: object) => ({
    expected: 'a brief that is planned within a few seconds',
    came: 'more',
    message: 'This brief takes longer to plan than one request is given.',
    hint: 'Send fewer notes at once, or do not ask for an exact number of shifts.',
  }),

  /** A batch whose briefs have taken all the time that it has. */
  'batch-spent': (_: object) => ({
    expected: 'briefs that are planned within the time of a batch',
    came: 'more',
    message: 'The briefs of this batch take longer to plan than one batch is given.',
    hint: 'Send the briefs from this one on as another batch.',
  }),

  /** A batch with nothing in it, or with too much. */
  'not-a-batch': ({ count, most }: { readonly count: number; readonly most: number }) => ({
    expected: `1 to ${most} briefs`,
    came: String(count),
    message: `A batch holds 1 to ${most.toLocaleString('en')} briefs; this one holds ${count.toLocaleString('en')}.`,
    hint: 'Send a JSON list of briefs, or one brief to a line.',
  }),

  /** A scale book in which nothing is played. */
  'empty-book': (_: object) => ({
    expected: 'at least one line that a hand plays',
    came: 'none',
    message: 'No line of this book can be played on this instrument within what is allowed.',
    hint: 'Ask for fewer octaves, or allow more positions.',
  }),

  /** A key of a scale book that takes more time or memory than one job is given. */
  'key-too-expensive': (_: object) => ({
    expected: 'a key that is planned and set within a minute',
    came: 'more',
    message: 'This key takes longer to plan and set than it is given.',
    hint: 'Ask for fewer lines or octaves in each key.',
  }),

  /** A scale book whose keys have taken all the time that it has. */
  'book-spent': (_: object) => ({
    expected: 'keys that are set within the time of a book',
    came: 'more',
    message: 'The keys of this book take longer to set than one book is given.',
    hint: 'Ask for the keys from this one on as another book.',
  }),

  /** A scale book that takes more memory than one request is given. */
  'book-too-large': (_: object) => ({
    expected: 'a book that is bound within the memory of one request',
    came: 'a larger one',
    message: 'This book takes more memory to bind than one request is given.',
    hint: 'Ask for two books with half of the keys each.',
  }),

  /** A scale book with more lines than one request is given. */
  'too-long-book': ({ count, most }: { readonly count: number; readonly most: number }) => ({
    expected: `at most ${most} lines`,
    came: String(count),
    message: `A book has at most ${most.toLocaleString('en')} lines; this one has ${count.toLocaleString('en')}.`,
    hint: 'Ask for two books, or for fewer keys, lines or octaves.',
  }),

  /** A format that nothing is read from or written in. */
  'no-such-format': ({ known }: { readonly known: readonly string[] }) => ({
    expected: known.join(', '),
    came: 'another',
    message: `There is no such format; there are ${known.join(', ')}.`,
    hint: `Ask for one of ${known.join(', ')}.`,
  }),

  /** A method that the address does not know. */
  'wrong-method': ({ method, allowed }: { readonly method: string; readonly allowed: string }) => ({
    expected: allowed,
    came: method,
    message: `This address answers ${allowed}, not ${method}.`,
    hint: `Send it as ${allowed}.`,
  }),
});
