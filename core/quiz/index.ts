export { checkedAnswer, type CheckedAnswer, typedName } from './checked.ts';
export { confusedNames, type Confusion, confusionsIn } from './confusions.ts';
export { earAfter, type EarQuestion, type EarStanding } from './ear.ts';
export { NAME_WAYS, type NameAsked, namesInOrder, type NameWay } from './names.ts';
export { type Because, nextQuestion, type NextQuestion } from './next.ts';
export {
  ACROSS,
  type GivenAnswer,
  intervalNamed,
  nameOf,
  placeNamed,
  QUIZ_KINDS,
  type QuizKind,
  type QuizPlace,
  type QuizQuestion,
} from './question.ts';
export { type QuizChoice, type QuizPart, quizOf, type Quizzed } from './quiz.ts';
export { INTERVALS_OFFERED } from './shifts-and-intervals.ts';
