export { sameFor } from './for-pupils.ts';
export { countsFrom } from './known.ts';
export { placeLeft } from './left.ts';
export { type LoadedItem, loadItem } from './load-item.ts';
export { newItem } from './new-item.ts';
export { holds, todaysSession } from './put-in.ts';
export { unplayableIn } from './playable.ts';
export {
  beginSession,
  countHeard,
  hearAgain,
  inHand,
  leaveSession,
  pointAt,
  type Running,
  runningStore,
  sayMiss,
  signal,
  takeBackHeard,
  useRunning,
} from './running.ts';
export { TO_GIVE, type ToGive } from './to-give.ts';
export { useLogPages } from './use-log-pages.ts';
export { standingsIn, unseenOf } from './week-known.ts';
