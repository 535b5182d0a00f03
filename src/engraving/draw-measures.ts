import {
  Accidental,
  BarlineType,
  Beam,
  ClefNote,
  Dot,
  Formatter,
  Fraction,
  GraceNote,
  GraceNoteGroup,
  NoteSubGroup,
  Stave,
  StaveModifierPosition,
  StaveNote,
  Stem,
  type RenderContext,
  Voice,
} from 'vexflow/core';
import {
  beamGroups,
  type Clef,
  type Engraving,
  type Measure,
  type MeasureNote,
  type MeasureSymbol,
  type StaffReading,
  type TupletPlace,
  type WrittenHead,
} from '#core/notation';
import type { Finger } from '#core/hand/placement';
import type { Accent, Articulation } from '#core/material/line';
import { LETTERS } from '#core/pitch';
import {
  clefAfter,
  clefBefore,
  signatureAfter,
  signatureBefore,
  type SignatureSet,
  signatureWidth,
  STAFF_SPACE,
  type StaffLayout,
} from './layout.ts';

/** The place of one engraved head, px in the coordinates of the whole staff. */
export interface Head {
  /** The index in the line. */
  readonly index: number;
  /** The x of the middle of the note head. */
  readonly x: number;
  /** The y of the middle of the note head. */
  readonly y: number;
  /** The left edge of the note head. */
  readonly left: number;
  /** The right edge of the note head. */
  readonly right: number;
  /** The highest and lowest ink of head and stem. */
  readonly top: number;
  /** The lowest ink of head and stem. */
  readonly bottom: number;
  readonly stemUp: boolean;
  readonly rest: boolean;
  /** Whether an accidental stands before it, which reaches above and below the head. */
  readonly accidental: boolean;
  readonly tiedFromBefore: boolean;
  readonly tiedToNext: boolean;
  readonly slur: MeasureNote['slur'];
  /** Whether it stands an octave lower than it sounds, under an octave line. */
  readonly octaveLine: boolean;
  /** Whether it is a grace note. */
  readonly small: boolean;
  /** The finger that passes over it on the way of a shift to the note of its index; null for every note of the line. */
  readonly passedBy: Finger | null;
  /** The tuplet it belongs to, with its place there; null for none. */
  readonly tuplet: HeadTuplet | null;
  /** The accent at it; null for none. */
  readonly accent: Accent | null;
  /** The dot, wedge or line at it; null for none. */
  readonly articulation: Articulation | null;
}

/** A head in a tuplet. */
export interface HeadTuplet {
  readonly place: TupletPlace;
  /** The number that stands at it: 3 for a triplet. */
  readonly notes: number;
  /** Whether it has a beam; where all have, no bracket is needed. */
  readonly beamed: boolean;
}

/** The range of measures to draw: indexes, the second exclusive, of the measures that were laid out. */
export interface MeasureRange {
  /** The index of the first measure. */
  readonly from: number;
  /** The index after the last measure. */
  readonly to: number;
}

const DURATIONS: Readonly<Record<number, string>> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16', 32: '32', 64: '64' };
const ACCIDENTALS: Readonly<Record<string, string>> = { '-2': 'bb', '-1': 'b', '0': 'n', '1': '#', '2': '##' };
const MAJOR_KEYS = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'] as const;

/** A staff laid out: its content, and the places of it. */
export interface LaidOutStaff {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly layout: StaffLayout;
  /** Whether it is the first of the line, with its meter. */
  readonly first: boolean;
}

/** Engraves one measure, the one at this index of those laid out. */
export function drawMeasure(context: RenderContext, staff: LaidOutStaff, measure: Measure, index: number): readonly Head[] {
  return drawTogether([{ context, staff, measure }], index)[0] ?? [];
}

/** A measure of a staff, and where it is drawn. */
export interface StaffMeasure {
  readonly context: RenderContext;
  readonly staff: LaidOutStaff;
  readonly measure: Measure;
}

/** Engraves the measure at this index on several staffs, so that what sounds together stands one above the other. */
export function drawTogether(staffs: readonly StaffMeasure[], index: number): readonly (readonly Head[])[] {
  const prepared = staffs.map(({ context, staff, measure }) => ({ ...prepare(context, staff, measure, index), context, measure }));
  const formatter = new Formatter();
  for (const { voice } of prepared) formatter.joinVoices([voice]);
  formatter.format(
    prepared.map(({ voice }) => voice),
    Math.min(...prepared.map(({ stave }) => stave.getNoteEndX() - stave.getNoteStartX())) - 14,
  );
  return prepared.map(({ context, stave, voice, beams, engraved, measure }) => {
    voice.draw(context, stave);
    for (const beam of beams) beam.setContext(context).draw();
    return engraved.flatMap(({ note, small }, order) => {
      const symbol = measure.symbols[order];
      return [...small.map((inBetween) => smallHeadOf(inBetween, symbol)), ...(symbol ? [headOf(note, symbol)] : [])];
    });
  });
}

