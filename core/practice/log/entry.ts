import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { MOST_NOTES } from '#core/material/typed';
import { FadingCourse, HELPS } from '#core/practice/fading';
import { Practised } from '#core/practice/item';
import { MISSES, VOICES } from '#core/practice/ladder';

const closed = { additionalProperties: false };

/** The prompts before an item is played. */
const PROMPTS = ['hear', 'names', 'target', 'silent'] as const;

/** A prompt before an item: hear it, say its names, hear the target of its shift alone, set the fingers without a sound. */
export type Prompt = (typeof PROMPTS)[number];

/** The last moment that a date can name, ms since 1970. */
export const LAST_MOMENT = 8_640_000_000_000_000;

const At = {
  id: Type.String({ maxLength: 40 }),
  at: Type.Integer({ minimum: 0, maximum: LAST_MOMENT, description: 'Milliseconds since 1970.' }),
  order: Type.Optional(
    Type.Integer({
      minimum: 0,
      maximum: LAST_MOMENT,
      description: 'Its place among the entries, where the clock was put back before it: as a moment.',
    }),
  ),
};
const Text = Type.String({ maxLength: 1000 });

/** The schema of a point of posture that a teacher watches, and what to watch in a mirror or a film. */
export const PosturePoint = Type.Object(
  { name: Type.String({ maxLength: 80 }), hint: Type.Optional(Type.String({ maxLength: 160 })) },
  closed,
);

/** A point of posture. */
export type PosturePoint = Static<typeof PosturePoint>;

/** The schema of a note that was heard in a take, or one of its voices: the line index, and the distance from its target. */
const HeardInTake = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    cents: Type.Integer({ minimum: -100, maximum: 100, description: 'Sharp positive.' }),
    sure: Type.Number({ minimum: 0, maximum: 1, description: 'The certainty of the reading.' }),
    voice: Type.Optional(oneOf(VOICES)),
  },
  closed,
);

/** The largest file of an entry, bytes. */
export const LARGEST_FILE = 3_000_000;

/**
 * The schema of one line of a log. It is never changed: a mistake is corrected by an entry of its own. `attempt`: one try, good or missed;
 * `skipped`: a preparatory step that was passed over; `pain`: it hurt, and the set was ended; `end-check`: the end of the session;
 * `answer`: a question of the atlas or the ear, and its answer; `set`: a set was clean or not, with the helps that the piece was shown
 * with; `take`: a line was recorded and read, note by note, those left out that were unclear; `remark`, `posture`, `file`: a note of teacher or player; `aim`, `tolerance`, `points`, `fading`: a setting of the teacher from
 * here on; `correction`: another entry is taken back.
 */
export const LogEntry = Type.Union([
  Type.Object(
    {
      ...At,
      kind: Type.Literal('attempt'),
      practised: Practised,
      tempo: Type.Union([Type.Number({ minimum: 1, maximum: 400 }), Type.Null()]),
      miss: Type.Union([oneOf(MISSES), Type.Null()], { description: 'How it missed; null for a good one.' }),
      note: Type.Optional(Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 })),
      voice: Type.Optional(oneOf(VOICES)),
    },
    closed,
  ),
  Type.Object({ ...At, kind: Type.Literal('skipped'), practised: Practised, prompt: oneOf(PROMPTS) }, closed),
  Type.Object({ ...At, kind: Type.Literal('pain'), practised: Practised }, closed),
  Type.Object({ ...At, kind: Type.Literal('end-check'), aim: Type.String({ maxLength: 80 }), reached: Type.Boolean() }, closed),
  Type.Object(
    {
      ...At,
      kind: Type.Literal('answer'),
      question: Type.String({ maxLength: 160, description: 'What was asked, as the quiz names it.' }),
      given: Type.Array(Type.String({ maxLength: 24 }), { maxItems: 24 }),
      right: Type.Boolean(),
      seconds: Type.Union([Type.Number({ minimum: 0, maximum: 3600 }), Type.Null()]),
    },
    closed,
  ),
  Type.Object(
    {
      ...At,
      kind: Type.Literal('set'),
      practised: Practised,
      clean: Type.Boolean(),
      shown: Type.Array(oneOf(HELPS), { maxItems: HELPS.length }),
    },
    closed,
  ),
  Type.Object(
    {
      ...At,
      kind: Type.Literal('take'),
      practised: Practised,
      tolerance: Type.Integer({ minimum: 1, maximum: 100, description: 'Cents.' }),
      notes: Type.Array(HeardInTake, { maxItems: 2 * MOST_NOTES }),
      leftOut: Type.Integer({ minimum: 0, maximum: MOST_NOTES }),
      others: Type.Integer({ minimum: 0, maximum: 2 * MOST_NOTES, description: 'Other notes than those due.' }),
    },
    closed,
  ),
  Type.Object({ ...At, kind: Type.Literal('remark'), text: Text }, closed),
  Type.Object({ ...At, kind: Type.Literal('posture'), point: Type.String({ maxLength: 80 }), good: Type.Boolean() }, closed),
  Type.Object(
    {
      ...At,
      kind: Type.Literal('file'),
      name: Type.String({ maxLength: 120 }),
      type: Type.String({ maxLength: 80 }),
      bytes: Type.Integer({ minimum: 0, maximum: LARGEST_FILE }),
      data: Type.String({ maxLength: Math.ceil((LARGEST_FILE * 4) / 3) + 100, pattern: '^data:', description: 'A data URL.' }),
      recording: Type.Optional(Type.Literal(true, { description: 'It is the sound of a take.' })),
    },
    closed,
  ),
  Type.Object({ ...At, kind: Type.Literal('aim'), text: Type.String({ maxLength: 80 }) }, closed),
  Type.Object({ ...At, kind: Type.Literal('tolerance'), cents: Type.Integer({ minimum: 1, maximum: 100 }) }, closed),
  Type.Object({ ...At, kind: Type.Literal('points'), points: Type.Array(PosturePoint, { maxItems: 12 }) }, closed),
  Type.Object({ ...At, kind: Type.Literal('fading'), course: FadingCourse }, closed),
  Type.Object({ ...At, kind: Type.Literal('correction'), of: Type.String({ maxLength: 40 }) }, closed),
]);

/** One line of a log. */
export type LogEntry = Static<typeof LogEntry>;

/** The largest number of entries on a page of a log. */
export const MOST_ENTRIES = 5000;

/** The kind of an entry. */
export type EntryKind = LogEntry['kind'];

/** An entry of a kind. */
export type EntryOf<Kind extends EntryKind> = Extract<LogEntry, { readonly kind: Kind }>;

/** The content of an entry, before it has a number and a time. */
export type LogWhat = { readonly [Kind in EntryKind]: Omit<EntryOf<Kind>, 'id' | 'at' | 'order'> }[EntryKind];
