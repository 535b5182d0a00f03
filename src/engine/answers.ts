/** Every question about a session beyond its plan is answered here; the worker loads it with the first such question. */
export { answerTo } from '#core/session';
