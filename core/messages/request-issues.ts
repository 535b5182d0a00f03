import { issuesAbout } from './issue.ts';

/** Why the server does not do what a request asks for. */
export const requestIssue = issuesAbout('request', {
  /** Too many others wait already. */
  busy: ({ seconds }: { readonly seconds: number }) => ({
    expected: 'a place in the queue',
    came: 'none',
    message: 'Too many requests wait to be planned.',
    hint: `Try again in ${seconds} seconds.`,
  }),

  /** Planning took more time or memory than one request is given. */
  'too-expensive': (_: object) => ({
    expected: 'a brief that is planned within a few seconds',
    came: 'more',
    message: 'This brief takes longer to plan than one request is given.',
    hint: 'Send fewer notes at once, or do not ask for an exact number of shifts.',
  }),

  /** A method that the address does not know. */
  'wrong-method': ({ method, allowed }: { readonly method: string; readonly allowed: string }) => ({
    expected: allowed,
    came: method,
    message: `This address answers ${allowed}, not ${method}.`,
    hint: `Send it as ${allowed}.`,
  }),
});
