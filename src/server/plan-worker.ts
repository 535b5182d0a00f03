import { constants, setPriority } from 'node:os';

// On Linux each thread has a priority of its own, and this sets that of the calling thread alone: answering goes before planning.
if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_BELOW_NORMAL);

/** A thread of the planner runs this: one job after the other. */
export { answerJob as default } from '../endpoints/index.ts';
