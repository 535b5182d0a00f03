export { piecesFollow } from './follow.ts';
export { pagesOfDay, putWhole, storedToWriteOver } from './log-pages.ts';
export { checkPages, mergeChecked, type Merged, mergePages } from './merge-pages.ts';
export type { RecordOutcome, SaveOutcome } from './outcome.ts';
export { isDiskFull, runWrite } from './written.ts';
export { recordLeft } from './put-unwritten.ts';
export { saveRecord } from './save-record.ts';
export { keepVersion, type Version, versionNumbered, versionsOf } from './versions.ts';
export { writeUnwritten } from './write-unwritten.ts';
