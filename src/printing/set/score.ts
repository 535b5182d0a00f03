import { engravingOfPlan, type Engraving, type FingerMark, fingerMarks } from '#core/notation';
import { linesOfText, lineShape, MM_PER_POINT, type PaperShape, textShape } from '#core/paper';
import type { TurnPlace } from '#core/paper/flow';
import type { Plan } from '#core/plan/describe';
import { engraveScore, layoutScore, STAFF_HEIGHT, type StaffLayout, staffMarks, type WrittenRows } from '../../engraving/index.ts';
import { FACE_MEASURES } from '../faces/made/measures.js';
import { MUSIC_OUTLINES } from '../faces/made/music-outlines.js';
import { SIZES } from './blocks.ts';
import { moveShape } from './move-shape.ts';
import { markShape, type PrintedMusic, recordedShape, turnsOf } from './music.ts';

/** A staff of a score: the name before it, and the fingering on it. */
export interface ScoreStaff {
  readonly name: string;
  readonly plan: Plan;
}

/** A staff that is ready to be laid out. */
interface ReadyStaff extends ScoreStaff {
  readonly engraving: Engraving;
  readonly marks: readonly (FingerMark | null)[];
}

/** The room for the names before the staffs, mm where a staff is 7 mm high. */
const NAMES_MM = 26;

/** The parts of the room round a staff that only names of positions and numbers of strings need, px. */
const ABOVE_UNUSED = 26;
const BELOW_UNUSED = 24;

/** The distance between two systems, mm in the usual size. */
const BETWEEN_SYSTEMS = 7;

/** The signs of a score: fingers and bows, for all that is read at a glance. */
const SHOWN = { largeFingers: true, strings: false, positions: false, cues: false, names: false };
const NO_ROWS: WrittenRows = { bows: false, ornaments: false, cues: false };

/** Prepares the parts of a class to be printed as a score within a width, mm: the same measures one above the other. */
export function printedScore(staffs: readonly ScoreStaff[], staffMm: number, widthMm: number): PrintedMusic {
  const ready = staffs.map((staff): ReadyStaff => ({ ...staff, engraving: engravingOfPlan(staff.plan), marks: fingerMarks(staff.plan) }));
  const mmPerPx = staffMm / STAFF_HEIGHT;
  const indentMm = (NAMES_MM * staffMm) / 7;
  const count = ready[0]?.engraving.measures.length ?? 0;
  const laidOut = new Map<string, readonly StaffLayout[]>();
  const layoutsOf = (from: number, to: number, availableMm: number): readonly StaffLayout[] => {
    const key = `${from} ${to} ${availableMm}`;
    const layouts =
      laidOut.get(key) ??
      layoutScore(
        ready.map(({ engraving, plan }) => ({ engraving, measures: engraving.measures.slice(from, to), written: rowsIn(plan) })),
        { available: availableMm / mmPerPx, first: from === 0 },
      );
    laidOut.set(key, layouts);
    return layouts;
  };
  const naturalMm = (from: number, to: number): number => indentMm + (layoutsOf(from, to, 0)[0]?.offsets.at(-1) ?? 0) * mmPerPx;
  return {
    kind: 'music',
    gapMm: BETWEEN_SYSTEMS * (staffMm / 7),
    count,
    naturalMm,
    heightMm: (from, to) => topsOf(layoutsOf(from, to, 0)).heightPx * mmPerPx,
    turns: joinedTurns(ready),
    draw: (from, to) => {
      const fullMm = to === count ? Math.min(widthMm, naturalMm(from, to) * 1.25) : widthMm;
      return systemShapes({ ready, layouts: layoutsOf(from, to, fullMm - indentMm), from, to, mmPerPx, indentMm });
    },
  };
}

/** Finds the rows above a staff that its signs need. */
function rowsIn({ brief, line }: Plan): WrittenRows {
  const ornaments = line.notes.some((note) => note.kind === 'note' && note.ornament !== null);
  return { ...NO_ROWS, ornaments, bows: brief.marks?.some(({ bow }) => bow !== undefined) === true };
}

/** Gives the top of each staff in its system, px, and the height of them all. */
function topsOf(layouts: readonly StaffLayout[]): { readonly tops: readonly number[]; readonly heightPx: number } {
  const tops: number[] = [];
  let next = 0;
  for (const { height } of layouts) {
    tops.push(next - ABOVE_UNUSED);
    next += height - ABOVE_UNUSED - BELOW_UNUSED;
  }
  return { tops, heightPx: next };
}

/** Gives the place at each bar line as it serves a page turn for everyone: as it serves the player to whom it serves least. */
function joinedTurns(ready: readonly ReadyStaff[]): readonly TurnPlace[] {
  const worst: readonly TurnPlace[] = ['slur or shift', 'playing', 'open string', 'rest'];
  const ofStaffs = ready.map(({ plan, engraving }) => turnsOf(plan, engraving));
  return (ofStaffs[0] ?? []).map((_, order) => worst.find((place) => ofStaffs.some((turns) => turns[order] === place)) ?? 'playing');
}

