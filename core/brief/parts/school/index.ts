export { sideNames, type ToldAt } from './question.ts';
export { answerOf, QUESTION_NAMES, type QuestionName, questionNamed, questionsFor, sideOf, type Ways, withAnswer } from './questions.ts';
export { type Labels, LABELS, School, WAY_FIELDS, WaysSchema, WeightChanges } from './school.ts';
export { type StyleName, STYLES } from './styles.ts';
export { answersTo, type NamedAnswer, styleWishes, waysChange } from './taught.ts';
