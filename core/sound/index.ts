export { droneHz, performanceOf, USUAL_TEMPO } from './performance.ts';
export type { Beat, Performance, PerformanceChoice, PlayedNote, Slide } from './performance.ts';
