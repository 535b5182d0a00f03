export { anotherTask } from './another-task.ts';
export { answerOf, type Asked, type Asking, useAsked, useAskedAll } from './asked.ts';
export { engine, Unanswered } from './client.ts';
export { useEngine } from './queries.ts';
