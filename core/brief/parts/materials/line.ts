import { type Static, Type } from '@sinclair/typebox';
import { LineNoteDocument, MOST_NOTES, readTypedLine } from '#core/material/typed';
import { SignatureChanges } from '#core/material/signature';
import { keyLabel, type KeyMode } from '#core/key';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  {
    kind: Type.Literal('line'),
    notes: Type.Array(LineNoteDocument, { maxItems: MOST_NOTES }),
    key: Type.Optional(Type.String({ maxLength: 12 })),
    changes: Type.Optional(SignatureChanges),
  },
  { additionalProperties: false },
);

/** The key of a line that names none. */
export const USUAL_KEY = 'C major';

/** Lists the keys a line goes through, one after the other. */
function keysOf({ key, changes = [] }: Static<typeof schema>): readonly string[] {
  const keys = [key ?? USUAL_KEY, ...changes.flatMap((change) => change.key ?? [])];
  return keys.filter((key, order) => key !== keys[order - 1]);
}

/** A line of the teacher's own, note by note. */
export const line: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'A', noun: 'line of my own', lead: 'in' },
  read: ({ notes, key, changes }, rhythm) => readTypedLine({ notes, key: key ?? USUAL_KEY, changes }, rhythm),
  describe: (material) => `a line in ${keysOf(material).map(keyLabel).join(', then ')}`,
  tonicName: ({ key }) => (key ?? USUAL_KEY).split(' ')[0] ?? 'C',
  mode: ({ key }): KeyMode => ((key ?? USUAL_KEY).endsWith('minor') ? 'minor' : 'major'),
  begins: () => null,
  octaves: () => null,
  repeatsByOctave: false,
  comesBackAlike: false,
  choices: [],
  after: ({ tonicName, mode, notes }) => ({ kind: 'line', key: `${tonicName} ${mode}`, notes: notes() }),
};