interface SystemToDraw {
  readonly ready: readonly ReadyStaff[];
  readonly layouts: readonly StaffLayout[];
  readonly from: number;
  readonly to: number;
  readonly mmPerPx: number;
  readonly indentMm: number;
}

function systemShapes({ ready, layouts, from, to, mmPerPx, indentMm }: SystemToDraw): readonly PaperShape[] {
  const { tops } = topsOf(layouts);
  const staffs = ready.flatMap(({ engraving }, order) => {
    const layout = layouts[order];
    return layout ? [{ engraving, measures: engraving.measures.slice(from, to), layout, first: from === 0 }] : [];
  });
  const engraved = engraveScore(staffs, MUSIC_OUTLINES).flatMap(({ heads, recorded }, order): readonly PaperShape[] => {
    const [staff, layout] = [ready[order], layouts[order]];
    if (!staff || !layout) return [];
    const marks = staffMarks({ plan: staff.plan, marks: staff.marks, heads, layout, isSystem: true, show: SHOWN });
    const shapes = [...recorded.map((shape) => recordedShape(shape, mmPerPx)), ...marks.map((mark) => markShape(mark, mmPerPx))];
    return shapes.map((shape) => moveShape(shape, indentMm, (tops[order] ?? 0) * mmPerPx));
  });
  const lines = layouts.map(({ staffTopY }, order) => ((tops[order] ?? 0) + staffTopY) * mmPerPx);
  const joined = { topsMm: lines, staffMm: STAFF_HEIGHT * mmPerPx, indentMm };
  return [
    ...engraved,
    ...nameShapes(ready, joined),
    ...systemLines(joined),
    ...barLines(joined, layouts[0]?.offsets ?? [], mmPerPx),
    ...numberShapes(ready[0], from, joined),
  ];
}

/** The places of the staffs of a system, mm. */
interface JoinedStaffs {
  /** The top line of each staff. */
  readonly topsMm: readonly number[];
  readonly staffMm: number;
  readonly indentMm: number;
}

/** Sets the name of each staff before it, in the middle of its height, in as many lines as it needs. */
function nameShapes(ready: readonly ReadyStaff[], { topsMm, staffMm, indentMm }: JoinedStaffs): readonly PaperShape[] {
  const sizePt = (SIZES.text * staffMm) / 5.5;
  const stepMm = sizePt * MM_PER_POINT * 1.1;
  return ready.flatMap(({ name }, order) => {
    const lines = linesOfText({ text: name, face: 'serif', sizePt }, indentMm - 4, FACE_MEASURES);
    const middleMm = (topsMm[order] ?? 0) + staffMm / 2 + sizePt * MM_PER_POINT * 0.35;
    return lines.map((line, row) =>
      textShape([indentMm - 3, middleMm + (row - (lines.length - 1) / 2) * stepMm], sizePt, line, { face: 'serif', anchor: 'end' }),
    );
  });
}

/** Draws the line and the bracket that join the staffs at the beginning of a system. */
function systemLines({ topsMm, staffMm, indentMm }: JoinedStaffs): readonly PaperShape[] {
  const [top, last] = [topsMm[0] ?? 0, topsMm.at(-1) ?? 0];
  if (topsMm.length < 2) return [];
  return [
    lineShape([indentMm, top], [indentMm, last + staffMm], 0.2),
    lineShape([indentMm - 1.4, top - 0.6], [indentMm - 1.4, last + staffMm + 0.6], 0.7),
    lineShape([indentMm - 1.4, top - 0.6], [indentMm - 0.2, top - 1.2], 0.25),
    lineShape([indentMm - 1.4, last + staffMm + 0.6], [indentMm - 0.2, last + staffMm + 1.2], 0.25),
  ];
}

/** Draws the bar lines between the staffs, which join those on them. */
function barLines({ topsMm, staffMm, indentMm }: JoinedStaffs, offsets: readonly number[], mmPerPx: number): readonly PaperShape[] {
  return offsets.slice(1).flatMap((offset) =>
    topsMm.slice(1).map((top, order) => {
      const x = indentMm + offset * mmPerPx;
      return lineShape([x, (topsMm[order] ?? 0) + staffMm], [x, top], 0.12);
    }),
  );
}

/** Sets the number of its first measure over a system; the first system has none. */
function numberShapes(first: ReadyStaff | undefined, from: number, { topsMm, staffMm, indentMm }: JoinedStaffs): readonly PaperShape[] {
  const measure = first?.engraving.measures[from];
  if (!measure || from === 0) return [];
  const number = measure.number - (first?.engraving.pickUp === true ? 1 : 0);
  // It stands above the clef, which reaches a space and a half over the staff.
  const yMm = (topsMm[0] ?? 0) - 0.45 * staffMm;
  return [textShape([indentMm, yMm], (SIZES.small * staffMm) / 6, String(number), { face: 'serif-italic' })];
}
