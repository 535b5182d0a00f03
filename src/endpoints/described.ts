import { SCHEMA_NAMES } from '#core/documents';
import { GRIDS } from '#core/format/midi';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { BODY_LIMIT_BYTES, SCORE_LIMIT_BYTES } from './request-body.ts';
import { MOST_BRIEFS } from './batch.ts';
import { MOST_LINES } from './book/read-book.ts';
import { CONTENT_TYPES } from './export.ts';
import { EXPORT_FORMATS, IMPORT_FORMATS } from './job.ts';

/** The description of an endpoint: the OpenAPI document and the page that explains it are both made from it. */
export interface Described {
  readonly method: 'GET' | 'POST';
  /** The path, with `{name}` for its variable parts. */
  readonly path: string;
  readonly summary: string;
  /** The parameters of the path and of the query. */
  readonly parameters: readonly DescribedParameter[];
  /** The body that is sent; null for none. */
  readonly body: { readonly type: string; readonly what: string; readonly schema: 'brief' | 'briefs' | 'book' | 'bytes' } | null;
  /** The answers, by content type. */
  readonly answer: { readonly types: readonly string[]; readonly what: string };
  /** An example request that works as it stands. */
  readonly example: { readonly path: string; readonly body: string | null };
}

/** A parameter of the address. */
export interface DescribedParameter {
  readonly name: string;
  readonly in: 'path' | 'query';
  readonly what: string;
  /** Its allowed values; any text or number where nothing is said. */
  readonly values?: readonly string[];
}

const BRIEF = '{"instrument":{"kind":"cello"},"material":{"kind":"scale","type":"major","tonic":"Bb2","octaves":1,"direction":"up"}}';
const OTHER_BRIEF = '{"instrument":{"kind":"violin"},"material":{"kind":"scale","type":"major","tonic":"A3","octaves":2,"direction":"up"}}';
const BOOK = `{"book":{"keys":["D major","B minor"],"order":"fifths","kinds":["scale","arpeggio"],"octaves":[2],"direction":"up-down","minor":"melodic-minor"},"brief":${OTHER_BRIEF}}`;
const SCORE =
  '<score-partwise version="4.0"><part-list><score-part id="P1"><part-name>Viola</part-name></score-part></part-list><part id="P1"><measure number="1"><attributes><divisions>1</divisions></attributes><note><pitch><step>G</step><octave>4</octave></pitch><duration>4</duration></note></measure></part></score-partwise>';

const JSON_TYPE = 'application/json';
const megabytes = (bytes: number): string => `${Math.round(bytes / 1_000_000)} MB`;
const A_BRIEF = { type: JSON_TYPE, what: `A brief, at most ${megabytes(BODY_LIMIT_BYTES)}.`, schema: 'brief' } as const;

