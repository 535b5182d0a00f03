export { bringBack } from './bring-back.ts';
export { nextEntry, noteOrder } from './entry-order.ts';
export { keepOrThrow, wordsBesideHead } from './keep-or-throw.ts';
export { allKept, giveUpAhead, keep, keepAhead, type KeptOutcome, remove, savingDuring } from './keep.ts';
export { noteTyped } from './leaving.ts';
export { isWaiting, useSaving, waitingStore } from './waiting.ts';
