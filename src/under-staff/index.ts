export { rowsOf } from './under-staff-rows.ts';
export { bowLaneMarks, fingerLaneMarks, stepRowMarks } from './under-staff-marks.ts';
