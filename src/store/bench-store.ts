import { temporal } from 'zundo';
import { create, useStore } from 'zustand';
import type { Alternative, Brief, Plan, PlanSet, Relaxed } from '#core/plan';
import type { Issue } from '#core/reading';
import { FIRST_BRIEF } from './brief-reading.ts';
import type { ChangedSince, InstrumentRecord, PlayerRecord, Uses } from './database.ts';

/** What undo and redo go over: everything the teacher decides. */
export interface Work extends Uses {
  readonly name: string;
  readonly brief: Brief;
  /** The line as typed, with its mistakes; empty for other material. */
  readonly lineText: string;
}

/** Whether the work is in the database. */
export type Saving = { readonly state: 'saved' } | { readonly state: 'saving' } | { readonly state: 'failed'; readonly message: string };

/** The alternatives found for a plan. */
export interface OtherFingerings {
  readonly plan: Plan;
  readonly found: readonly Alternative[];
}

/** A stretch of the line: line indexes, both inclusive, the first not after the last. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** The bench: one piece being worked on. */
export interface Bench extends Work {
  /** Null until a piece is loaded. */
  readonly pieceId: string | null;
  readonly createdAt: number;
  /** When the piece was last written from here, or read; ms since 1970. */
  readonly writtenAt: number;
  readonly demo: boolean;
  /** Words it is found by, given under Pieces. */
  readonly tags: readonly string[];
  /** The last good plan; it stays while the brief cannot be planned. */
  readonly planSet: PlanSet | null;
  /** The brief `planSet` was made from; not the current one while planning, or while the current one cannot be planned. */
  readonly plannedBrief: Brief | null;
  /** Why the brief cannot be planned. */
  readonly issues: readonly Issue[];
  /** The brief with one limit let go, whose plan is shown while the brief itself has none. */
  readonly relaxed: Relaxed | null;
  /** How much of a long line is planned, 0 to 1; null while nothing long is under way. */
  readonly progress: number | null;
  /** A wish that was not granted, or something the teacher should know, for a moment. */
  readonly notice: string | null;
  /** Line index of the selected note. */
  readonly selected: number | null;
  /** The other end of a selected stretch; null while only one note is selected. */
  readonly stretchFrom: number | null;
  /** Other fingerings of the plan shown, once they are found. */
  readonly others: OtherFingerings | null;
  /** Which of them is laid over the picture, by its place in the list. */
  readonly laidOver: number | null;
  /** Line indexes of the notes that the last plan fingers otherwise than the one before it, shown for a moment. */
  readonly refingered: readonly number[];
  readonly saving: Saving;
  /** What its instrument or player changed since the teacher last looked; null when nothing did. */
  readonly changed: ChangedSince | null;
  /** The studio, to choose from. */
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

/** A piece just put on the bench: nothing planned, selected or said yet. */
export const JUST_OPENED = {
  planSet: null,
  plannedBrief: null,
  issues: [],
  relaxed: null,
  progress: null,
  notice: null,
  selected: null,
  stretchFrom: null,
  others: null,
  laidOver: null,
  refingered: [],
  saving: { state: 'saved' },
} as const satisfies Partial<Bench>;

const EMPTY: Bench = {
  ...JUST_OPENED,
  pieceId: null,
  createdAt: 0,
  writtenAt: 0,
  demo: false,
  tags: [],
  name: '',
  brief: FIRST_BRIEF,
  lineText: '',
  instrumentId: null,
  playerId: null,
  changed: null,
  instruments: [],
  players: [],
};

/** The selected stretch of two notes or more; null where there is none. */
export function stretchOf({ selected, stretchFrom }: Pick<Bench, 'selected' | 'stretchFrom'>): Stretch | null {
  if (selected === null || stretchFrom === null || selected === stretchFrom) return null;
  return { from: Math.min(selected, stretchFrom), to: Math.max(selected, stretchFrom) };
}

/** The fingering laid over the picture; null where there is none, or where the plan has moved on. */
export function laidOverOf({ planSet, others, laidOver }: Pick<Bench, 'planSet' | 'others' | 'laidOver'>): Alternative | null {
  if (laidOver === null || !others || others.plan !== planSet?.best) return null;
  return others.found[laidOver] ?? null;
}

/** Whether nothing of the teacher's decisions differs. */
export function sameWork(one: Work, other: Work): boolean {
  return (
    one.name === other.name &&
    one.brief === other.brief &&
    one.lineText === other.lineText &&
    one.instrumentId === other.instrumentId &&
    one.playerId === other.playerId
  );
}

/** The bench's state; change it through `bench-actions`. */
export const benchStore = create<Bench>()(
  temporal(() => EMPTY, {
    partialize: ({ name, brief, lineText, instrumentId, playerId }): Work => ({ name, brief, lineText, instrumentId, playerId }),
    equality: sameWork,
    limit: 200,
  }),
);

/** Reads from the bench in a component. */
export function useBench<Value>(select: (bench: Bench) => Value): Value {
  return benchStore(select);
}

/** Whether there is something to undo and to redo. */
export function useHistory(): { readonly canUndo: boolean; readonly canRedo: boolean } {
  const canUndo = useStore(benchStore.temporal, (history) => history.pastStates.length > 0);
  const canRedo = useStore(benchStore.temporal, (history) => history.futureStates.length > 0);
  return { canUndo, canRedo };
}
