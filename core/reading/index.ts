export { oneOf } from './one-of.ts';
export { badReading, goodReading } from './reading.ts';
export type { Issue, IssueCode, IssuePlace, Reading } from './reading.ts';
