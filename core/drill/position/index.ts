export { type Board, boardOf, type Held, heldIn, type HeldNote, heldOn, longestRow, notesHeld, THUMB } from './held.ts';
