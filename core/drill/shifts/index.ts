export { classOf, keyOfClass, reversed, sameClass, type ShiftClass, type ShiftDistance } from './shift-class.ts';
export { shiftStudy, studied, STUDY_ORDERS, type StudyOrder } from './shift-study.ts';
