import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { BookRequest } from '#core/scale-book';
import { answerJob } from '../../../src/endpoints/answer-job.ts';
import { bookLines } from '../../../src/endpoints/book/book-lines.ts';
import { readBookBody } from '../../../src/endpoints/book/read-book.ts';
import type { Planner } from '../../../src/endpoints/job.ts';
import { FACE_FILES_READ } from '../../support/paper/faces.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';

const REQUEST: BookRequest = {
  title: 'Spring book',
  book: {
    keys: ['D major', 'B minor', 'Gb major'],
    order: 'fifths',
    kinds: ['scale', 'arpeggio'],
    octaves: [2],
    direction: 'up-down',
    minor: 'melodic-minor',
  },
  brief: { ...FIRST_BRIEF, instrument: { kind: 'viola' } },
};

const readAsked = (request: unknown) => readBookBody(JSON.stringify(request));

/** A planner that does its work at once. */
const AT_ONCE: Planner = {
  run: (job) => answerJob(job, () => FACE_FILES_READ),
  queue: () => ({ running: 0, waiting: 0, mostWaiting: 8 }),
  isFullFor: () => false,
  openBatch: () => null,
};

/** A line of the answer. */
interface Line {
  readonly index?: number;
  readonly key?: string;
  readonly pages?: number;
  readonly pdf?: string;
  readonly problem?: { readonly status: number; readonly detail: string };
}

async function linesFor(request: unknown, planner = AT_ONCE, budgetMs?: number): Promise<readonly Line[]> {
  const book = readAsked(request);
  assert.ok(book.ok);
  const client = { book: book.value, client: 'wren', ...(budgetMs === undefined ? {} : { budgetMs }) };
  const text = await new Response(bookLines(client, planner, new AbortController().signal)).text();
  return text
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line));
}

describe('a scale book from the server', () => {
  it('comes key by key in its order, and at last as a PDF with contents', async () => {
    const lines = await linesFor(REQUEST);
    assert.deepEqual(
      lines.slice(0, -1).map(({ index, key, pages }) => [index, key, pages]),
      [
        [0, 'D major', 1],
        [1, 'B minor', 1],
        [2, 'G♭ major', 1],
      ],
    );
    const book = lines.at(-1);
    const texts = await textsOfPdf(Uint8Array.from(Buffer.from(book?.pdf ?? '', 'base64')).buffer);
    assert.equal(texts.length, book?.pages);
    const words = texts.map((page) => page.map(({ text }) => text).join(' '));
    assert.match(words[0] ?? '', /Spring book.*16-inch viola.*Contents.*D major/);
    assert.match(words[1] ?? '', /D major/);
  });

  it('names in the book what no hand plays of it', async () => {
    const kinds = ['scale', 'octaves'];
    const brief = { ...REQUEST.brief, limits: { positions: ['1'] } };
    const lines = await linesFor({ ...REQUEST, brief, book: { ...REQUEST.book, kinds, octaves: [2], keys: ['D major'] } });
    const texts = await textsOfPdf(Uint8Array.from(Buffer.from(lines.at(-1)?.pdf ?? '', 'base64')).buffer);
    assert.match((texts[0] ?? []).map(({ text }) => text).join(' '), /Left out, because no hand plays it as it is asked for: D major/);
  });

  it('begins keys of several pages on a left page where that is asked for', async () => {
    const kinds = ['scale', 'arpeggio', 'dominant-seventh', 'diminished-seventh', 'chromatic', 'broken-thirds'];
    const choices = { size: 'largest', parts: { staff: true } };
    const long = { ...REQUEST, openings: true, choices, book: { ...REQUEST.book, kinds } };
    const texts = await textsOfPdf(Uint8Array.from(Buffer.from((await linesFor(long)).at(-1)?.pdf ?? '', 'base64')).buffer);
    for (const key of ['D major', 'B minor', 'G♭ major']) {
      const page = texts.findIndex((words, index) => index > 0 && words.some(({ text }) => text === key));
      assert.ok(page > 0 && page % 2 === 1, `${key} begins on page ${page + 1}`);
    }
  });

  it('tells of a key that could not be set, and goes on with the others', async () => {
    const planner: Planner = {
      ...AT_ONCE,
      run: async (job, asker) =>
        job.kind === 'key-of-book' && job.asked.title === 'B minor' ? 'too-expensive' : await AT_ONCE.run(job, asker),
    };
    const lines = await linesFor(REQUEST, planner);
    assert.deepEqual(
      lines.map(({ problem, pages }) => problem?.status ?? pages),
      [1, 422, 1, 3],
    );
    assert.equal(lines[1]?.problem?.detail, 'This key takes longer to plan and set than it is given.');
  });

  it('says so where it is too large to be bound', async () => {
    const planner: Planner = {
      ...AT_ONCE,
      run: async (job, asker) => (job.kind === 'bind-book' ? 'too-expensive' : await AT_ONCE.run(job, asker)),
    };
    assert.equal(
      (await linesFor(REQUEST, planner)).at(-1)?.problem?.detail,
      'This book takes more memory to bind than one request is given.',
    );
  });

  it('has a time of its own', async () => {
    const planner: Planner = {
      ...AT_ONCE,
      run: async (job, asker) => {
        asker.onSpent?.(1000);
        return await AT_ONCE.run(job, asker);
      },
    };
    const lines = await linesFor(
      { ...REQUEST, book: { ...REQUEST.book, keys: ['C major', 'G major', 'D major', 'A major', 'E major', 'B major'] } },
      planner,
      500,
    );
    assert.ok(lines.some(({ problem }) => problem?.detail === 'The keys of this book take longer to set than one book is given.'));
  });

  it('ends when its client goes', async () => {
    const leaving = new AbortController();
    const planner: Planner = {
      ...AT_ONCE,
      run: async (_, { gone }) => await new Promise((resolve) => gone.addEventListener('abort', () => resolve('gone'))),
    };
    const book = readAsked(REQUEST);
    assert.ok(book.ok);
    const ended = new Promise<void>((resolve) => {
      void new Response(bookLines({ book: book.value, client: 'wren', onEnd: resolve }, planner, leaving.signal)).text();
    });
    leaving.abort();
    await ended;
  });

  it('is refused where it is none, has nothing to play, or too many lines', () => {
    const refusals = [
      { ...REQUEST, book: { ...REQUEST.book, keys: ['H major'] } },
      { ...REQUEST, brief: { ...REQUEST.brief, instrument: { kind: 'bass' } }, book: { ...REQUEST.book, octaves: [4] } },
      { ...REQUEST, extra: 1 },
    ].map((request) => {
      const reading = readAsked(request);
      return reading.ok ? null : [reading.issues[0]?.code, reading.issues[0]?.where.pointer];
    });
    assert.deepEqual(refusals, [
      ['document/not-matching', '/book/keys/0'],
      ['request/empty-book', '/book'],
      ['document/not-matching', ''],
    ]);
  });
});
