export { type Board, boardOf, type Held, holdIn as heldIn, type HeldNote, holdOn as heldOn, longestRow, notesHeld, THUMB } from './held.ts';
