/** What a thread of the planner runs: one job after the other. */
export { answerJob as default } from '../endpoints/answer-job.ts';
