import type { InstrumentKind } from '#core/instrument';
import { seededNumbers, type Sound } from '#core/listening';
import { addStrokes } from './additive-voice.ts';
import type { Stroke } from './bow-strokes.ts';
import { partialStrength } from './timbres.ts';

/** The flaws with which a shift, an octave and a change of string are made to be heard. */
export const FLAWS = {
  shift: ['short', 'beyond', 'squeezed', 'late', 'slide-too-light', 'slide-too-heavy'],
  octave: ['upper-out', 'lower-out', 'balance'],
  crossing: ['cut'],
} as const;

/** A thing that is heard right and wrong: a shift, an octave, a change of string. */
export type PairKind = keyof typeof FLAWS;

/** A flaw of a rendering. */
export type Flaw = (typeof FLAWS)[PairKind][number];

/** Two notes of a line that are rendered: of a shift and of a change of string one after the other, of an octave together. */
export type PairNotes = {
  readonly instrument: InstrumentKind;
  /** The two frequencies: the old and the new, or the lower and the upper, Hz. */
  readonly hz: readonly [number, number];
} & ({ readonly pair: Exclude<PairKind, 'shift'> } | ShiftHeard);

/** The way of a shift: short and beyond are said of the hand, whatever the notes do. */
interface ShiftHeard {
  readonly pair: 'shift';
  /** Whether the hand moves up the string. */
  readonly up: boolean;
  /** The slide that the guide makes heard, from one frequency to another, Hz. */
  readonly slide: { readonly fromHz: number; readonly toHz: number };
}

/** The rate of a rendering, samples a second. */
const RATE = 22_050;

/** The length of each note, and of an octave, seconds. */
const NOTE = 0.9;
const OCTAVE = 2.2;

/** The length of a good slide, of one that is hurried and of one that drags, seconds, and how much later a late shift arrives. */
const SLIDE = { good: 0.13, squeezed: 0.04, heavy: 0.32 } as const;
const LATE = 0.22;

/** The loudness of the bow on a good slide, on one that hardly leads, and on one that is pressed; and of a bow that hangs on one string. */
const ON_SLIDE = { good: 0.55, light: 0.08, heavy: 1.15 } as const;
const BALANCE = 0.22;

/** The cents by which a landing, and a voice of an octave, is out. */
const OUT = 42;

/** The silence before a string that was cut off, seconds. */
const CUT = 0.11;

/** Renders two notes, right or with a flaw; the same for the same seed. */
export function renderPair(notes: PairNotes, flaw: Flaw | null, seed: number): Sound {
  const samples = new Float32Array(Math.ceil((OCTAVE + 0.7) * RATE));
  const random = seededNumbers(seed * 7717 + 3);
  const strength = partialStrength(notes.instrument, 'full');
  for (const voice of voicesOf(notes, flaw)) addStrokes(voice, { samples, sampleRate: RATE, strength, vibrato: null, random });
  return { samples, sampleRate: RATE };
}

const PLAIN = { from: null, loudness: 1, landing: null, slurred: false, goesOn: false, stopped: true } as const;

/** The beginning of the first note, seconds. */
const FIRST_AT = 0.1;

function voicesOf(notes: PairNotes, flaw: Flaw | null): readonly (readonly Stroke[])[] {
  const [one, other] = notes.hz;
  switch (notes.pair) {
    case 'shift':
      return [shiftStrokes(notes.hz, notes, flaw)];
    case 'octave': {
      const until = FIRST_AT + OCTAVE;
      const outBy = 2 ** (OUT / 1200);
      const lower: Stroke = { ...PLAIN, at: FIRST_AT, until, hz: flaw === 'lower-out' ? one / outBy : one };
      const upper: Stroke = { ...PLAIN, at: FIRST_AT, until, hz: flaw === 'upper-out' ? other * outBy : other };
      return [[lower], [{ ...upper, loudness: flaw === 'balance' ? BALANCE : 1 }]];
    }
    case 'crossing': {
      const change = FIRST_AT + NOTE;
      const first: Stroke = { ...PLAIN, at: FIRST_AT, until: flaw === 'cut' ? change - CUT : change + RINGS_ON, hz: one };
      return [[first], [{ ...PLAIN, at: change, until: change + NOTE, hz: other }]];
    }
  }
}

/** The time for which a string rings on under the next, seconds. */
const RINGS_ON = 0.16;

function shiftStrokes([oldHz, newHz]: PairNotes['hz'], { up, slide }: ShiftHeard, flaw: Flaw | null): readonly Stroke[] {
  const seconds = flaw === 'squeezed' ? SLIDE.squeezed : flaw === 'slide-too-heavy' ? SLIDE.heavy : SLIDE.good;
  const arrives = FIRST_AT + NOTE + (flaw === 'late' ? LATE : 0);
  const loudness = flaw === 'slide-too-heavy' ? ON_SLIDE.heavy : flaw === 'slide-too-light' ? ON_SLIDE.light : ON_SLIDE.good;
  const way = up ? 1 : -1;
  const outBy = flaw === 'beyond' ? way * OUT : flaw === 'short' ? -way * OUT : 0;
  // The whole hand lands beside its place, and with it the finger that passes the in-between note.
  const landed = newHz * 2 ** (outBy / 1200);
  const from = {
    hz: slide.fromHz,
    toHz: slide.toHz * 2 ** (outBy / 1200),
    seconds,
    loudness: flaw === 'squeezed' ? ON_SLIDE.heavy : loudness,
  };
  return [
    { ...PLAIN, at: FIRST_AT, until: arrives - seconds, hz: oldHz, goesOn: true },
    { ...PLAIN, at: arrives - seconds, until: arrives + NOTE, hz: landed, from, slurred: true },
  ];
}
