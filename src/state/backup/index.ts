export { allowFolder, askToKeep, backUp, type BackupState, backupState, chooseFolder, leaveFolder, putOffBackup } from './backup.ts';
export type { Along } from './along.ts';
export { bringIn, type Brought, type BroughtOutcome, readPart, type Standing } from './brought.ts';
export { type DamagedPart, readEach, readRecordsText, type RecordPart, recordsText } from './records-text.ts';
export { isRecording, withoutRecordings } from './recordings.ts';
export { restoreSetAside, setAsideText } from './set-aside.ts';
export { readStudioText, type StudioBrought, textOf } from './studio-file.ts';