/** Every endpoint. */
export const ENDPOINTS: readonly Described[] = [
  {
    method: 'POST',
    path: '/api/plan',
    summary: 'The best fingering of a brief',
    parameters: [{ name: 'alternatives', in: 'query', what: 'How many other fingerings a teacher would tell apart, at most 20.' }],
    body: A_BRIEF,
    answer: { types: [JSON_TYPE], what: '{ best, alternatives }' },
    example: { path: '/api/plan?alternatives=2', body: BRIEF },
  },
  {
    method: 'POST',
    path: '/api/plan/batch',
    summary: 'The best fingerings of many briefs, line by line',
    parameters: [{ name: 'alternatives', in: 'query', what: 'The same for each.' }],
    body: {
      type: JSON_TYPE,
      what: `A list of briefs, or a brief to a line; at most ${MOST_BRIEFS} and ${megabytes(BODY_LIMIT_BYTES)}.`,
      schema: 'briefs',
    },
    answer: {
      types: ['application/x-ndjson'],
      what: 'A line for each brief in their order, as soon as it is ready: { index, of, plan } or { index, of, problem }. One that cannot be planned stops none of the others.',
    },
    example: { path: '/api/plan/batch', body: `[${BRIEF},${OTHER_BRIEF}]` },
  },
  {
    method: 'POST',
    path: '/api/reasons',
    summary: 'Why the best fingering is as it is',
    parameters: [],
    body: A_BRIEF,
    answer: { types: [JSON_TYPE], what: '{ reasons }: as data, each with its sentence' },
    example: { path: '/api/reasons', body: BRIEF },
  },
  {
    method: 'POST',
    path: '/api/fingerings',
    summary: 'The cheapest different fingerings',
    parameters: [{ name: 'most', in: 'query', what: 'How many, at most 20.' }],
    body: A_BRIEF,
    answer: { types: [JSON_TYPE], what: '{ fingerings }' },
    example: { path: '/api/fingerings?most=3', body: BRIEF },
  },
  {
    method: 'POST',
    path: '/api/export/{format}',
    summary: 'The best fingering as a file',
    parameters: [
      {
        name: 'format',
        in: 'path',
        what: 'MusicXML with fingers, strings and positions; MIDI; or a table of the notes.',
        values: EXPORT_FORMATS,
      },
      { name: 'name', in: 'query', what: 'What it is headed with.' },
      {
        name: 'inBetweenNotes',
        in: 'query',
        what: 'In MusicXML: yes adds the note that each shift passes, small and in brackets.',
        values: ['yes', 'no'],
      },
    ],
    body: A_BRIEF,
    answer: { types: Object.values(CONTENT_TYPES), what: 'The file.' },
    example: { path: '/api/export/csv?name=Scale', body: BRIEF },
  },
  {
    method: 'POST',
    path: '/api/book',
    summary: 'A scale book as PDF, key by key',
    parameters: [],
    body: {
      type: JSON_TYPE,
      what: `The book, a brief for whom and on what (its material is not played), and how it is printed; at most ${MOST_LINES} lines.`,
      schema: 'book',
    },
    answer: {
      types: ['application/x-ndjson'],
      what: 'A line for each key in its order, as soon as it is set: { index, of, key, pages, leftOut } or { index, of, key, problem }. The last line is the book: { title, pages, pdf }, the PDF in base64, or { problem }. It ends when its client goes.',
    },
    example: { path: '/api/book', body: BOOK },
  },
  {
    method: 'POST',
    path: '/api/import/{format}',
    summary: 'A score as a piece',
    parameters: [
      {
        name: 'format',
        in: 'path',
        what: 'What a file is, its first bytes say; compressed MusicXML is read as well.',
        values: IMPORT_FORMATS,
      },
      { name: 'part', in: 'query', what: 'Which part, from 1; else the first that sounds.' },
      { name: 'voice', in: 'query', what: 'Which voice, as the answer names it.' },
      { name: 'from', in: 'query', what: 'The first measure, counted from 1.' },
      { name: 'to', in: 'query', what: 'The last measure.' },
      { name: 'kind', in: 'query', what: 'The instrument; else by the name of the part.', values: INSTRUMENT_KINDS },
      { name: 'octaves', in: 'query', what: 'So many octaves higher, or lower below 0.' },
      { name: 'repeats', in: 'query', what: 'Repeats are written out; else they stand once.', values: ['written-out'] },
      {
        name: 'fingerings',
        in: 'query',
        what: 'Fingers, strings and positions are left out, or kept to be compared; else they are locked.',
        values: ['leave', 'compare'],
      },
      { name: 'grid', in: 'query', what: 'The shortest values of MIDI; else those that fit best.', values: GRIDS },
      { name: 'name', in: 'query', what: 'The name of the piece where the score has no title.' },
    ],
    body: { type: 'application/octet-stream', what: `The file, at most ${megabytes(SCORE_LIMIT_BYTES)}.`, schema: 'bytes' },
    answer: {
      types: [JSON_TYPE],
      what: '{ piece, leftOut, parts, played }: the piece, what was left out and how often, and what there is to choose',
    },
    example: { path: '/api/import/musicxml?name=One%20note', body: SCORE },
  },
  {
    method: 'GET',
    path: '/api/schema/{name}',
    summary: 'The JSON Schema of a document',
    parameters: [{ name: 'name', in: 'path', what: 'The kind of document.', values: SCHEMA_NAMES }],
    body: null,
    answer: { types: ['application/schema+json'], what: 'The schema.' },
    example: { path: '/api/schema/brief', body: null },
  },
  {
    method: 'GET',
    path: '/api/demo',
    summary: 'The demo',
    parameters: [],
    body: null,
    answer: { types: [JSON_TYPE], what: '{ documents, instrumentOf }' },
    example: { path: '/api/demo', body: null },
  },
  {
    method: 'GET',
    path: '/api/health',
    summary: 'Whether the server answers, and how much waits',
    parameters: [],
    body: null,
    answer: { types: [JSON_TYPE], what: '{ status, queue: { running, waiting, mostWaiting } }' },
    example: { path: '/api/health', body: null },
  },
];

/** The problems that may come instead of an answer, by status; each is a problem document (RFC 9457). */
export const PROBLEMS: Readonly<Record<number, string>> = {
  400: 'It could not be read, or is not what is asked for: each error has a JSON pointer, a sentence and a hint.',
  404: 'There is nothing of that name.',
  405: 'The address does not know that method.',
  413: 'It is too large.',
  422: 'It reads, and cannot be planned, or takes longer than 5 s; with the limit that would have to go, where there is one.',
  503: 'Too many wait; Retry-After says when to come again.',
};