/** Draws the staff of a measure, and prepares its notes to be set. */
function prepare(context: RenderContext, { engraving, measures, layout, first }: LaidOutStaff, measure: Measure, index: number) {
  const x = layout.offsets[index] ?? 0;
  const width = (layout.offsets[index + 1] ?? 0) - x;
  const stave = new Stave(x, layout.staffTopY, width, { spaceAboveStaffLn: 0, spacingBetweenLinesPx: STAFF_SPACE });
  stave.setBegBarType(BarlineType.NONE).setEndBarType(barLineAfter(engraving, measure));
  const changed = signatureBefore(engraving, measure);
  if (index === 0) addHead(stave, engraving, measure, { ...changed, meter: first ? measure.meter : changed.meter });
  else addSignature(stave, changed, StaveModifierPosition.BEGIN);
  if (index === measures.length - 1) addSignature(stave, signatureAfter(engraving, measure), StaveModifierPosition.END);
  const next = clefAfter(engraving, measure);
  if (next) stave.addEndClef(next.name, 'small');
  stave.setNoteStartX(x + (index === 0 ? layout.headWidth : signatureWidth(changed)) + 12);
  stave.setContext(context).draw();
  const engraved = measure.symbols.map((symbol, order) => engravedSymbol(symbol, order === 0 ? null : clefBefore(measure, order)));
  const notes = engraved.map(({ note }) => note);
  const voice = new Voice({ numBeats: measure.meter.beats, beatValue: measure.meter.beatValue })
    .setMode(Voice.Mode.SOFT)
    .addTickables(notes);
  const beams = Beam.generateBeams(notes, {
    groups: beamGroups(measure).map(({ numerator, denominator }) => new Fraction(numerator, denominator)),
  });
  return { stave, voice, beams, engraved };
}

/** Gives the bar line after a measure: double where a section in another key begins. */
function barLineAfter(engraving: Engraving, measure: Measure): BarlineType {
  if (measure.number === engraving.measures.length) return BarlineType.END;
  return signatureAfter(engraving, measure).key ? BarlineType.DOUBLE : BarlineType.SINGLE;
}

/** A small note as the engraver has it. */
interface EngravedSmall {
  readonly index: number;
  readonly note: GraceNote;
  readonly passedBy: Finger | null;
}

/** A note or rest as the engraver has it, with the grace notes before it by their index in the line. */
interface EngravedSymbol {
  readonly note: StaveNote;
  readonly small: readonly EngravedSmall[];
}

function engravedSymbol(symbol: MeasureSymbol, newClef: Clef | null): EngravedSymbol {
  const note = staveNote(symbol, newClef);
  if (symbol.kind === 'rest' || symbol.small.length === 0) return { note, small: [] };
  const { reading } = symbol;
  const alone = symbol.small.length === 1;
  const small = symbol.small.map(({ index, heads, value, passedBy = null }) => {
    const duration = DURATIONS[value.denominator] ?? '8';
    const grace = new GraceNote({ keys: keysOf(reading, heads), duration, clef: reading.clef.name, slash: alone, stemDirection: Stem.UP });
    addAccidentals(grace, heads);
    return { index, note: grace, passedBy };
  });
  const group = new GraceNoteGroup(
    small.map((inBetween) => inBetween.note),
    true,
  );
  note.addModifier(alone ? group : group.beamNotes(), 0);
  return { note, small };
}

/** Adds clef and key at the beginning of a system; the meter only where it is new. */
function addHead(stave: Stave, engraving: Engraving, measure: Measure, { meter }: SignatureSet): void {
  const { clef } = measure.symbols[0]?.reading ?? engraving.reading;
  stave.addClef(clef.name).addKeySignature(keyName(measure.key.fifths));
  if (meter) stave.addTimeSignature(`${meter.beats}/${meter.beatValue}`);
}

/**
 * Adds the signature that changes at a bar line. Naturals stand only where the new key has no accidentals of its own, as music is printed
 * now.
 */
function addSignature(stave: Stave, { key, meter }: SignatureSet, at: StaveModifierPosition): void {
  if (key) stave.addKeySignature(keyName(key.fifths), key.cancels === 0 ? undefined : keyName(key.cancels), at);
  if (meter) stave.addTimeSignature(`${meter.beats}/${meter.beatValue}`, undefined, at);
}

function keyName(fifths: number): string {
  return MAJOR_KEYS[fifths + 7] ?? 'C';
}

