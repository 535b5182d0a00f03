import { constants, setPriority } from 'node:os';
import { answerJob, type JobAnswer } from '../endpoints/index.ts';
import type { MeteredJob } from './planner.ts';
import { readFaces } from './face-files.ts';
import { startMeter } from './thread-time.ts';

// On Linux each thread has a priority of its own, and this sets that of the calling thread alone: answering goes before planning.
if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_BELOW_NORMAL);

/** Does one job after the other in a thread of the planner. */
export default async function answerMetered({ job, meter }: MeteredJob): Promise<JobAnswer> {
  startMeter(meter);
  return await answerJob(job, readFaces);
}
