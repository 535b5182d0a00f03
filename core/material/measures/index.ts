export {
  changeBefore,
  intoMeasure,
  keyAfter,
  keyAt,
  type LineMeasure,
  measureIndexAt,
  measureNumbers,
  measuresOf,
  signatureAt,
} from './measures.ts';
export { type NoteAt, noteAt } from './note-at.ts';
