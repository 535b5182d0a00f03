export { engraveMeasured, type RecordedStaff, type SignOutline, type SignOutlines } from './engrave-measured.ts';
export type { Recorded } from './recorder.ts';
