export { holdingToo, isHeld } from './holds.ts';
export { joinRecord } from './join-records.ts';
export { fitToPage, isLog, isLogRecord, withEntriesThere } from './log-entries.ts';
