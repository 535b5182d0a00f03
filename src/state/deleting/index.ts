export { deleteOfNobody, findOfNobody, makePlayerAgain, noteLeft, type OfNobody, wasLeft } from './belongs-to-nobody.ts';
export {
  type BringBack,
  bringBackDeleted,
  deleteForGood,
  type DeletedThing,
  listDeleted,
  recordsOfPlayer,
  type TheirPieces,
} from '../../storage/deleting/index.ts';
export { countWithPlayer } from './with-player.ts';
