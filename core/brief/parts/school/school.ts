import { type Static, type TOptional, type TProperties, type TUnsafe, Type } from '@sinclair/typebox';
import { Preferences } from '#core/brief/parts/wishes';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { eachNamed, oneOf } from '#core/result';
import { WEIGHTS, type WeightValue } from '#core/weights';
import { sideNames } from './question.ts';
import { QUESTION_NAMES, type QuestionName, questionNamed, type SideOf } from './questions.ts';
import { STYLES } from './styles.ts';

/** The schemas of the answers, by the name of the question. */
type WayFields = { readonly [Name in QuestionName]: TOptional<TUnsafe<SideOf<Name>>> };

/** The schemas of all answers. */
export const WAY_FIELDS: WayFields = /* @__PURE__ */ fieldsOf();

/**
 * Makes the schema of an answer to each question.
 *
 * @throws where a question has none, which is a bug
 */
function fieldsOf(): WayFields {
  const fields = Object.fromEntries(
    QUESTION_NAMES.map((name) => [name, Type.Optional(oneOf(sideNames(questionNamed(name).sides), questionNamed(name).title))]),
  );
  if (!isComplete(fields)) throw new RangeError(`One of these questions has no schema for its answer: ${QUESTION_NAMES.join(', ')}`);
  return fields;
}

function isComplete(fields: TProperties): fields is WayFields {
  return QUESTION_NAMES.every((name) => fields[name] !== undefined);
}

/** The schema of the answers to questions. */
export const WaysSchema = Type.Object(WAY_FIELDS, { additionalProperties: false });

/** Weights changed by name; ranges are those of the table. */
export type WeightChanges = Readonly<Record<string, WeightValue>>;

/** Weights changed by name, as documents carry them. */
export const WeightChanges = eachNamed<WeightChanges>(
  Object.keys(WEIGHTS),
  Type.Union([Type.Number(), Type.Array(Type.Number(), { minItems: 1, maxItems: 20 })]),
);

/** The labels under the notes, as a school teaches: finger numbers, names, both or neither. */
export const LABELS = ['numbers', 'names', 'both', 'neither'] as const;

/** One kind of label under the notes. */
export type Labels = (typeof LABELS)[number];

/** The largest distance of the bow from the bridge, mm: half of a double bass's string. */
const MOST_CONTACT_MM = 550;

/** The schema of how a teacher teaches: the answers to questions, the wishes of a style, the costs, and the names of patterns. */
export const School = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    ways: Type.Optional(WaysSchema),
    styles: Type.Optional(eachNamed<{ [Style in keyof typeof STYLES]?: Preferences }>(sideNames(STYLES), Preferences)),
    weights: Type.Optional(eachNamed<{ [Kind in (typeof INSTRUMENT_KINDS)[number]]?: WeightChanges }>(INSTRUMENT_KINDS, WeightChanges)),
    contactMm: Type.Optional(
      eachNamed<{ [Kind in (typeof INSTRUMENT_KINDS)[number]]?: Readonly<Record<string, number>> }>(
        INSTRUMENT_KINDS,
        Type.Record(Type.String({ maxLength: 12 }), Type.Number({ minimum: 1, maximum: MOST_CONTACT_MM })),
      ),
    ),
    labels: Type.Optional(oneOf(LABELS, 'What stands with the notes.')),
    patternNames: Type.Optional(
      Type.Record(Type.String({ maxLength: 40 }), Type.String({ minLength: 1, maxLength: 40 }), {
        description: 'By the distances between the fingers, the teacher’s own name.',
      }),
    ),
  },
  { additionalProperties: false },
);

/** The way a teacher teaches, as documents carry it. */
export type School = Static<typeof School>;
