import { constants, setPriority } from 'node:os';

// On Linux each thread has a priority of its own: the one that answers everybody goes before those that plan.
if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_BELOW_NORMAL);

/** What a thread of the planner runs: one job after the other. */
export { answerJob as default } from '../endpoints/answer-job.ts';
