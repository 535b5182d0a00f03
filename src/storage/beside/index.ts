export { keepBeside, keepInTab, textBeside, textOfTab } from './beside.ts';
export { keysOf } from './left-keys.ts';
export { noteSent, sentSince } from './sent.ts';
export { forgetAllLeft, forgetUnwritten, isLeft, keepUnwritten } from './unwritten.ts';
