import svgpath from 'svgpath';
import type { BowPlan } from '#core/bow';
import { type Engraving, type MeasureNote, type FingerMark, fingerMarks, engravingOfPlan, withInBetweenNotes } from '#core/notation';
import { MM_PER_POINT, type Face, type PaperShape, type Tone } from '#core/paper';
import { type FlowMusic, type TurnPlace } from '#core/paper/flow';
import type { Plan } from '#core/plan/describe';
import {
  engraveScore,
  layoutStaff,
  type EngravedShape,
  type ShownMarks,
  STAFF_HEIGHT,
  type StaffLayout,
  type StaffMark,
  staffMarks,
  type WrittenRows,
} from '../../engraving/index.ts';
import { bowLaneMarks, fingerLaneMarks, rowsOf, stepRowMarks } from '../../under-staff/index.ts';
import { MUSIC_OUTLINES } from '../faces/made/music-outlines.js';
import { pathHeightMm, pathShapes } from './path.ts';

/** The look of printed music. */
export interface MusicLook {
  /** The height of the staff from its bottom to its top line, mm. */
  readonly staffMm: number;
  readonly show: ShownMarks;
  /** Whether the notes that shifts pass stand there as small notes. */
  readonly inBetween: boolean;
  /** Whether tones and semitones stand under the staff. */
  readonly steps: boolean;
  /** Whether the lanes of the fingers stand under the staff. */
  readonly fingers: boolean;
  /** Whether the path of the hand stands under each system. */
  readonly path: boolean;
  /** The bow, where its signs are shown. */
  readonly bow: BowPlan | null;
}

/** Music that is ready to be broken into systems, and drawn. */
export interface PrintedMusic extends FlowMusic {
  /** Draws some measures as a system; `to` is exclusive. */
  readonly draw: (from: number, to: number) => readonly PaperShape[];
}

/** The distance between two systems, mm in the usual size. */
const BETWEEN_SYSTEMS = 2.5;

/** Prepares a plan to be printed within a width, mm. */
export function printedMusic(plan: Plan, look: MusicLook, widthMm: number): PrintedMusic {
  const plain = engravingOfPlan(plan);
  const engraving = look.inBetween ? withInBetweenNotes(plain, plan) : plain;
  const marks = fingerMarks(plan);
  const mmPerPx = look.staffMm / STAFF_HEIGHT;
  const written = rowsWritten(plan, look);
  const laidOut = new Map<string, StaffLayout>();
  const layoutOf = (from: number, to: number, availableMm: number): StaffLayout => {
    const key = `${from} ${to} ${availableMm}`;
    const layout =
      laidOut.get(key) ??
      layoutStaff(engraving, engraving.measures.slice(from, to), { available: availableMm / mmPerPx, first: from === 0, written });
    laidOut.set(key, layout);
    return layout;
  };
  const naturalMm = (from: number, to: number): number => (layoutOf(from, to, 0).offsets.at(-1) ?? 0) * mmPerPx;
  const heightMm = (from: number, to: number): number =>
    layoutOf(from, to, 0).height * mmPerPx + (look.path ? pathHeightMm(plan, look.staffMm) : 0);
  return {
    kind: 'music',
    gapMm: BETWEEN_SYSTEMS * (look.staffMm / 7),
    count: engraving.measures.length,
    naturalMm,
    heightMm,
    turns: turnsOf(plan, engraving),
    draw: (from, to) => {
      const availableMm = to === engraving.measures.length ? Math.min(widthMm, naturalMm(from, to) * 1.25) : widthMm;
      const layout = layoutOf(from, to, availableMm);
      return systemShapes({ plan, marks, engraving, from, to, layout, look, mmPerPx });
    },
  };
}

/** The rows that the staff needs beside its notes. */
function rowsWritten(plan: Plan, { show, steps, fingers, bow }: MusicLook): WrittenRows {
  const rows = rowsOf(plan, { fingers, steps, bow: bow !== null });
  const voices = plan.notes.reduce((most, note) => Math.max(most, note.kind === 'note' ? note.stops.length : 0), 1);
  return { ...rows, cues: rows.cues && show.cues, names: show.names ? voices : 0 };
}

interface SystemToDraw {
  readonly plan: Plan;
  readonly marks: readonly (FingerMark | null)[];
  readonly engraving: Engraving;
  readonly from: number;
  readonly to: number;
  readonly layout: StaffLayout;
  readonly look: MusicLook;
  readonly mmPerPx: number;
}

