import type { Brief } from '#core/brief';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { lineBrief } from '../briefs.ts';

const SCALE = { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up-down' } as const;

/** The briefs in which each part of the sentence stands at every kind of value, alone and beside others. */
const CHOSEN: readonly Brief[] = [
  { instrument: { kind: 'violin' }, material: { ...SCALE, direction: 'up' } },
  { instrument: { kind: 'violin' }, material: SCALE, wayDown: 'as-up', rhythm: { notesPerBow: 8, meter: '2/4' } },
  { instrument: { kind: 'violin' }, material: { ...SCALE, octaves: 1 }, limits: { positions: ['half'] } },
  { instrument: { kind: 'violin' }, material: SCALE, limits: { positions: ['1', '3'], strings: ['A4'], fingers: ['1'] } },
  { instrument: { kind: 'violin' }, material: SCALE, limits: { shifts: 1, openStrings: 'none' } },
  { instrument: { kind: 'violin' }, material: SCALE, limits: { shifts: 0, harmonics: true } },
  { instrument: { kind: 'violin' }, material: SCALE, samePatternEveryOctave: true, preferences: { 'one-string': 1 } },
  { instrument: { kind: 'violin' }, material: SCALE, stretches: [{ from: 0, to: 3, limits: { strings: ['G3'] } }] },
  { instrument: { kind: 'violin' }, material: SCALE, stretches: [{ from: 4, to: 4, preferences: { 'open-strings-ring': 1 } }] },
  {
    instrument: { kind: 'viola', size: '16"' },
    material: { ...SCALE, tonic: 'C3' },
    player: { name: 'Linnet', hand: { preset: 'small' } },
  },
  { instrument: { kind: 'viola', stringLengthMm: 371 }, material: { ...SCALE, tonic: 'C3' }, limits: { strings: ['C3', 'G3'] } },
  {
    instrument: { kind: 'cello' },
    material: { ...SCALE, tonic: 'C2' },
    player: { school: 'thumb' },
    limits: { positions: ['1', '4', 'thumb'] },
  },
  { instrument: { kind: 'cello' }, material: { ...SCALE, tonic: 'C2' }, limits: { highestPerString: [{ string: 'A3', highest: 'D4' }] } },
  { instrument: { kind: 'bass' }, material: { ...SCALE, tonic: 'E1' }, limits: { positions: ['half', 'I', 'II', 'II-III'] } },
  { instrument: { kind: 'bass' }, material: { ...SCALE, tonic: 'E1' }, player: { name: 'Merle', school: '1234' }, purpose: 'training' },
  { instrument: { kind: 'bass' }, material: { ...SCALE, tonic: 'E1' }, ways: { down: 'as-up', fingers: 'lifted' } },
  lineBrief('violin', ['E5', 'F5', 'G5'], { preferences: { 'strong-fingers': 0.7, 'fewest-shifts': 1, connected: 0.35 } }, 'D minor'),
];

/** The sixty briefs that are read aloud: the demo, the chosen, and some put together at random. */
export const TOLD_BRIEFS: readonly Brief[] = [
  ...DEMO_PIECES.map(({ brief }) => brief),
  ...CHOSEN,
  ...Array.from({ length: 60 - DEMO_PIECES.length - CHOSEN.length }, (_, index) => seededBrief(index)),
];
