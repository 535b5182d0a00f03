export { LevelBar } from './LevelBar.tsx';
export { RecordButton } from './RecordButton.tsx';
export { TakeStatus } from './TakeStatus.tsx';
