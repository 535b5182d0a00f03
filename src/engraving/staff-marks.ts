import type { Bow } from '#core/bow';
import { semitoneStepAt } from '#core/fit';
import { positionMark, positionShort } from '#core/messages';
import { fingerMark, type FingerMark } from '#core/notation';
import { noteLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { articulationMarks, articulationY } from './articulations.ts';
import { type Curve, curvePath, curvesOf, curveYAt, slideLinesOf } from './curves.ts';
import type { Head } from './draw-measures.ts';
import { ARTICULATION_REACH, NAME_ROW, ORNAMENT_ROW, type StaffLayout, systemEnds } from './layout.ts';
import { NAME_LETTER, nameThatFits } from './names-that-fit.ts';
import { ACCENT_SIGNS, ACCIDENTAL_SIGNS, BOW_SIGNS, ORNAMENT_SIGNS } from './signs.ts';
import { type OutlineMark, outlineMark, type StaffMark, type TextMark, textMark } from './staff-mark.ts';
import { footOf, tupletsOf } from './tuplets.ts';
import { writtenMarks, type WrittenMarks } from './written-marks.ts';

/** A staff whose signs are to be set. */
export interface MarkedStaff {
  readonly plan: Plan;
  /** The marks of the fingers by line index; null for a rest. */
  readonly marks: readonly (FingerMark | null)[];
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
  /** Whether the notes are a system of a page: slurs and ties go on over its ends. */
  readonly isSystem?: boolean;
  /** The bows that show their signs; those the teacher wrote stand anyway. */
  readonly bows?: readonly Bow[] | undefined;
  /** The marks that are shown, and their size; all of them where this is left out. */
  readonly show?: ShownMarks;
}

/** The choice of marks. */
export interface ShownMarks {
  /** Whether fingers are large, as on the stand. */
  readonly largeFingers: boolean;
  /** Whether the numbers of strings are shown. */
  readonly strings: boolean;
  /** Whether the names of positions are shown. */
  readonly positions: boolean;
  /** Whether the teacher's cues and the letters of remarks are shown. */
  readonly cues: boolean;
  /** Whether the names of the notes are shown. */
  readonly names: boolean;
}

/** Every mark, in the size of a desk. */
export const ALL_MARKS: ShownMarks = { largeFingers: false, strings: true, positions: true, cues: true, names: false };

/** The sizes of fingers, and the distance above their foot at which signs over them begin, px. */
const FINGERS = { desk: { look: 'finger', height: 14 }, stand: { look: 'finger-on-stand', height: 18 } } as const;

/** Sets the signs on and around engraved notes: slurs and ties, slides, octave lines, tuplets, fingers, strings, positions. */
export function staffMarks(staff: MarkedStaff): readonly StaffMark[] {
  const { plan, heads, layout, isSystem = false, bows } = staff;
  const curves = curvesOf(heads, isSystem ? systemEnds(layout) : null);
  const written = writtenMarks(plan.brief, bows);
  const begins = heads.flatMap((head) => beginOfName(plan, head, layout));
  return [
    ...curves.map((curve) => outlineMark(`${curve.kind} ${curve.fromX}`, curvePath(curve), null)),
    ...slideMarks(plan, heads),
    ...octaveMarks(heads, layout.octaveRowY),
    ...tupletMarks(heads, layout),
    ...heads.flatMap((head) => passedMarks(head, layout)),
    ...heads.filter(isMarked).flatMap((head) => {
      const room = Math.min(...begins.filter(({ index }) => index > head.index).map(({ x }) => x), Infinity) - head.x;
      return marksOfNote(staff, { head, curves, written, room });
    }),
  ];
}

/** Sets the signs of a system that is read without fingers: slurs and ties, octave lines, tuplets, and what stands at the heads. */
export function lineMarks(heads: readonly Head[], layout: StaffLayout): readonly StaffMark[] {
  return [
    ...curvesOf(heads, systemEnds(layout)).map((curve) => outlineMark(`${curve.kind} ${curve.fromX}`, curvePath(curve), null)),
    ...octaveMarks(heads, layout.octaveRowY),
    ...tupletMarks(heads, layout),
    ...heads
      .filter(({ tiedFromBefore }) => !tiedFromBefore)
      .flatMap((head) => [...articulationMarks(head, layout.staffTopY), ...accentMarks(head, layout)]),
  ];
}

/** Tells whether a head carries marks of its own: no rest, no note that only goes on, and none that a shift only passes. */
export function isMarked({ rest, tiedFromBefore, passedBy }: Head): boolean {
  return !rest && !tiedFromBefore && passedBy === null;
}

/** Draws the line along which a finger is heard or seen sliding: expressive shifts, and semitone steps with one finger. */
function slideMarks(plan: Plan, heads: readonly Head[]): readonly OutlineMark[] {
  const steps = plan.notes.flatMap((_, index) => (semitoneStepAt(plan, index)?.by === 'slide' ? [index] : []));
  const sliding = new Set([...plan.shifts.filter(({ expressive }) => expressive).map(({ to }) => to), ...steps]);
  return slideLinesOf(heads, sliding).map(({ to, fromX, fromY, toX, toY }) =>
    outlineMark(`slide ${to}`, `M${fromX} ${fromY}L${toX} ${toY}`, 1.2, { about: ['slide', to] }),
  );
}

/** Writes the finger over a note that a shift passes. */
function passedMarks(head: Head, layout: StaffLayout): readonly TextMark[] {
  if (head.passedBy === null) return [];
  const y = Math.min(layout.fingerRowY, head.top - 5);
  return [textMark(`${head.index} passed`, 'small', head.passedBy, { x: head.x, y, anchor: 'middle' })];
}

/** Draws the octave lines, each from its first head to its last. */
function octaveMarks(heads: readonly Head[], y: number): readonly StaffMark[] {
  const lines: { from: number; to: number }[] = [];
  for (const [order, head] of heads.entries()) {
    const last = lines[lines.length - 1];
    if (!head.octaveLine) continue;
    if (last && heads[order - 1]?.octaveLine === true) last.to = head.right;
    else lines.push({ from: head.left, to: head.right });
  }
  return lines.flatMap(({ from, to }) => [
    textMark(`octave ${from}`, 'position', '8va', { x: from - 4, y, about: ['octave-line', from] }),
    outlineMark(`octave line ${from}`, `M${from + 22} ${y - 4}H${to + 4}V${y + 3}`, 1, { dash: [4, 3] }),
  ]);
}

/** Draws the number of each tuplet below its notes, in a bracket where they share no beam. */
function tupletMarks(heads: readonly Head[], layout: StaffLayout): readonly StaffMark[] {
  return tupletsOf(heads, layout).flatMap(({ notes, left, right, y, bracketed }) => {
    const middle = (left + right) / 2;
    const bracket = `M${left} ${y - 9}V${y - 4}H${middle - 7}M${middle + 7} ${y - 4}H${right}V${y - 9}`;
    return [
      ...(bracketed ? [outlineMark(`bracket ${left}`, bracket, 1)] : []),
      textMark(`tuplet ${left}`, 'position', String(notes), { x: middle, y, anchor: 'middle', about: ['tuplet', notes] }),
    ];
  });
}

/** Finds the x at which the name of a position begins: at the note, or before it where the staff ends; none where no stay begins. */
function beginOfName(plan: Plan, head: Head, { offsets }: StaffLayout): readonly { readonly index: number; readonly x: number }[] {
  const note = plan.notes[head.index];
  if (!isMarked(head) || note?.kind !== 'note' || !note.beginsStay) return [];
  const right = offsets[offsets.length - 1] ?? 0;
  return [{ index: head.index, x: Math.min(head.x, right - positionMark(note.position).length * NAME_LETTER) }];
}

/** A head with all that its marks must keep clear of. */
interface MarkedHead {
  readonly head: Head;
  readonly curves: readonly Curve[];
  readonly written: WrittenMarks;
  /** The room until the next position is named, px. */
  readonly room: number;
}

function marksOfNote(staff: MarkedStaff, marked: MarkedHead): readonly StaffMark[] {
  const { plan, layout, show = ALL_MARKS } = staff;
  const { head, curves, written } = marked;
  const mark = staff.marks[head.index];
  const note = plan.notes[head.index];
  if (!mark || note?.kind !== 'note') return [];
  const y = fingerFootY(head, layout, curves);
  const { look, height } = FINGERS[show.largeFingers ? 'stand' : 'desk'];
  const key = `${head.index}`;
  return [
    textMark(`${key} finger`, mark.small ? 'small' : look, fingerMark(mark), {
      x: head.x,
      y,
      anchor: 'middle',
      tone: mark.shifted ? 'shift' : 'ink',
    }),
    ...(mark.ornament ? ornamentMarks(head, mark.ornament, y - height) : []),
    ...writtenMarksAt(head, written, { topY: y - height - (mark.ornament ? ORNAMENT_ROW : 0), cueRowY: layout.cueRowY, show }),
    ...articulationMarks(head, layout.staffTopY),
    ...accentMarks(head, layout),
    ...placeMarks(staff, marked),
    ...(show.names ? nameMarks(head, note, layout.nameRowY) : []),
  ];
}

/** Writes the name of a note below it, of a double stop both, the upper note above the other. */
function nameMarks({ index, x }: Head, { stops }: PlannedSound, y: number): readonly TextMark[] {
  return stops.map(({ written }, order) =>
    textMark(`${index} name ${order}`, 'finger', noteLabel(written), { x, y: y - order * NAME_ROW, anchor: 'middle' }),
  );
}

/** Names the string and the position of a note, where they begin. */
function placeMarks({ plan, marks, layout, show = ALL_MARKS }: MarkedStaff, { head, room }: MarkedHead): readonly StaffMark[] {
  const note = plan.notes[head.index];
  const string = marks[head.index]?.string ?? null;
  const position = note?.kind === 'note' && note.beginsStay ? note.position : null;
  const name = position && nameThatFits([positionMark(position), positionShort(position)], room);
  return [
    ...(show.strings && string !== null
      ? [textMark(`${head.index} string`, 'string', string, { x: head.x, y: layout.stringRowY, anchor: 'middle', tone: 'soft' })]
      : []),
    ...(show.positions && name !== null ? [positionNameMark(head, name, layout)] : []),
  ];
}

/** Writes the name of a position over the note where it begins; at the end of a staff it ends with the staff. */
function positionNameMark(head: Head, name: string, layout: StaffLayout): TextMark {
  const x = head.x - 6;
  const right = layout.offsets[layout.offsets.length - 1] ?? 0;
  const fits = x + name.length * NAME_LETTER <= right;
  return textMark(`${head.index} position`, 'position', name, {
    x: fits ? x : right,
    y: layout.positionRowY,
    anchor: fits ? 'start' : 'end',
    tone: 'soft',
  });
}

/** Draws the ornament over the finger of the note, with the accidental at it and the finger that plays its other note. */
function ornamentMarks({ index, x }: Head, { kind, sign, finger }: NonNullable<FingerMark['ornament']>, y: number): readonly StaffMark[] {
  return [
    textMark(`${index} ornament`, 'sign', ORNAMENT_SIGNS[kind], { x: x - 3, y, anchor: 'middle' }),
    textMark(`${index} ornament finger`, 'small', `${sign === null ? '' : ACCIDENTAL_SIGNS[sign]}${finger}`, {
      x: x + 8,
      y,
      about: ['ornament', index],
    }),
  ];
}

/** The rows of what the teacher wrote, and which of it is shown. */
interface WrittenPlace {
  /** The top of finger and ornament, px. */
  readonly topY: number;
  readonly cueRowY: number;
  readonly show: ShownMarks;
}

/** Draws what the teacher wrote at a note: the bow over the finger, cue and the letter of a remark below the strings. */
function writtenMarksAt({ index, x }: Head, { at, letters }: WrittenMarks, { topY, cueRowY, show }: WrittenPlace): readonly StaffMark[] {
  const mark = at.get(index);
  if (!mark) return [];
  const letter = letters.get(index);
  const cue = [...(mark.cue === undefined ? [] : [mark.cue]), ...(letter === undefined ? [] : [`${letter})`])].join(' ');
  return [
    ...(mark.bow === undefined
      ? []
      : [textMark(`${index} bow`, 'sign', BOW_SIGNS[mark.bow], { x, y: topY - 2, anchor: 'middle', about: ['bow', mark.bow] })]),
    ...(cue === '' || !show.cues ? [] : [textMark(`${index} cue`, 'position', cue, { x: x - 6, y: cueRowY, about: ['cue', index] })]),
  ];
}

/** Draws an accent below its note. */
function accentMarks(head: Head, layout: StaffLayout): readonly StaffMark[] {
  if (head.accent === null) return [];
  const sign = ACCENT_SIGNS[head.accent];
  return [
    textMark(`${head.index} accent`, 'sign', sign, {
      x: head.x,
      y: footOf(head, layout) + 9,
      anchor: 'middle',
      about: ['accent', head.index],
    }),
  ];
}

/** Half the width of a finger mark, px. */
const HALF_MARK = 8;

/** Gives the y of the finger's number at a head of a staff, px. */
export function fingerFootOf({ heads, layout, isSystem = false }: MarkedStaff, head: Head): number {
  return fingerFootY(head, layout, curvesOf(heads, isSystem ? systemEnds(layout) : null));
}

/** Gives the y of a finger's number: in its row, or higher where head, stem or slur come up to it. */
function fingerFootY(head: Head, layout: StaffLayout, curves: readonly Curve[]): number {
  const near = [head.x - HALF_MARK, head.x, head.x + HALF_MARK];
  const over = curves
    .filter((curve) => curve.above)
    .flatMap((curve) => near.filter((x) => x >= curve.fromX && x <= curve.toX).map((x) => curveYAt(curve, x)));
  const top =
    head.articulation && !head.stemUp
      ? Math.min(head.top, articulationY(head, layout.staffTopY) - ARTICULATION_REACH[head.articulation])
      : head.top;
  return Math.min(layout.fingerRowY, top - (head.accidental ? 13 : 5), ...over.map((y) => y - 4));
}
