export { handOf, USUAL_OPTIONS } from './hand-of.ts';
export { LOWEST_THUMB, USUAL_THUMB } from './thumb-shapes.ts';
