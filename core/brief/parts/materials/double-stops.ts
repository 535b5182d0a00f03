import { type Static, Type } from '@sinclair/typebox';
import { DOUBLE_STOP_INTERVALS, type DoubleStopInterval, doubleStopScale, keyOfScale, SCALE_TYPES } from '#core/material/scale';
import { inOrder, lineOfPattern } from '#core/material/line';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, optionsOf, describePattern, SCALE_LABELS, scaleChoice, topChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  { kind: Type.Literal('double-stops'), interval: oneOf(DOUBLE_STOP_INTERVALS), type: oneOf(SCALE_TYPES), ...FROM_A_TONIC },
  { additionalProperties: false },
);

/** The names of double stops in the sentence. */
export const INTERVAL_LABELS: Readonly<Record<DoubleStopInterval, string>> = {
  thirds: 'thirds',
  sixths: 'sixths',
  octaves: 'octaves',
  'fingered-octaves': 'fingered octaves',
  tenths: 'tenths',
  unisons: 'unisons',
};

/** A scale in double stops. */
export const doubleStops: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'A', noun: 'double-stop scale', lead: 'in' },
  read: (material, rhythm) => {
    const { type, octaves, interval } = material;
    return lineOfPattern(
      material,
      {
        keyOn: (tonic) => keyOfScale(tonic, type),
        wayFrom: (tonic, way) => inOrder(doubleStopScale({ tonic, type, octaves, way }, interval), way),
      },
      rhythm,
    );
  },
  describe: (material) =>
    describePattern(material, `${SCALE_LABELS[material.type]} in double stops, ${INTERVAL_LABELS[material.interval]}`),
  ...fromATonic,
  repeatsByOctave: false,
  comesBackAlike: true,
  choices: [
    scaleChoice(),
    {
      label: 'Double stops',
      lead: 'in',
      options: optionsOf(DOUBLE_STOP_INTERVALS, INTERVAL_LABELS),
      chosen: ({ interval }) => interval,
      choose: (material, chosen) => ({
        ...material,
        interval: DOUBLE_STOP_INTERVALS.find((interval) => interval === chosen) ?? material.interval,
      }),
    },
    topChoice(),
  ],
  after: ({ scale: type, pattern }) => ({ kind: 'double-stops', interval: 'sixths', type, ...pattern }),
};
