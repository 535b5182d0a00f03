import type { Brief } from '#core/brief';
import { schoolsOf } from '#core/hand';
import { INSTRUMENT_KINDS, type InstrumentKind, TUNINGS } from '#core/instrument';
import { type Picker, pickerOf } from './picker.ts';

const SCALES = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'chromatic',
  'dorian',
  'major-pentatonic',
  'whole-tone',
  'octatonic',
] as const;
const CHORDS = ['major', 'minor', 'diminished', 'augmented', 'dominant-seventh', 'diminished-seventh'] as const;
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab', 'F#', 'Db'] as const;
const LOWEST_OCTAVE: Readonly<Record<InstrumentKind, number>> = { violin: 3, viola: 3, cello: 2, bass: 1 };
const WISHES = [
  'fewest-shifts',
  'strong-fingers',
  'train-fourth',
  'open-strings-ring',
  'open-strings-covered',
  'one-string',
  'no-extensions',
  'low-positions',
  'connected',
  'finger-a-semitone',
] as const;

/** Makes briefs of every instrument, school, material, limit and wish; number `index` is always the same brief. */
export function seededBrief(index: number): Brief {
  const pick = pickerOf(1 + index * 7919);
  const kind = pick.one(INSTRUMENT_KINDS);
  const material = materialFor(kind, pick);
  const upDown = material.kind !== 'line' && material.kind !== 'broken' && material.direction === 'up-down';
  return {
    instrument: { kind, ...(pick.chance(0.1) ? tuneOtherwise(kind) : {}) },
    player: playerFor(kind, pick),
    material,
    ...(pick.chance(0.5)
      ? { rhythm: { noteValue: '1/8', meter: pick.one(['4/4', '3/4', '6/8']), notesPerBow: pick.one([1, 2, 3, 4]) } }
      : {}),
    ...(pick.chance(0.4) ? { tempo: pick.one([54, 72, 120]) } : {}),
    ...(pick.chance(0.3) ? { purpose: pick.one(['training', 'performance']) } : {}),
    ...wishesOf(pick),
    ...(upDown && pick.chance(0.3) ? { wayDown: 'as-up' } : {}),
    ...(material.kind === 'scale' && pick.chance(0.15) ? { samePatternEveryOctave: true } : {}),
    ...limitsFor(kind, pick),
    ...(pick.chance(0.25) ? { locks: [{ note: pick.whole(0, 6), finger: pick.one(['1', '2', '3', '4']) }] } : {}),
    ...(pick.chance(0.05) ? { weights: { shift: pick.whole(500, 3000) } } : {}),
    ...(pick.chance(0.2) ? { intonation: { system: pick.one(['linear', 'pure', 'melodic']) } } : {}),
  };
}

function wishesOf(pick: Picker): Pick<Brief, 'preferences'> {
  if (!pick.chance(0.5)) return {};
  return { preferences: Object.fromEntries(pick.some(WISHES, 0.15).map((wish) => [wish, pick.one([0.35, 0.7, 1])])) };
}

function materialFor(kind: InstrumentKind, pick: Picker): Brief['material'] {
  const tonic = `${pick.one(TONICS)}${LOWEST_OCTAVE[kind] + pick.whole(0, 1)}`;
  const pattern = { tonic, octaves: pick.one([1, 1, 2, 2, 3]), direction: pick.one(['up', 'down', 'up-down']) };
  const type = pick.one(SCALES);
  switch (pick.whole(0, 6)) {
    case 0:
    case 1:
      return { kind: 'scale', type, ...pattern };
    case 2:
    case 3:
      return { kind: 'arpeggio', type: pick.one(CHORDS), ...pattern };
    case 4:
      return { kind: 'broken', figure: pick.one(['thirds', 'fourths', 'sixths', 'threes']), type, ...pattern, octaves: 1 };
    case 5:
      return {
        kind: 'double-stops',
        interval: pick.one(['thirds', 'sixths', 'octaves', 'tenths']),
        type: pick.one(['major', 'natural-minor']),
        ...pattern,
        octaves: 1,
      };
    default:
      return lineFor(kind, pick);
  }
}

function lineFor(kind: InstrumentKind, pick: Picker): Brief['material'] {
  const octave = (): number => LOWEST_OCTAVE[kind] + pick.whole(0, 2);
  const note = (): Extract<Brief['material'], { kind: 'line' }>['notes'][number] =>
    pick.chance(0.08)
      ? { rest: true, duration: '1/4' }
      : {
          pitches: [`${pick.one(TONICS)}${octave()}`],
          duration: pick.one(['1/8', '1/4', '1/2']),
          ...(pick.chance(0.2) ? { slur: true } : {}),
        };
  return { kind: 'line', key: `${pick.one(['C', 'D', 'Bb', 'A'])} major`, notes: Array.from({ length: pick.whole(3, 16) }, note) };
}

function playerFor(kind: InstrumentKind, pick: Picker): NonNullable<Brief['player']> {
  const hand = pick.whole(0, 3);
  const preset = pick.one(['small', 'average', 'large']);
  return {
    school: pick.one(schoolsOf(kind)),
    ...(kind === 'bass' && pick.chance(0.3) ? { pivots: true } : {}),
    ...(hand === 0
      ? {}
      : { hand: hand === 1 && kind === 'violin' ? { firstToFourth: { comfortMm: 75, maxMm: 88 }, fingerDistanceMm: 9 } : { preset } }),
  };
}

function limitsFor(kind: InstrumentKind, pick: Picker): Pick<Brief, 'limits'> {
  if (!pick.chance(0.5)) return {};
  const positions = kind === 'bass' ? ['half', 'I', 'II', 'III', 'IV', 'V'] : ['half', '1', '2', '3', '4', '5'];
  const [allowed, strings, fingers] = [
    pick.some(positions, 0.5),
    pick.some(TUNINGS[kind], 0.8),
    pick.some(['T', '1', '2', '3', '4'] as const, 0.85),
  ];
  return {
    limits: {
      ...(allowed.length > 0 && pick.chance(0.5) ? { positions: allowed } : {}),
      ...(strings.length > 0 && pick.chance(0.25) ? { strings } : {}),
      ...(fingers.length > 0 && pick.chance(0.25) ? { fingers } : {}),
      ...(pick.chance(0.3) ? { openStrings: pick.one(['prefer', 'allow', 'avoid', 'none']) } : {}),
      ...(pick.chance(0.15)
        ? { highestPerString: [{ string: TUNINGS[kind][1] ?? '', highest: `${pick.one(['F', 'G', 'A'])}${LOWEST_OCTAVE[kind] + 2}` }] }
        : {}),
      ...(pick.chance(0.12) ? { shifts: pick.whole(0, 4) } : {}),
      ...(pick.chance(0.15) ? { harmonics: true } : {}),
    },
  };
}

/** Gives another tuning than usual. */
function tuneOtherwise(kind: InstrumentKind): { readonly tuning?: string[] } {
  const tunings: Readonly<Partial<Record<InstrumentKind, readonly string[]>>> = {
    violin: ['E5', 'A4', 'D4', 'G3', 'C3'],
    cello: ['G3', 'D3', 'G2', 'C2'],
    bass: ['A2', 'E2', 'B1', 'F#1'],
  };
  const tuning = tunings[kind];
  return tuning ? { tuning: [...tuning] } : {};
}
