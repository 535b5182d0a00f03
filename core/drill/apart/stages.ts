import { keyAt, measureIndexAt, measuresOf } from '#core/material/measures';
import { DEFAULT_RHYTHM, partOf } from '#core/brief/lines';
import { withLock, lockOf } from '#core/brief/locks';
import type { Brief } from '#core/brief';
import type { Plan, PlannedSound, Shift } from '#core/plan/describe';
import { drillBrief, drillFor, type DrillNote, noteOfPlan } from '#core/drill';
import type { MeasuresOfPiece } from '#core/drill/families';
import { checkAfter } from '#core/drill/hot-spots';
import { samePlaceElsewhere, underOtherFinger } from './elsewhere.ts';
import { formatKey } from '#core/key';

/** The stages in which a shift is learnt, in order. */
export const STAGES = ['name', 'target', 'match', 'slide', 'lighter', 'ghost', 'rhythm', 'neighbours', 'measures'] as const;

/**
 * A stage in which a shift is learnt.
 *
 * - `name`: both notes are named and heard, then finger 1's place before and after: the interval, and how far the hand goes;
 * - `target`: the note it arrives on is found elsewhere first, open or under another finger in a lower position;
 * - `match`: it is played against the open string;
 * - `slide`: slow, the in-between note sounding;
 * - `lighter`: the same, the in-between note short;
 * - `ghost`: the string is touched and not pressed on the way;
 * - `rhythm`: the two notes as the line has them;
 * - `neighbours`: with the note before and after;
 * - `measures`: with the measure before and after.
 */
export type StageName = (typeof STAGES)[number];

/** The states of a player with a stage, from the beginning on. */
export const STAGE_STATES = ['not-yet', 'understood', 'clean', 'silent', 'in-time'] as const;

/** The state of a player with a stage. */
export type StageState = (typeof STAGE_STATES)[number];

/** A stage of a shift, ready to be played. */
export interface Stage {
  /** The name of the stage. */
  readonly name: StageName;
  /** The brief that is played: a line like any other, its fingers locked. */
  readonly brief: Brief;
  /** The share of the tempo at which it begins. */
  readonly pace: number;
  /** Whether the hand is heard travelling. */
  readonly slides: boolean;
}

/** The pace and the sound of each stage. */
const HOW: Readonly<Record<StageName, Pick<Stage, 'pace' | 'slides'>>> = {
  name: { pace: 1, slides: false },
  target: { pace: 1, slides: false },
  match: { pace: 1, slides: false },
  slide: { pace: 0.5, slides: true },
  lighter: { pace: 0.75, slides: true },
  ghost: { pace: 1, slides: false },
  rhythm: { pace: 1, slides: false },
  neighbours: { pace: 1, slides: false },
  measures: { pace: 1, slides: false },
};

const QUARTER = '1/4';
const HALF = '1/2';
const REST: DrillNote = { rest: true, duration: QUARTER };

/** Writes the stages of a shift. */
export function stagesOf(plan: Plan, shift: Shift): readonly Stage[] {
  const [from, to] = [plan.notes[shift.from], plan.notes[shift.to]];
  if (from?.kind !== 'note' || to?.kind !== 'note') return [];
  return STAGES.map((name) => ({ name, brief: briefOf(name, { plan, shift, from, to }), ...HOW[name] }));
}

interface Ends {
  readonly plan: Plan;
  readonly shift: Shift;
  readonly from: PlannedSound;
  readonly to: PlannedSound;
}

function briefOf(name: StageName, ends: Ends): Brief {
  const { plan, shift } = ends;
  switch (name) {
    case 'name':
    case 'target':
    case 'match':
    case 'slide':
    case 'lighter':
    case 'ghost':
      return drillBrief(drillFor(plan.brief), formatKey(keyAt(plan.line, shift.to)), writeStage(name, ends));
    case 'rhythm':
      return excerpt(plan, shift.from, shift.to);
    case 'neighbours':
      return excerpt(plan, Math.max(0, shift.from - 1), Math.min(plan.notes.length - 1, shift.to + 1));
    case 'measures': {
      const [first, last] = measuresAround(plan, shift);
      return excerpt(plan, first, last);
    }
  }
}

