export { classOf, keyOfClass, reverseShift as reversed, sameClass, type ShiftClass, type ShiftDistance } from './shift-class.ts';
export { shiftStudy, writeStudy as studied, STUDY_ORDERS, type StudyOrder } from './shift-study.ts';
