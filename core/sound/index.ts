export { heardInTurn } from './in-turn.ts';
export { type Beat, droneHz, type Performance, performanceOf, type PlayedNote, USUAL_TEMPO } from './performance.ts';
