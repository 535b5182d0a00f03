import { temporal } from 'zundo';
import { create, useStore } from 'zustand';
import type { Brief } from '#core/brief';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { ChangedSince, PieceRecord, Uses } from '../../records/record.ts';
import { type CarriedAlong, NOTHING_ALONG } from '../../records/piece-documents.ts';

/** The part of the work that undo and redo cover: everything the teacher decides. */
export interface Work extends Uses {
  readonly name: string;
  readonly brief: Brief;
  /** The line as typed, with its mistakes; empty for other material. */
  readonly lineText: string;
}

/** The piece on the bench. */
export interface WorkState extends Work, CarriedAlong {
  /** The id; null until a piece is loaded. */
  readonly pieceId: string | null;
  /** The moment the piece was made, ms since 1970. */
  readonly createdAt: number;
  /** The record as it was last read or written from here; null for a piece that was never written. */
  readonly base: PieceRecord | null;
  readonly demo: boolean;
  /** Whether it was deleted elsewhere: the bench has the only copy of it. */
  readonly gone: boolean;
  /** The changes of its instrument or player since the teacher last looked; null when there are none. */
  readonly changed: ChangedSince | null;
}

const EMPTY: WorkState = {
  pieceId: null,
  createdAt: 0,
  base: null,
  demo: false,
  ...NOTHING_ALONG,
  gone: false,
  changed: null,
  name: '',
  brief: FIRST_BRIEF,
  lineText: '',
  instrumentId: null,
  playerId: null,
  schoolId: null,
};

/** Gives the teacher's decisions alone. */
export function decisionsOf({ name, brief, lineText, instrumentId, playerId, schoolId }: Work): Work {
  return { name, brief, lineText, instrumentId, playerId, schoolId };
}

/** Tells whether nothing of the teacher's decisions differs. */
export function sameWork(one: Work, other: Work): boolean {
  return (
    one.name === other.name &&
    one.brief === other.brief &&
    one.lineText === other.lineText &&
    one.instrumentId === other.instrumentId &&
    one.playerId === other.playerId &&
    one.schoolId === other.schoolId
  );
}

/** The work's state; change it through the actions of this folder. */
export const workStore = create<WorkState>()(temporal(() => EMPTY, { partialize: decisionsOf, equality: sameWork }));

/** The number of steps that can be undone one by one; beyond it those in the middle go, and the state at opening stays. */
const MOST_STEPS = 4000;

workStore.temporal.subscribe(({ pastStates }) => {
  if (pastStates.length <= MOST_STEPS) return;
  const [opened, ...since] = pastStates;
  workStore.temporal.setState({ pastStates: [...(opened ? [opened] : []), ...since.slice(-MOST_STEPS / 2)] });
});

/** Reads from the work in a component. */
export function useWork<Value>(select: (work: WorkState) => Value): Value {
  return workStore(select);
}

/** Tells whether there is something to undo and to redo. */
export function useHistory(): { readonly canUndo: boolean; readonly canRedo: boolean } {
  const canUndo = useStore(workStore.temporal, (history) => history.pastStates.length > 0);
  const canRedo = useStore(workStore.temporal, (history) => history.futureStates.length > 0);
  return { canUndo, canRedo };
}
