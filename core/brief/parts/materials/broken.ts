import { type Static, Type } from '@sinclair/typebox';
import { BROKEN_FIGURES, type BrokenFigure, brokenScale, keyOfScale, SCALE_TYPES, scalePitches } from '#core/material/scale';
import { lineOfPattern } from '#core/material/line';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, optionsOf, describePattern, SCALE_LABELS, scaleChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  { kind: Type.Literal('broken'), figure: oneOf(BROKEN_FIGURES), type: oneOf(SCALE_TYPES), ...FROM_A_TONIC },
  { additionalProperties: false },
);

const LABELS: Readonly<Record<BrokenFigure, string>> = {
  thirds: 'thirds',
  fourths: 'fourths',
  fifths: 'fifths',
  sixths: 'sixths',
  sevenths: 'sevenths',
  octaves: 'octaves',
  threes: 'groups of three',
  fours: 'groups of four',
  turns: 'turns around each note',
  returning: 'runs that return',
};

/** A scale broken into figures. Coming down it is read from the top, so its way back is no mirror. */
export const broken: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'A', noun: 'broken scale', lead: 'in' },
  read: (material, rhythm) => {
    const { type, octaves, figure } = material;
    return lineOfPattern(
      material,
      {
        keyOn: (tonic) => keyOfScale(tonic, type),
        wayFrom: (tonic, way) => {
          const rising = scalePitches({ tonic, type, octaves, way });
          return rising && brokenScale(rising, figure, way);
        },
      },
      rhythm,
    );
  },
  describe: (material) => describePattern(material, `${SCALE_LABELS[material.type]} in ${LABELS[material.figure]}`),
  ...fromATonic,
  repeatsByOctave: false,
  comesBackAlike: false,
  choices: [
    scaleChoice(),
    {
      label: 'Figure',
      lead: 'in',
      options: optionsOf(BROKEN_FIGURES, LABELS),
      chosen: ({ figure }) => figure,
      choose: (material, chosen) => ({ ...material, figure: BROKEN_FIGURES.find((figure) => figure === chosen) ?? material.figure }),
    },
  ],
  after: ({ scale: type, pattern }) => ({ kind: 'broken', figure: 'thirds', type, ...pattern }),
};
