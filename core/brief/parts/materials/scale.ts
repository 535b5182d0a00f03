import { type Static, Type } from '@sinclair/typebox';
import { inOrder, lineOfPattern } from '#core/material/line';
import { keyOfScale, SCALE_TYPES, scalePitches, semitonesFurther, semitonesOfDegree, turnBelow } from '#core/material/scale';
import { formatPitch, parsePitch } from '#core/pitch';
import { oneOf } from '#core/result';
import { FROM_A_TONIC, fromATonic, optionsOf, describePattern, SCALE_LABELS, scaleChoice, topChoice } from './from-a-tonic.ts';
import type { MaterialPart } from './material-part.ts';

/** The largest number of notes that a scale goes on above its last octave; one more would be an octave. */
export const MOST_FURTHER = 6;

const schema = Type.Object(
  {
    kind: Type.Literal('scale'),
    type: oneOf(SCALE_TYPES),
    ...FROM_A_TONIC,
    from: Type.Optional(Type.Integer({ minimum: 1, maximum: 7, description: 'The degree on which it begins and ends; 1 is the tonic.' })),
    further: Type.Optional(
      Type.Integer({ minimum: 0, maximum: MOST_FURTHER, description: 'So many notes of the scale above its last octave.' }),
    ),
    turn: Type.Optional(Type.Boolean({ description: 'Come down again, it touches the degree below the tonic.' })),
  },
  { additionalProperties: false },
);

type ScaleMaterial = Static<typeof schema>;

/** The degrees on which a scale may begin. */
const DEGREES = ['1', '2', '3', '4', '5', '6', '7'] as const;

/** The names of the degrees in the sentence. */
const DEGREE_LABELS = {
  '1': 'from its first degree',
  '2': 'from its second degree',
  '3': 'from its third degree',
  '4': 'from its fourth degree',
  '5': 'from its fifth degree',
  '6': 'from its sixth degree',
  '7': 'from its seventh degree',
} as const;

/** The words for the bottom of a scale that has come down, in the sentence. */
const BOTTOM_LABELS = { plain: 'ending on the tonic', turn: 'with a turn at the bottom' } as const;

/** Writes what is special about a scale, after its name: "from its third degree". */
function specially(material: ScaleMaterial): string {
  const from = Object.entries(DEGREE_LABELS).find(([degree]) => Number(degree) === (material.from ?? 1))?.[1] ?? '';
  return `${(material.from ?? 1) > 1 ? ` ${from}` : ''}${turns(material) ? ` ${BOTTOM_LABELS.turn}` : ''}`;
}

/** The distances that a scale may go above its last octave. */
const FURTHER = ['0', '1', '2', '3', '4', '5', '6'] as const;

/** The names of these distances in the sentence. */
const FURTHER_LABELS = {
  '0': 'no further',
  '1': 'one note further',
  '2': 'two notes further',
  '3': 'three notes further',
  '4': 'four notes further',
  '5': 'five notes further',
  '6': 'six notes further',
} as const;

function furtherTold({ further = 0 }: ScaleMaterial): string {
  const told = FURTHER.find((known) => Number(known) === further);
  return told && further > 0 ? `, ${FURTHER_LABELS[told]}` : '';
}

/** Tells whether a scale comes down to its tonic and so may turn there. */
function turns({ direction, from = 1, turn }: ScaleMaterial): boolean {
  return turn === true && direction === 'up-down' && from === 1;
}

/** A scale from tonic to tonic, or from another degree to the same. */
export const scale: MaterialPart<ScaleMaterial> = {
  schema,
  name: { article: 'A', noun: 'scale', lead: 'in' },
  read: (material, rhythm) => {
    const { type, octaves, from, further } = material;
    return lineOfPattern(
      material,
      {
        keyOn: (tonic) => keyOfScale(tonic, type),
        wayFrom: (tonic, way) => inOrder(scalePitches({ tonic, type, octaves, from, further, way }), way),
        ...(turns(material) ? { turn: (tonic) => turnBelow(tonic, type) } : {}),
      },
      rhythm,
    );
  },
  describe: (material) => `${describePattern(material, `${SCALE_LABELS[material.type]}${specially(material)}`)}${furtherTold(material)}`,
  ...fromATonic,
  begins: ({ tonic: text, type, from }) => {
    const tonic = parsePitch(text);
    const [first] = (tonic.ok && scalePitches({ tonic: tonic.value, type, octaves: 1, from, way: 'up' })) || [];
    return first ? formatPitch(first) : text;
  },
  octaves: (material) => ({
    ...fromATonic.octaves(material),
    after: turns(material) ? 2 : 0,
    further: material.further ?? 0,
    highestFurther: semitonesFurther(material),
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
    {
      label: 'Further',
      lead: '',
      options: optionsOf(FURTHER, FURTHER_LABELS),
      usual: '0',
      chosen: ({ further }) => String(further ?? 0),
      choose: ({ further: _, ...material }, chosen) => {
        const further = Number(FURTHER.find((known) => known === chosen) ?? 0);
        return further === 0 ? material : { ...material, further };
      },
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
