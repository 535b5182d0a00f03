import { DOCUMENT_KINDS, withHead, type StagesDocument } from '#core/documents';
import type { StageName, StageState } from '#core/drill/apart';
import type { StagesRecord } from './record.ts';
import { newStages } from './new-practice-records.ts';

/** Gives the state of a player with one stage of a shift, by the name of its class. */
export function stateOf(record: StagesRecord | null, shift: string, stage: StageName): StageState {
  const states = record?.document.shifts.find((known) => known.shift === shift)?.states;
  return states?.find((state) => state.stage === stage)?.state ?? 'not-yet';
}

/** A stage of a shift of a player, and the player's new state. */
export interface StageSet {
  /** The id of the player; null for a piece that belongs to nobody. */
  readonly playerId: string | null;
  /** The player's name; empty for nobody. */
  readonly name: string;
  /** The name of the class of shifts. */
  readonly shift: string;
  readonly stage: StageName;
  readonly state: StageState;
}

/** Sets one stage in a record; makes a new record where nothing was kept. */
export function withStage(record: StagesRecord | null, { playerId, name, shift, stage, state }: StageSet): StagesRecord {
  const now = record ?? newStages(withHead(DOCUMENT_KINDS.stages, { name, shifts: [] }), playerId);
  const before = now.document.shifts.find((known) => known.shift === shift)?.states ?? [];
  const states = [...before.filter((earlier) => earlier.stage !== stage), { stage, state }];
  const shifts: StagesDocument['shifts'] = [...now.document.shifts.filter((other) => other.shift !== shift), { shift, states }];
  return { ...now, document: { ...now.document, name, shifts }, updatedAt: Date.now() };
}
