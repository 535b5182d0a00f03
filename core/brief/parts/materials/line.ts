import { type Static, Type } from '@sinclair/typebox';
import { LineNoteDocument, MOST_NOTES, readTypedLine } from '#core/material';
import { keyLabel, type KeyMode } from '#core/pitch';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  {
    kind: Type.Literal('line'),
    notes: Type.Array(LineNoteDocument, { maxItems: MOST_NOTES }),
    key: Type.Optional(Type.String({ maxLength: 12 })),
  },
  { additionalProperties: false },
);

/** The key of a line that names none. */
export const USUAL_KEY = 'C major';

/** A line of the teacher's own, note by note. */
export const line: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'A', noun: 'line of my own', lead: 'in' },
  read: ({ notes, key }, rhythm) => readTypedLine(notes, key ?? USUAL_KEY, rhythm),
  told: ({ key }) => `a line in ${keyLabel(key ?? USUAL_KEY)}`,
  tonicName: ({ key }) => (key ?? USUAL_KEY).split(' ')[0] ?? 'C',
  mode: ({ key }): KeyMode => ((key ?? USUAL_KEY).endsWith('minor') ? 'minor' : 'major'),
  begins: () => null,
  octaves: () => null,
  repeatsByOctave: false,
  comesBackAlike: false,
  choices: [],
  after: ({ tonicName, mode, notes }) => ({ kind: 'line', key: `${tonicName} ${mode}`, notes: notes() }),
};
