export { badReading, goodReading, type Reading, readingOf, type Unread } from './reading.ts';
export { eachNamed, oneOf } from './schemas.ts';
export { finish, type Steps } from './steps.ts';
