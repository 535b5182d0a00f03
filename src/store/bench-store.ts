import { temporal } from 'zundo';
import { create, useStore } from 'zustand';
import type { Brief, PlanSet, Relaxed } from '#core/plan';
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

/** The bench: one piece being worked on. */
export interface Bench extends Work {
  /** Null until a piece is loaded. */
  readonly pieceId: string | null;
  readonly createdAt: number;
  readonly demo: boolean;
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
  readonly saving: Saving;
  /** What its instrument or player changed since the teacher last looked; null when nothing did. */
  readonly changed: ChangedSince | null;
  /** The studio, to choose from. */
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

const EMPTY: Bench = {
  pieceId: null,
  createdAt: 0,
  demo: false,
  name: '',
  brief: FIRST_BRIEF,
  lineText: '',
  instrumentId: null,
  playerId: null,
  planSet: null,
  plannedBrief: null,
  issues: [],
  relaxed: null,
  progress: null,
  notice: null,
  selected: null,
  saving: { state: 'saved' },
  changed: null,
  instruments: [],
  players: [],
};

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