/** Writes the music of the stages that the line itself does not contain. */
function writeStage(name: 'name' | 'target' | 'match' | 'slide' | 'lighter' | 'ghost', ends: Ends): readonly DrillNote[] {
  const { plan, shift, from, to } = ends;
  switch (name) {
    case 'name':
      return [sound(from, HALF), sound(to, HALF), ...firstFingers(ends)];
    case 'target':
      return [...findElsewhere(ends), REST, REST, sound(to, HALF)];
    case 'match':
      return [sound(from, QUARTER), sound(to, QUARTER), ...checkAfter(plan, to), REST];
    case 'slide':
      return slur([sound(from, HALF), ...between(shift, HALF), sound(to, HALF)]);
    case 'lighter':
      return slur([sound(from, HALF), ...between(shift, '1/8'), sound(to, HALF)]);
    case 'ghost':
      return [sound(from, QUARTER), REST, sound(to, HALF)];
  }
}

/** Gives a note as it is fingered in the plan; a line of its own may call its position by another name. */
function sound(note: PlannedSound, duration: string): DrillNote {
  const planned = noteOfPlan(note, duration);
  const { position: _, ...fingered } = planned.fingered;
  return { ...planned, fingered };
}

/** Gives finger 1 before and after, where neither end plays it: it lets the ear hear how far the hand goes. */
function firstFingers({ shift, from, to }: Ends): readonly DrillNote[] {
  const [left, reached] = [from.firstFinger, to.firstFinger];
  if (!left || !reached || (shift.fromFinger === '1' && shift.toFinger === '1')) return [];
  const first = (open: string, pitch: string): DrillNote => ({ pitches: [pitch], fingered: { string: open, finger: '1' }, duration: HALF });
  return [first(from.stops[0].open, left.pitch), first(to.stops[0].open, reached.pitch)];
}

/** Finds the target on an open string where one sounds it, and under another finger lower down. */
function findElsewhere({ plan, shift, to }: Ends): readonly DrillNote[] {
  const [stop] = to.stops;
  const way = samePlaceElsewhere(plan, shift.to, to);
  const open = checkAfter(plan, to).filter((note) => !('rest' in note) && note.pitches.length === 1);
  if (!way) return open;
  return [...open, underOtherFinger(stop.pitch, way)];
}

/** Finds the in-between note; empty where nothing is passed. */
function between({ guides: [guide] }: Shift, duration: string): readonly DrillNote[] {
  const passed = guide?.inBetween;
  return passed ? [{ pitches: [passed.pitch], fingered: { string: passed.open, finger: passed.finger }, duration }] : [];
}

/** Puts all notes into one bow. */
function slur(notes: readonly DrillNote[]): readonly DrillNote[] {
  return notes.map((note, order) => ('rest' in note || order === notes.length - 1 ? note : { ...note, slur: true }));
}

/** Gives some notes of a plan as they are written, every finger locked. */
function excerpt(plan: Plan, from: number, to: number): Brief {
  const fingered = plan.notes.reduce<Brief>(
    (brief, note, index) => (note.kind === 'note' && index >= from && index <= to ? withLock(brief, lockOf(index, note)) : brief),
    plan.brief,
  );
  const { limits: _, ...part } = partOf(fingered, from, to);
  return part;
}

/**
 * Gives the measure before a shift, those it lies in and the one after, as a study leads into them; null where they are no line of notes.
 */
export function measuresWith(plan: Plan, shift: Shift): MeasuresOfPiece | null {
  const [first, last] = measuresAround(plan, shift);
  const { material, locks = [], rhythm } = excerpt(plan, first, last);
  if (material.kind !== 'line' || material.notes.length > MOST_NOTES_AROUND) return null;
  return { meter: rhythm?.meter ?? DEFAULT_RHYTHM.meter, notes: material.notes, locks };
}

/** The largest number of notes in measures that a study may lead into. */
const MOST_NOTES_AROUND = 200;

/** Finds the first and the last note of the measure before a shift, those it lies in, and the one after. */
function measuresAround({ line }: Plan, { from, to }: Shift): readonly [number, number] {
  const inOrder = measuresOf(line);
  const measures = line.notes.map(({ onset }) => measureIndexAt(inOrder, onset));
  const [first, last] = [(measures[from] ?? 0) - 1, (measures[to] ?? 0) + 1];
  return [measures.findIndex((measure) => measure >= first), measures.findLastIndex((measure) => measure <= last)];
}
