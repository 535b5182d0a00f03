import { type Static, Type } from '@sinclair/typebox';
import { inOrder, keyOfScale, lineOfPattern, SCALE_TYPES, scalePitches, semitonesOfDegree, turnBelow } from '#core/material';
import { formatPitch, parsePitch } from '#core/pitch';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, optionsOf, patternTold, SCALE_LABELS, scaleChoice, topChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

const schema = Type.Object(
  {
    kind: Type.Literal('scale'),
    type: oneOf(SCALE_TYPES),
    ...FROM_A_TONIC,
    from: Type.Optional(Type.Integer({ minimum: 1, maximum: 7, description: 'The degree on which it begins and ends; 1 is the tonic.' })),
    turn: Type.Optional(Type.Boolean({ description: 'Come down again, it touches the degree below the tonic.' })),
  },
  { additionalProperties: false },
);

type ScaleMaterial = Static<typeof schema>;

/** Degrees to begin on. */
const DEGREES = ['1', '2', '3', '4', '5', '6', '7'] as const;

/** The same in the sentence. */
const DEGREE_LABELS = {
  '1': 'from its first degree',
  '2': 'from its second degree',
  '3': 'from its third degree',
  '4': 'from its fourth degree',
  '5': 'from its fifth degree',
  '6': 'from its sixth degree',
  '7': 'from its seventh degree',
} as const;

/** The bottom of a scale that has come down, in the sentence. */
const BOTTOM_LABELS = { plain: 'ending on the tonic', turn: 'with a turn at the bottom' } as const;

/** What is special about a scale, after its name: "from its third degree". */
function specially(material: ScaleMaterial): string {
  const from = Object.entries(DEGREE_LABELS).find(([degree]) => Number(degree) === (material.from ?? 1))?.[1] ?? '';
  return `${(material.from ?? 1) > 1 ? ` ${from}` : ''}${turns(material) ? ` ${BOTTOM_LABELS.turn}` : ''}`;
}

/** Only what comes down to its tonic has a turn there. */
function turns({ direction, from = 1, turn }: ScaleMaterial): boolean {
  return turn === true && direction === 'up-down' && from === 1;
}

/** A scale from tonic to tonic, or from another degree to the same. */
export const scale: MaterialPart<ScaleMaterial> = {
  schema,
  name: { article: 'A', noun: 'scale', lead: 'in' },
  read: (material, rhythm) => {
    const { type, octaves, from } = material;
    return lineOfPattern(
      material,
      {
        keyOn: (tonic) => keyOfScale(tonic, type),
        wayFrom: (tonic, way) => inOrder(scalePitches({ tonic, type, octaves, from, way }), way),
        ...(turns(material) ? { turn: (tonic) => turnBelow(tonic, type) } : {}),
      },
      rhythm,
    );
  },
  told: (material) => patternTold(material, `${SCALE_LABELS[material.type]}${specially(material)}`),
  ...fromATonic,
  begins: ({ tonic: text, type, from }) => {
    const tonic = parsePitch(text);
    const [first] = (tonic.ok && scalePitches({ tonic: tonic.value, type, octaves: 1, from, way: 'up' })) || [];
    return first ? formatPitch(first) : text;
  },
  octaves: (material) => ({
    ...fromATonic.octaves(material),
    after: turns(material) ? 2 : 0,
    lowestAbove: turns(material) ? -2 : semitonesOfDegree(material.type, material.from ?? 1),
  }),
  repeatsByOctave: true,
  comesBackAlike: true,
  choices: [
    scaleChoice(),
    {
      label: 'First degree',
      lead: '',
      options: optionsOf(DEGREES, DEGREE_LABELS),
      usual: '1',
      chosen: ({ from }) => String(from ?? 1),
      choose: (material, chosen) => ({ ...material, from: Number(DEGREES.find((degree) => degree === chosen) ?? material.from ?? 1) }),
    },
    topChoice(),
    {
      label: 'Bottom',
      lead: '',
      options: optionsOf(['plain', 'turn'], BOTTOM_LABELS),
      usual: 'plain',
      chosen: ({ turn }) => (turn === true ? 'turn' : 'plain'),
      choose: (material, chosen) => (chosen in BOTTOM_LABELS ? { ...material, turn: chosen === 'turn' } : material),
    },
  ],
  after: ({ scale: type, pattern }) => ({ kind: 'scale', type, ...pattern }),
};
