import type { BowPlan } from '#core/bow';
import { fingerWork } from '#core/fit';
import { type ScaleSteps, scaleSteps } from '#core/fit/intoned';
import { noteLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import {
  BOW_LANE,
  circleOutline,
  FINGER_LANE,
  type Head,
  outlineMark,
  type StaffLayout,
  type StaffMark,
  textMark,
} from '../engraving/index.ts';
import { stringWidth } from '../path/index.ts';
import { BOW_PLACES } from '../words/line/bow.ts';
import { bowLinesOf } from './bow-geometry.ts';
import { type LanePart, lanePartsOf, stepMarksOf, tetrachordLinesOf } from './under-staff-geometry.ts';
import { lanesOf } from './under-staff-rows.ts';

/** Draws tones and semitones from note to note, the way to the first from an open string, and a line under each tetrachord. */
export function stepRowMarks(plan: Plan, heads: readonly Head[], layout: StaffLayout): readonly StaffMark[] {
  const steps = scaleSteps(plan);
  const y = layout.stepRowY + 4;
  const first = heads.find(({ index }) => index === 0);
  return [
    ...(first && steps.start ? wayFromOpen(steps.start, first.x - 12, y) : []),
    ...stepMarksOf(steps, heads, y).flatMap(({ key, path, wide, x }) => [
      outlineMark(`step ${key}`, path, 1.2),
      ...(wide ? [textMark(`step ${key} size`, 'small', '1½', { x, y: y + 16, anchor: 'middle' })] : []),
    ]),
    ...tetrachordLinesOf(steps, heads).map(({ from, to }) =>
      outlineMark(`tetrachord ${from}`, `M${from} ${y + 12}V${y + 16}H${to}V${y + 12}`, 1, { tone: 'soft' }),
    ),
  ];
}

/** The usual width of a step on the way from an open string, and the width of the string's name, px. */
const WAY_STEP = 13;
const STRING_NAME = 16;

/** Draws the way from an open string to the first note: the name of the string, and its steps up to a place, px. */
function wayFromOpen({ open, steps }: NonNullable<ScaleSteps['start']>, right: number, y: number): readonly StaffMark[] {
  if (steps.length === 0) return [];
  const width = Math.min(WAY_STEP, (right - STRING_NAME) / steps.length);
  const left = right - steps.length * width;
  return [
    textMark('from open', 'small', noteLabel(open), { x: left - 4, y: y + 8, anchor: 'end', tone: 'soft' }),
    ...steps.map((semitones, order) => {
      const [from, to] = [left + order * width + 1, left + (order + 1) * width - 2];
      const path = semitones === 1 ? `M${from} ${y}L${(from + to) / 2} ${y + 7}L${to} ${y}` : `M${from} ${y}V${y + 5}H${to}V${y}`;
      return outlineMark(`from open ${order}`, path, 1.2, { tone: 'soft' });
    }),
  ];
}

/** The strength of a finger's line by what it does. */
const LANE_TONES = { plays: 'ink', stays: 'soft', hovers: 'soft' } as const;

/** Draws a lane for every finger: dark where it plays, light where it stays down, dashed where it hovers. */
export function fingerLaneMarks(plan: Plan, heads: readonly Head[], layout: StaffLayout): readonly StaffMark[] {
  if (heads.length === 0) return [];
  const fingers = lanesOf(plan);
  const yOf = (lane: number): number => layout.fingerLanesY + FINGER_LANE * (lane + 0.5);
  const left = Math.min(...heads.map(({ x }) => x)) - 26;
  return [
    ...fingers.map((finger, lane) =>
      textMark(`lane ${finger}`, 'small', finger, { x: left, y: yOf(lane) + 3.5, anchor: 'middle', tone: 'soft' }),
    ),
    ...lanePartsOf(fingerWork(plan), heads, fingers).map((part) => laneMark(part, yOf(part.lane))),
  ];
}

function laneMark({ lane, note, does, from, to, string }: LanePart, y: number): StaffMark {
  return outlineMark(`lane ${lane} ${note} ${does}`, `M${from} ${y}H${to}`, does === 'hovers' ? 1 : stringWidth(string) + 1, {
    tone: LANE_TONES[does],
    dash: does === 'hovers' ? [3, 2.5] : [],
    about: ['finger-does', does],
  });
}

/** Draws the place of the bow from note to note, from the frog at the bottom to the tip; shifts and crossings are marked. */
export function bowLaneMarks(bow: BowPlan, heads: readonly Head[], layout: StaffLayout): readonly StaffMark[] {
  if (heads.length === 0) return [];
  const yOf = (place: number): number => layout.bowLaneY + (1 - place) * BOW_LANE;
  const first = Math.min(...heads.map(({ x }) => x));
  const last = Math.max(...heads.map(({ x }) => x));
  return [
    ...[0, 1].map((place) => outlineMark(`bow end ${place}`, `M${first - 8} ${yOf(place)}H${last + 16}`, 1, { tone: 'light' })),
    ...(['tip', 'frog'] as const).map((part) =>
      textMark(`bow ${part}`, 'small', BOW_PLACES[part], {
        x: first - 12,
        y: yOf(part === 'tip' ? 1 : 0) + 4,
        anchor: 'end',
        tone: 'soft',
      }),
    ),
    ...bowLinesOf(bow, heads).map((points, order) =>
      outlineMark(`bow ${order}`, points.map(({ x, place }, at) => `${at === 0 ? 'M' : 'L'}${x} ${yOf(place)}`).join(''), 1.4, {
        about: ['bow-drawn', order],
      }),
    ),
    ...bow.moments.flatMap(({ note, shift }) => momentMark(note, shift, heads, yOf(bow.places[note] ?? 0))),
  ];
}

/** Marks a shift by a dot and a crossing by a ring, where the bow is at the note. */
function momentMark(note: number, shift: boolean, heads: readonly Head[], y: number): readonly StaffMark[] {
  const head = heads.find(({ index, tiedFromBefore }) => index === note && !tiedFromBefore);
  if (!head) return [];
  const ring = circleOutline(head.x, y, 3.2);
  return [
    shift ? outlineMark(`moment ${note}`, ring, null, { tone: 'shift' }) : outlineMark(`moment ${note}`, ring, 1.2, { covers: true }),
  ];
}
