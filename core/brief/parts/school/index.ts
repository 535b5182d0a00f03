export { type Question, type Side, sideNames, type ToldAt } from './question.ts';
export {
  QUESTION_NAMES,
  type QuestionName,
  questionNamed,
  QUESTIONS,
  questionsFor,
  sideOf,
  type SideOf,
  withAnswer,
  type Ways,
} from './questions.ts';
export { answerOf, School, styleWishes, WAY_FIELDS, waysChange, WaysSchema, WeightChanges } from './school.ts';
export { type StyleName, STYLES } from './styles.ts';
export { down, intonation } from './questions/whole-line.ts';
