export { type Board, boardOf, type Held, holdIn, type HeldNote, holdOn, longestRow, notesHeld, THUMB } from './held.ts';
