import { type Static, Type } from '@sinclair/typebox';
import { inOrder, keyOfScale, lineOfPattern, SCALE_TYPES, scalePitches } from '#core/material';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, patternTold, SCALE_LABELS, scaleChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object({ kind: Type.Literal('scale'), type: oneOf(SCALE_TYPES), ...FROM_A_TONIC }, { additionalProperties: false });

/** A scale from tonic to tonic. */
export const scale: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'A', noun: 'scale', lead: 'in' },
  read: (material, rhythm) => {
    const { type, octaves } = material;
    return lineOfPattern(
      material,
      { keyOn: (tonic) => keyOfScale(tonic, type), wayFrom: (tonic, way) => inOrder(scalePitches({ tonic, type, octaves, way }), way) },
      rhythm,
    );
  },
  told: (material) => patternTold(material, SCALE_LABELS[material.type]),
  ...fromATonic,
  repeatsByOctave: true,
  comesBackAlike: true,
  choices: [scaleChoice()],
  after: ({ scale: type, pattern }) => ({ kind: 'scale', type, ...pattern }),
};
