export { type Grade, type Kept, keptAfter, type Met } from './kept.ts';
