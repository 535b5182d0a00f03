export { type Grade, type Kept, recallAfter, type Met } from './kept.ts';