function systemShapes({ plan, marks, engraving, from, to, layout, look, mmPerPx }: SystemToDraw): readonly PaperShape[] {
  const measures = engraving.measures.slice(from, to);
  const [engraved] = engraveScore([{ engraving, measures, layout, first: from === 0 }], MUSIC_OUTLINES);
  const { heads = [], recorded = [] } = engraved ?? {};
  const around = [
    ...staffMarks({ plan, marks, heads, layout, isSystem: true, bows: look.bow?.bows, show: look.show }),
    ...(look.steps ? stepRowMarks(plan, heads, layout) : []),
    ...(look.fingers ? fingerLaneMarks(plan, heads, layout) : []),
    ...(look.bow ? bowLaneMarks(look.bow, heads, layout) : []),
  ];
  return [
    ...recorded.map((shape) => recordedShape(shape, mmPerPx)),
    ...around.map((mark) => markShape(mark, mmPerPx)),
    ...(look.path ? pathShapes(plan, heads, layout, { mmPerPx, topMm: layout.height * mmPerPx }) : []),
  ];
}

/** Turns what the engraver drew into a shape on paper. */
export function recordedShape(shape: EngravedShape, mmPerPx: number): PaperShape {
  if (shape.kind === 'sign') {
    return { kind: 'sign', atMm: [shape.x * mmPerPx, shape.y * mmPerPx], sizeMm: shape.size * mmPerPx, anchor: 'start', sign: shape.sign };
  }
  return outline({ d: shape.d, thick: shape.thick, dash: [], tone: 'ink', covers: false }, mmPerPx);
}

function outline(
  { d, thick, dash, tone, covers }: Omit<Extract<StaffMark, { kind: 'outline' }>, 'kind' | 'key' | 'about'>,
  mmPerPx: number,
): PaperShape {
  const scaled = svgpath(d).unarc().scale(mmPerPx).round(3).toString();
  if (thick === null) return { kind: 'path', d: scaled, fill: TONES[tone], stroke: null };
  const dashMm = dash.map((length) => length * mmPerPx);
  return { kind: 'path', d: scaled, fill: covers ? 'paper' : null, stroke: { tone: TONES[tone], thickMm: thick * mmPerPx, dashMm } };
}

/** Words on a staff. */
type TextMark = Extract<StaffMark, { kind: 'text' }>;

/** The face and the size, px of the staff, of each kind of words on it. */
const LOOKS: Readonly<Record<Exclude<TextMark['look'], 'sign'>, { readonly face: Face; readonly px: number }>> = {
  finger: { face: 'serif-bold', px: 14 },
  'finger-on-stand': { face: 'serif-bold', px: 19 },
  position: { face: 'serif-italic', px: 13.5 },
  string: { face: 'sans', px: 13 },
  small: { face: 'sans', px: 11.5 },
};

const SIGN_PX = 20;

/** The tones of marks: a line that only orients is grey, while words stay black, so that a copier keeps them. */
const TONES: Readonly<Record<StaffMark['tone'], Tone>> = { ink: 'ink', shift: 'ink', soft: 'grey', light: 'grey' };

/** Turns a mark of a staff into a shape on paper. */
export function markShape(mark: StaffMark, mmPerPx: number): PaperShape {
  if (mark.kind === 'outline') return outline(mark, mmPerPx);
  const atMm = [mark.x * mmPerPx, mark.y * mmPerPx] as const;
  if (mark.look === 'sign') return { kind: 'sign', atMm, sizeMm: SIGN_PX * mmPerPx, anchor: mark.anchor, sign: mark.text };
  const { face, px } = LOOKS[mark.look];
  return { kind: 'text', atMm, face, sizePt: (px * mmPerPx) / MM_PER_POINT, anchor: mark.anchor, tone: 'ink', text: mark.text };
}

/** Tells after each measure but the last how its bar line would serve a page turn. */
export function turnsOf(plan: Plan, { measures }: Engraving): readonly TurnPlace[] {
  return measures.slice(0, -1).map((measure, order): TurnPlace => {
    const before = measure.symbols.at(-1);
    const after = measures[order + 1]?.symbols[0];
    if (!before || !after) return 'playing';
    if (before.kind === 'rest' || after.kind === 'rest') return 'rest';
    if (goesOn(before) || plan.shifts.some(({ from, to }) => from <= before.index && to >= after.index)) return 'slur or shift';
    return isOpenString(plan, before.index) || isOpenString(plan, after.index) ? 'open string' : 'playing';
  });
}

/** Tells whether a slur or a tie goes on after a note. */
function goesOn({ tiedToNext, slur }: MeasureNote): boolean {
  return tiedToNext || slur === 'begins' || slur === 'continues';
}

function isOpenString(plan: Plan, index: number): boolean {
  const note = plan.notes[index];
  return note?.kind === 'note' && note.stops.every(({ finger }) => finger === '0');
}
