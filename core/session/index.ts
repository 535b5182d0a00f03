export { answerTo } from './answers.ts';
export type { Answer, Question, QuestionKind } from './questions.ts';
export { openSession, type Session } from './session.ts';
