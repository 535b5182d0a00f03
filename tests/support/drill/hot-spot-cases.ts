import type { Brief } from '#core/brief';
import { HOT_SPOT_KINDS, type Place } from '#core/drill/hot-spots';

/** A place a teacher would point at in a plan: its kind, the line index it arrives on, and its direction. */
export type ExpectedSpot = Pick<Place, 'kind' | 'note' | 'way'>;

/** A plan and its hot spots, written down before anything found them. */
export interface HotSpotCase {
  readonly name: string;
  readonly brief: Brief;
  readonly expected: readonly ExpectedSpot[];
}

type Kind = Brief['instrument']['kind'];
type ScaleOf = Extract<Brief['material'], { kind: 'scale' }>;
type ArpeggioOf = Extract<Brief['material'], { kind: 'arpeggio' }>;

function scale(
  kind: Kind,
  type: ScaleOf['type'],
  [tonic, octaves, direction]: readonly [string, ScaleOf['octaves'], ScaleOf['direction']],
  more: Partial<Brief> = {},
): Brief {
  return { instrument: { kind }, material: { kind: 'scale', type, tonic, octaves, direction }, ...more };
}

function arpeggio(
  kind: Kind,
  type: ArpeggioOf['type'],
  [tonic, octaves, direction]: readonly [string, ArpeggioOf['octaves'], ArpeggioOf['direction']],
): Brief {
  return { instrument: { kind }, material: { kind: 'arpeggio', type, tonic, octaves, direction } };
}

/** The hot spots: "shift 7 up, crossing 18 down". */
function spots(text: string): readonly ExpectedSpot[] {
  return text.split(', ').flatMap((spot): readonly ExpectedSpot[] => {
    const [, kind, note, way] = /^([a-z-]+) (\d+) (up|down)$/.exec(spot) ?? [];
    return isKind(kind) && (way === 'up' || way === 'down') ? [{ kind, note: Number(note), way }] : [];
  });
}

function isKind(text: string | undefined): text is ExpectedSpot['kind'] {
  return HOT_SPOT_KINDS.some((kind) => kind === text);
}

const third: Partial<Brief> = { limits: { positions: ['3'] } };