function staveNote(symbol: MeasureSymbol, newClef: Clef | null): StaveNote {
  const { clef } = symbol.reading;
  const { denominator, dots } = symbol.value;
  const rest = symbol.kind === 'rest';
  const note = new StaveNote({
    keys: rest ? [restKey(clef)] : keysOf(symbol.reading, symbol.heads),
    duration: `${DURATIONS[denominator] ?? 'q'}${rest ? 'r' : ''}`,
    dots,
    clef: clef.name,
    autoStem: true,
  });
  const { tuplet } = symbol.value;
  if (tuplet) note.applyTickMultiplier(tuplet.inTimeOf, tuplet.notes);
  if (newClef) note.addModifier(new NoteSubGroup([new ClefNote(newClef.name, 'small')]), 0);
  if (dots > 0) Dot.buildAndAttach([note], { all: true });
  if (!rest) addAccidentals(note, symbol.heads);
  return note;
}

/** Writes heads as the engraver names them; an open diamond is touched. */
function keysOf({ octaveLine }: StaffReading, heads: readonly WrittenHead[]): string[] {
  return heads.map(({ written, diamond }) => {
    const place = `${LETTERS[written.letter].toLowerCase()}/${written.octave - (octaveLine ? 1 : 0)}`;
    return diamond ? `${place}/d1` : place;
  });
}

function addAccidentals(note: StaveNote, heads: readonly WrittenHead[]): void {
  for (const [index, head] of heads.entries()) {
    if (head.accidental === null) continue;
    const sign = new Accidental(ACCIDENTALS[String(head.accidental)] ?? 'n');
    note.addModifier(head.courtesy ? sign.setAsCautionary() : sign, index);
  }
}

/** Gives the place of rests, in the middle of the staff. */
function restKey({ middleSteps: steps }: Clef): string {
  return `${(LETTERS[steps % 7] ?? 'B').toLowerCase()}/${Math.floor(steps / 7)}`;
}

function headOf(note: StaveNote, symbol: MeasureSymbol): Head {
  const { index, reading } = symbol;
  return { ...placeOf(note), ...marksAtHead(symbol), index, octaveLine: reading.octaveLine, small: false, passedBy: null };
}

function smallHeadOf({ index, note, passedBy }: EngravedSmall, symbol: MeasureSymbol | undefined): Head {
  const octaveLine = symbol?.reading.octaveLine ?? false;
  return {
    ...placeOf(note),
    rest: false,
    accidental: false,
    tiedFromBefore: false,
    tiedToNext: false,
    slur: null,
    index,
    octaveLine,
    small: true,
    passedBy,
    tuplet: null,
    accent: null,
    articulation: null,
  };
}

function placeOf(note: StaveNote): Pick<Head, 'x' | 'y' | 'left' | 'right' | 'top' | 'bottom' | 'stemUp'> {
  const left = note.getNoteHeadBeginX();
  const right = note.getNoteHeadEndX();
  // Of two heads the one away from the stem carries slurs and ties.
  const ys = note.getYs();
  const stemUp = note.hasStem() && note.getStemDirection() === Stem.UP;
  const y = stemUp ? Math.max(...ys) : Math.min(...ys);
  const stem = note.hasStem() ? note.getStemExtents() : { topY: y, baseY: y };
  const ends = [stem.topY, stem.baseY, Math.min(...ys) - STAFF_SPACE / 2, Math.max(...ys) + STAFF_SPACE / 2];
  return {
    x: (left + right) / 2,
    y,
    left,
    right,
    top: Math.min(...ends),
    bottom: Math.max(...ends),
    stemUp,
  };
}

type WrittenAtHead = Pick<Head, 'rest' | 'accidental' | 'tiedFromBefore' | 'tiedToNext' | 'slur' | 'tuplet' | 'accent' | 'articulation'>;

function marksAtHead(symbol: MeasureSymbol): WrittenAtHead {
  const tuplet = tupletOf(symbol);
  if (symbol.kind === 'rest')
    return {
      rest: true,
      accidental: false,
      tiedFromBefore: false,
      tiedToNext: false,
      slur: null,
      tuplet,
      accent: null,
      articulation: null,
    };
  const { tiedFromBefore, tiedToNext, slur, heads, accent, articulation } = symbol;
  return {
    rest: false,
    accidental: heads.some((head) => head.accidental !== null),
    tiedFromBefore,
    tiedToNext,
    slur,
    tuplet,
    accent,
    articulation,
  };
}

function tupletOf({ kind, value: { denominator, tuplet }, tuplet: place }: MeasureSymbol): HeadTuplet | null {
  return place && tuplet ? { place, notes: tuplet.notes, beamed: kind === 'note' && denominator > 4 } : null;
}
