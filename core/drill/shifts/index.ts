export { classOf, keyOfClass, reverseShift, sameClass, type ShiftClass, type ShiftDistance } from './shift-class.ts';
export { shiftStudy, writeStudy, STUDY_ORDERS, type StudyOrder } from './shift-study.ts';
