import { type Static, Type } from '@sinclair/typebox';
import { ARPEGGIO_TYPES, arpeggioPitches, type ArpeggioType, keyOfArpeggio } from '#core/material/scale';
import { inOrder, lineOfPattern } from '#core/material/line';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, optionsOf, describePattern, topChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  { kind: Type.Literal('arpeggio'), type: oneOf(ARPEGGIO_TYPES), ...FROM_A_TONIC },
  { additionalProperties: false },
);

const LABELS: Readonly<Record<ArpeggioType, string>> = {
  major: 'major',
  minor: 'minor',
  diminished: 'diminished',
  augmented: 'augmented',
  'dominant-seventh': 'dominant seventh',
  'diminished-seventh': 'diminished seventh',
  'major-seventh': 'major seventh',
  'minor-seventh': 'minor seventh',
  'half-diminished-seventh': 'half-diminished seventh',
};

/** A chord note by note, from root to root. */
export const arpeggio: MaterialPart<Static<typeof schema>> = {
  schema,
  name: { article: 'An', noun: 'arpeggio', lead: 'of' },
  read: (material, rhythm) => {
    const { type, octaves } = material;
    return lineOfPattern(
      material,
      { keyOn: (tonic) => keyOfArpeggio(tonic, type), wayFrom: (tonic, way) => inOrder(arpeggioPitches(tonic, type, octaves), way) },
      rhythm,
    );
  },
  describe: (material) => describePattern(material, `${LABELS[material.type]} arpeggio`),
  ...fromATonic,
  repeatsByOctave: true,
  comesBackAlike: true,
  choices: [
    {
      label: 'Chord',
      lead: '',
      options: optionsOf(ARPEGGIO_TYPES, LABELS),
      chosen: ({ type }) => type,
      choose: (material, chosen) => ({ ...material, type: ARPEGGIO_TYPES.find((type) => type === chosen) ?? material.type }),
    },
    topChoice(),
  ],
  after: ({ mode, pattern }) => ({ kind: 'arpeggio', type: mode, ...pattern }),
};
