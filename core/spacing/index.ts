export { type Grade, type Kept, recallAfter as keptAfter, type Met } from './kept.ts';
