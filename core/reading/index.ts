export { badReading, goodReading } from './reading.ts';
export type { Issue, IssueCode, IssuePlace, Reading } from './reading.ts';
