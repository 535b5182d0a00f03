export { bringBackDeleted, deleteForGood, type DeletedThing, listDeleted } from './deleted-list.ts';
export type { DeleteOutcome, TheirPieces } from './delete-record.ts';
export { type BringBack, deleteTogether, replaceTogether } from './delete-together.ts';
export type { OfKind } from './deletion.ts';
export { recordsOfPlayer, recordsWhere } from './of-player.ts';
