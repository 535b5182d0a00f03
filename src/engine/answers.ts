/** Everything that can be asked of a session beyond its plan; the worker brings it with the first such question. */
export { answerTo } from '#core/session';
