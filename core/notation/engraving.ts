import { type ClefName, CLEFS_READ, type InstrumentKind, writtenPitch } from '#core/instrument';
import { type Accent, type Articulation, isGrace, type Line, type NoteContent, pitchesOf } from '#core/material/line';
import { intoMeasure, type LineMeasure, measureIndexAt, measuresOf } from '#core/material/measures';
import type { Signature } from '#core/material/signature';
import { alterationInKey, type Key } from '#core/key';
import { type Pitch, transpose } from '#core/pitch';
import { addFractions, compareFractions, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import type { Finger } from '#core/hand/placement';
import { isCompound, isPlain, type NoteValue, tupletStarts, writeFrom, writtenLengths } from '#core/rhythm';
import { TOUCHED_ABOVE } from '#core/hand/together';
import { type ClefMoment, ownReading, type StaffReading, staffReadings } from './clef.ts';
import { type ReadAs, stoppedUnder } from './read-as.ts';

/** One note head: the pitch as the player reads it, and the sign it needs. */
export interface WrittenHead {
  /** The pitch on the staff. */
  readonly written: Pitch;
  /** The accidental before the head: the alteration −2 … 2 (0 a natural); null when none is needed. */
  readonly accidental: number | null;
  /** Whether the sign is not needed, but a courtesy: the note had another just before. */
  readonly courtesy: boolean;
  /** Whether it is an open diamond, as a touched note is written. */
  readonly diamond: boolean;
}

/** A grace note before a note of a measure. */
export interface SmallNote {
  /** The index in the line. */
  readonly index: number;
  /** The heads, the lowest first. */
  readonly heads: readonly WrittenHead[];
  /** The written value. */
  readonly value: NoteValue;
  /** The finger that passes over it on the way of a shift to the note; absent for a grace note of the line. */
  readonly passedBy?: Finger;
}

/** A note as it is written in one measure: a long note is several of these, tied. */
export interface MeasureNote {
  /** The kind that sounds. */
  readonly kind: 'note';
  /** The index in the line. */
  readonly index: number;
  /** The reading of the staff there. */
  readonly reading: StaffReading;
  /** The heads, the lowest first. */
  readonly heads: readonly WrittenHead[];
  /** The grace notes that lead to it, in order. */
  readonly small: readonly SmallNote[];
  /** The written value. */
  readonly value: NoteValue;
  /** Its place in a tuplet; null outside of any. */
  readonly tuplet: TupletPlace | null;
  /** Whether it is tied to the note before. */
  readonly tiedFromBefore: boolean;
  /** Whether it is tied to the next. */
  readonly tiedToNext: boolean;
  /** The accent at it; null for none. */
  readonly accent: Accent | null;
  /** The dot, line or wedge at it; null for none. */
  readonly articulation: Articulation | null;
  /** Its place in a slur; null outside of any. */
  readonly slur: 'begins' | 'continues' | 'ends' | null;
}

/** A rest as it is written in one measure. */
export interface MeasureRest {
  /** The kind that is silent. */
  readonly kind: 'rest';
  /** The index in the line. */
  readonly index: number;
  /** The reading of the staff there. */
  readonly reading: StaffReading;
  /** The written value. */
  readonly value: NoteValue;
  /** Its place in a tuplet; null outside of any. */
  readonly tuplet: TupletPlace | null;
}

/** The place of a note or rest in its tuplet. */
export type TupletPlace = 'begins' | 'continues' | 'ends' | 'alone';

/** A note or rest in a measure. */
export type MeasureSymbol = MeasureNote | MeasureRest;

/** One measure with its key and meter; the last may be shorter than the meter. */
export interface Measure extends Signature {
  /** The number, from 1. */
  readonly number: number;
  /** The notes and rests in order. */
  readonly symbols: readonly MeasureSymbol[];
}

/** A line as it stands on the staff, with the key and meter it begins in. */
export interface Engraving extends Signature {
  /** The reading at the beginning of the line; each symbol has its own. */
  readonly reading: StaffReading;
  /** Whether the first measure is a pick-up: shorter than the others, and not counted. */
  readonly pickUp: boolean;
  /** The measures from the first on. */
  readonly measures: readonly Measure[];
}

/** A clef that is set at a note of the line, until the next. */
export interface ClefSet {
  /** The index in the line. */
  readonly note: number;
  /** The clef. The clef before stays where none is given, or one that players of the instrument do not read. */
  readonly clef?: ClefName | undefined;
}

/** The choices for reading a line. */
export interface ReadingChoice {
  /** Tells how retuned strings are read; without it every string is as usual. */
  readonly readAs?: ReadAs;
  /** The clefs that are set; where none is, the one that reads with the least effort. */
  readonly clefs?: readonly ClefSet[] | undefined;
}

/** Writes a line into measures: cuts notes at bar lines and into writable values, and sets clefs, ties, slurs and accidentals. */
export function engravingOf(kind: InstrumentKind, line: Line, { readAs = asUsual(kind), clefs }: ReadingChoice = {}): Engraving {
  const bars = measuresOf(line);
  const readings = staffReadings(kind, clefMoments(line, bars, { readAs, set: clefsInForce(kind, line, clefs) }));
  const starts = tupletStarts(line.notes.map(({ onset }) => onset));
  const measures = new Map<number, MeasureSymbol[]>();
  for (const index of line.notes.keys()) {
    for (const { measure, symbol } of piecesOf({ line, bars, readAs, starts }, index, readings[index] ?? ownReading(kind))) {
      const symbols = measures.get(measure) ?? [];
      symbols.push(symbol);
      measures.set(measure, symbols);
    }
  }
  let before: Signs = new Map();
  const inOrder = bars.flatMap(({ key, meter }, index): readonly Measure[] => {
    const symbols = measures.get(index);
    if (!symbols) return [];
    const signed = withAccidentals(symbols, key, before);
    before = signed.signs;
    return [{ number: index + 1, symbols: withTuplets(signed.symbols), key, meter }];
  });
  const pickUp = (line.notes[0]?.onset.numerator ?? 0) > 0;
  return { reading: readings[0] ?? ownReading(kind), key: line.key, meter: line.meter, pickUp, measures: inOrder };
}

/** Gives the clef that reads with the least effort at each note of a line, where none is set. */
export function clefsRead(kind: InstrumentKind, line: Line): readonly ClefName[] {
  const set = line.notes.map(() => null);
  return staffReadings(kind, clefMoments(line, measuresOf(line), { readAs: asUsual(kind), set })).map(({ clef }) => clef.name);
}

/** The parts of a line that is being written into measures. */
interface Written {
  /** The line whose notes are written. */
  readonly line: Line;
  /** The measures in time. */
  readonly bars: readonly LineMeasure[];
  /** Tells how the sound is read. */
  readonly readAs: ReadAs;
  /** The beginnings of the tuplets of the notes. */
  readonly starts: readonly Fraction[];
}

interface Piece {
  /** The index of the measure, from 0. */
  readonly measure: number;
  /** The symbol in it. */
  readonly symbol: MeasureSymbol;
}

/** Gives the moment at which each note begins, as far as a change of clef is concerned; a dotted beat in eights, else the beat. */
function clefMoments(
  line: Line,
  bars: readonly LineMeasure[],
  { readAs, set }: { readonly readAs: ReadAs; readonly set: readonly (ClefName | null)[] },
): readonly ClefMoment[] {
  return line.notes.map((note, index) => {
    const bar = bars[measureIndexAt(bars, note.onset)];
    const onset = bar ? intoMeasure(bar, note.onset) : 0;
    const beat = bar ? (isCompound(bar.meter) ? 3 : 1) / bar.meter.beatValue : 1;
    const at = onset === 0 ? 'measure' : onset % beat === 0 ? 'beat' : 'within';
    return { written: note.kind === 'note' ? readAs(index, note) : [], at, set: set[index] ?? null };
  });
}

/** Gives the clef that is set for each note; null before the first. */
function clefsInForce(kind: InstrumentKind, { notes }: Line, clefs: readonly ClefSet[] = []): readonly (ClefName | null)[] {
  const at = new Map(clefs.map(({ note, clef }) => [note, clef]));
  let now: ClefName | null = null;
  return notes.map((_, index) => {
    const set = at.get(index);
    if (set && CLEFS_READ[kind].includes(set)) now = set;
    return now;
  });
}

function asUsual(kind: InstrumentKind): ReadAs {
  return (_, note) => {
    const { pitch, harmonic } = note;
    if (harmonic !== 'stopped') return pitchesOf(note).map((sounding) => writtenPitch(kind, sounding));
    const stopped = stoppedUnder(writtenPitch(kind, pitch));
    const touched = transpose(stopped, FOURTH);
    return touched ? [stopped, touched] : [stopped];
  };
}

const FOURTH = { steps: TOUCHED_ABOVE.letterSteps, semitones: TOUCHED_ABOVE.semitones };

function piecesOf({ line, bars, readAs, starts }: Written, index: number, reading: StaffReading): readonly Piece[] {
  const note = line.notes[index];
  if (!note || isGrace(note)) return [];
  const cut = cutAtBars(note.onset, note.duration, bars).flatMap(({ measure, start, length }) =>
    (writeFrom(start, length, starts[index]) ?? []).map((value) => ({ measure, value })),
  );
  return cut.map(({ measure, value }, part): Piece => {
    if (note.kind === 'rest') return { measure, symbol: { kind: 'rest', index, reading, value, tuplet: null } };
    const tiedFromBefore = part > 0;
    const tiedToNext = part < cut.length - 1;
    const slur = slurOf(line, index, tiedFromBefore, tiedToNext);
    const accent = tiedFromBefore ? null : note.accent;
    const articulation = tiedFromBefore ? null : note.articulation;
    const heads = headsOf(readAs, index, note);
    const small = tiedFromBefore ? [] : smallNotesBefore({ line, readAs }, index);
    return {
      measure,
      symbol: { kind: 'note', index, reading, heads, small, value, tuplet: null, accent, articulation, tiedFromBefore, tiedToNext, slur },
    };
  });
}

/** Gives the heads of a note; of a stopped harmonic the upper head is the touch. */
function headsOf(readAs: ReadAs, index: number, note: NoteContent): readonly WrittenHead[] {
  return readAs(index, note).map((written, order) => ({
    written,
    accidental: null,
    courtesy: false,
    diamond: note.harmonic === 'stopped' && order === 1,
  }));
}

function smallNotesBefore({ line, readAs }: Pick<Written, 'line' | 'readAs'>, index: number): readonly SmallNote[] {
  const before = line.notes[index - 1];
  if (before?.kind !== 'note' || !before.grace) return [];
  const [value] = writtenLengths(before.duration) ?? [];
  const own = value ? [{ index: index - 1, heads: headsOf(readAs, index - 1, before), value }] : [];
  return [...smallNotesBefore({ line, readAs }, index - 1), ...own];
}

/** The part of a note in one measure. */
interface Cut {
  /** The index of the measure, from 0. */
  readonly measure: number;
  /** The onset, from the beginning of the line. */
  readonly start: Fraction;
  /** The length in that measure. */
  readonly length: Fraction;
}

function cutAtBars(onset: Fraction, duration: Fraction, bars: readonly LineMeasure[]): readonly Cut[] {
  const cuts: Cut[] = [];
  let start = onset;
  let left = duration;
  for (let measure = measureIndexAt(bars, onset); compareFractions(left, ZERO) > 0; measure += 1) {
    const bar = bars[measure];
    const room = bar ? subtractFractions(addFractions(bar.onset, bar.length), start) : left;
    const length = compareFractions(left, room) < 0 ? left : room;
    cuts.push({ measure, start, length });
    start = addFractions(start, length);
    left = subtractFractions(left, length);
  }
  return cuts;
}

/** Gives the place of a note in a slur, which runs from the first head of its first note to the last head of its last. */
function slurOf(line: Line, index: number, tiedFromBefore: boolean, tiedToNext: boolean): MeasureNote['slur'] {
  let before = index - 1;
  while (isGrace(line.notes[before])) before -= 1;
  const fromBefore = slursOn(line, before);
  const toNext = slursOn(line, index) && line.notes[index + 1]?.kind === 'note';
  if (!fromBefore && !toNext) return null;
  if (!fromBefore && !tiedFromBefore) return 'begins';
  if (!toNext && !tiedToNext) return 'ends';
  return 'continues';
}

function slursOn(line: Line, index: number): boolean {
  const note = line.notes[index];
  return note?.kind === 'note' && note.slurredToNext;
}

/** The alterations that signs have set in a measure, by the place on the staff. */
type Signs = ReadonlyMap<string, number>;

/**
 * Sets accidentals. An accidental holds for its staff place to the end of the measure; at each bar line the signature counts again. A note
 * tied over keeps its accidental without a new sign, and does not count for the notes after it. A note that had another sign in the measure
 * before, or has one in another octave of this measure, gets its own as a courtesy.
 */
function withAccidentals(
  symbols: readonly MeasureSymbol[],
  key: Key,
  before: Signs,
): { readonly symbols: readonly MeasureSymbol[]; readonly signs: Signs } {
  const inForce = new Map<string, number>();
  const sign = (head: WrittenHead): WrittenHead => {
    const { letter, octave, alteration } = head.written;
    const place = `${letter} ${octave}`;
    const isNeeded = (inForce.get(place) ?? alterationInKey(key, letter)) !== alteration;
    const isCourtesy = !isNeeded && !inForce.has(place) && differsBeside({ inForce, before }, head.written);
    if (!isNeeded && !isCourtesy) return head;
    inForce.set(place, alteration);
    return { ...head, accidental: alteration, courtesy: isCourtesy };
  };
  const signed = symbols.map((symbol) => {
    if (symbol.kind === 'rest' || symbol.tiedFromBefore) return symbol;
    const small = symbol.small.map((note) => ({ ...note, heads: note.heads.map(sign) }));
    return { ...symbol, small, heads: symbol.heads.map(sign) };
  });
  return { symbols: signed, signs: inForce };
}

/** Tells whether a player might take a note for another: its place had another sign in the measure before, or its letter in this one. */
function differsBeside(
  { inForce, before }: { readonly inForce: Signs; readonly before: Signs },
  { letter, octave, alteration }: Pitch,
): boolean {
  const earlier = before.get(`${letter} ${octave}`);
  const inOtherOctaves = [...inForce].some(([place, other]) => place.startsWith(`${letter} `) && other !== alteration);
  return inOtherOctaves || (earlier !== undefined && earlier !== alteration);
}

/** Marks tuplets. A tuplet ends where its notes add up to plain time, where another kind of value follows, and with the measure. */
function withTuplets(symbols: readonly MeasureSymbol[]): readonly MeasureSymbol[] {
  let at = ZERO;
  let isWithin = false;
  return symbols.map((symbol, order) => {
    at = addFractions(at, symbol.value.length);
    const { tuplet } = symbol.value;
    if (tuplet === null) return symbol;
    const ends = isPlain(at) || symbols[order + 1]?.value.tuplet?.notes !== tuplet.notes;
    const place: TupletPlace = isWithin ? (ends ? 'ends' : 'continues') : ends ? 'alone' : 'begins';
    isWithin = !ends;
    return { ...symbol, tuplet: place };
  });
}
