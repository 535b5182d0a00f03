export { checkAnswer, type CheckedAnswer, typedName } from './checked.ts';
export { confusedNames, type Confusion, confusionsIn } from './confusions.ts';
export { earAfter } from './ear.ts';
export { NAME_WAYS, type NameAsked, namesInOrder, type NameWay } from './names.ts';
export { type Because, type NextQuestion, nextQuestion } from './next.ts';
export {
  ACROSS,
  type GivenAnswer,
  intervalNamed,
  nameOf,
  placeNamed,
  QUIZ_KINDS,
  type QuizKind,
  type QuizPlace,
  type QuestionOf,
  type QuizQuestion,
} from './question.ts';
export { type QuizChoice, quizOf, type Quizzed } from './quiz.ts';
export { INTERVALS_OFFERED } from './shifts-and-intervals.ts';
