export { type DrillToKeep, keepDrill } from './keep-drill.ts';
export { putCoverInWeek } from './put-cover-in.ts';
