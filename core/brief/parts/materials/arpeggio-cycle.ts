import { type Static, Type } from '@sinclair/typebox';
import { arpeggioCycle } from '#core/material/scale';
import { lineOfPattern } from '#core/material/line';
import { keyOfTonic } from '#core/key';
import { FROM_A_TONIC, fromATonic, describePattern } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  { kind: Type.Literal('arpeggio-cycle'), type: Type.Literal('cycle'), ...FROM_A_TONIC },
  { additionalProperties: false },
);

/** The broken chords of a scale book on one lowest note, played one after the other. */
export const arpeggioCyclePart: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'An', noun: 'arpeggio cycle', lead: 'on' },
  read: (material, rhythm) =>
    lineOfPattern(
      { ...material, type: 'arpeggio cycle', direction: 'up' },
      { keyOn: (tonic) => keyOfTonic(tonic, 'major'), wayFrom: (tonic) => arpeggioCycle(tonic, material.octaves, material.direction) },
      rhythm,
    ),
  describe: (material) => describePattern(material, 'arpeggio cycle'),
  ...fromATonic,
  repeatsByOctave: false,
  comesBackAlike: false,
  choices: [],
  after: ({ pattern }) => ({ kind: 'arpeggio-cycle', type: 'cycle', ...pattern }),
};