const CASES: readonly (readonly [string, Brief, string])[] = [
  ['violin, G major, one octave in first position', scale('violin', 'major', ['G3', 1, 'up-down']), ''],
  ['violin, D major, one octave up', scale('violin', 'major', ['D4', 1, 'up']), ''],
  ['violin, G major in first position', scale('violin', 'major', ['G3', 2, 'up-down']), 'diagonal 10 up, diagonal 22 down'],
  ['violin, C major through second', scale('violin', 'major', ['C4', 2, 'up-down']), 'shift 7 up, crossing 18 down, shift 22 down'],
  [
    'violin, D major coming down in third',
    scale('violin', 'major', ['D4', 2, 'down'], third),
    'crossing 4 down, crossing 8 down, crossing 12 down',
  ],
  ['violin, A major up', scale('violin', 'major', ['A3', 3, 'up']), 'shift 15 up, shift 18 up, top 21 up'],
  ['violin, A major down', scale('violin', 'major', ['A3', 3, 'down']), 'shift 4 down, shift 7 down'],
  ['violin, D melodic minor', scale('violin', 'melodic-minor', ['D4', 2, 'up-down']), 'shift 11 up, shift 18 down'],
  ['violin, A harmonic minor', scale('violin', 'harmonic-minor', ['A3', 2, 'up']), 'augmented-second 6 up, augmented-second 13 up'],
  [
    'violin, semitones from G',
    scale('violin', 'chromatic', ['G3', 1, 'up']),
    'one-finger-semitone 2 up, one-finger-semitone 4 up, one-finger-semitone 6 up, one-finger-semitone 11 up',
  ],
  ['violin, G major arpeggio', arpeggio('violin', 'major', ['G3', 3, 'up-down']), 'shift 8 up, shift 11 down'],
  ['violin, B flat major in first position', scale('violin', 'major', ['Bb3', 2, 'up-down']), 'block 18 down'],
  ['violin, A flat major down', scale('violin', 'major', ['Ab3', 3, 'down']), 'shift 4 down, shift 7 down, block 10 down, block 14 down'],
  ['violin, E major up', scale('violin', 'major', ['E4', 2, 'up']), 'shift 11 up, top 14 up'],
  ['viola, C major, one octave', scale('viola', 'major', ['C3', 1, 'up-down']), ''],
  ['viola, C major', scale('viola', 'major', ['C3', 2, 'up-down']), 'diagonal 10 up'],
  ['viola, E flat major', scale('viola', 'major', ['Eb3', 2, 'up-down']), 'block 18 down'],
  ['viola, D harmonic minor down', scale('viola', 'harmonic-minor', ['D3', 2, 'down']), 'augmented-second 2 down, augmented-second 9 down'],
  ['viola, F major up', scale('viola', 'major', ['F3', 3, 'up']), 'shift 15 up, shift 18 up, top 21 up'],
  ['viola, C minor arpeggio in first position', arpeggio('viola', 'minor', ['C3', 2, 'up-down']), ''],
  ['viola, G major coming down in third', scale('viola', 'major', ['G3', 2, 'down'], third), 'crossing 4 down'],
  ['cello, C major, one octave', scale('cello', 'major', ['C2', 1, 'up-down']), ''],
  ['cello, C major in first position', scale('cello', 'major', ['C2', 2, 'up-down']), ''],
  ['cello, D major up', scale('cello', 'major', ['D2', 2, 'up']), 'extension 1 up, extension 5 up'],
  ['cello, E major up', scale('cello', 'major', ['E2', 3, 'up']), 'shift 13 up, shift 16 up, shift 19 up'],
  ['cello, B flat major', scale('cello', 'major', ['Bb2', 2, 'up-down']), 'shift 9 up, shift 12 up, shift 17 down, shift 20 down'],
  ['cello, A harmonic minor', scale('cello', 'harmonic-minor', ['A2', 2, 'up-down']), 'shift 11 up, shift 18 down, augmented-second 13 up'],
  ['cello, semitones from C', scale('cello', 'chromatic', ['C2', 1, 'up']), 'shift 4 up, shift 8 down, shift 10 up'],
  ['cello, D major arpeggio', arpeggio('cello', 'major', ['D2', 3, 'up']), 'shift 7 up, shift 9 up'],
  ['cello, A major down', scale('cello', 'major', ['A2', 2, 'down']), 'shift 3 down, shift 4 down'],
  ['cello, D major onto the thumb', scale('cello', 'major', ['D3', 2, 'up'], { player: { school: 'thumb' } }), 'shift 8 up, shift 11 up'],
  ['cello, D melodic minor', scale('cello', 'melodic-minor', ['D2', 2, 'up-down']), 'shift 8 up'],
  ['bass, G major, one octave', scale('bass', 'major', ['G1', 1, 'up']), ''],
  ['bass, F major up', scale('bass', 'major', ['F1', 2, 'up']), 'shift 11 up, shift 13 up'],
  ['bass, B flat major in half position', scale('bass', 'major', ['Bb1', 1, 'up-down']), ''],
  ['bass, A minor down', scale('bass', 'natural-minor', ['A1', 1, 'down']), ''],
  ['bass, semitones from E', scale('bass', 'chromatic', ['E1', 1, 'up']), 'shift 2 up, shift 6 down, shift 7 up, shift 11 down'],
  ['bass, G major arpeggio', arpeggio('bass', 'major', ['G1', 2, 'up-down']), 'shift 5 up, shift 6 up, shift 7 down, shift 8 down'],
  ['bass, D harmonic minor', scale('bass', 'harmonic-minor', ['D2', 1, 'up-down']), 'shift 6 up, shift 9 down'],
  ['bass, C major down, four fingers', scale('bass', 'major', ['C2', 1, 'down'], { player: { school: '1234' } }), ''],
];

/** Forty plans over the four instruments. */
export const HOT_SPOT_CASES: readonly HotSpotCase[] = CASES.map(([name, brief, text]) => ({ name, brief, expected: spots(text) }));
