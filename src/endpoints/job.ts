/** Work that one request asks for: the body as it came, and what to make of it. */
export type Job =
  /** The best plan, and so many alternatives. */
  | { readonly kind: 'plan'; readonly body: string; readonly alternatives: number }
  /** The cheapest different fingerings. */
  | { readonly kind: 'fingerings'; readonly body: string; readonly most: number }
  /** Why the best plan is as it is. */
  | { readonly kind: 'reasons'; readonly body: string };

/** What a request is answered with: plain text, so that it goes from a worker to the client as it is. */
export interface Answered {
  readonly status: number;
  readonly contentType: string;
  readonly body: string;
}

/** What has no answer: nobody waits for it any more, it took too long or too much memory, or too many wait already. */
export type Refused = 'gone' | 'too-expensive' | 'busy';

/** How much is being worked out and waits, for whoever watches the server. */
export interface Queue {
  readonly running: number;
  readonly waiting: number;
  /** More than this do not wait: they are told to come again. */
  readonly mostWaiting: number;
}

/** Works out what requests ask for, away from the thread that answers them. */
export interface Planner {
  readonly run: (job: Job, gone: AbortSignal) => Promise<Answered | Refused>;
  readonly queue: () => Queue;
}
