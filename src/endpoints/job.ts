import type { Grid } from '#core/format/midi';
import type { ImportChoice } from '#core/format/foreign';
import type { BookToBind } from './book/bind-book.ts';
import type { KeyAsked, KeySet } from './book/key-of-book.ts';

/** The work that one request asks for: the body as it came, and the kind of answer. */
export type Job =
  /** The best plan, and a number of alternatives. */
  | { readonly kind: 'plan'; readonly body: string; readonly alternatives: number }
  /** The cheapest different fingerings. */
  | { readonly kind: 'fingerings'; readonly body: string; readonly most: number }
  /** The reasons for the best plan. */
  | { readonly kind: 'reasons'; readonly body: string }
  /** The best plan as a file of an open format. */
  | { readonly kind: 'export'; readonly body: string; readonly asked: ExportAsked }
  /** A piece made from a score of an open format. */
  | { readonly kind: 'import'; readonly bytes: Uint8Array; readonly asked: ImportAsked }
  /** A key of a scale book, planned and set. */
  | { readonly kind: 'key-of-book'; readonly asked: KeyAsked }
  /** A scale book whose keys are set, as PDF. */
  | { readonly kind: 'bind-book'; readonly asked: BookToBind };

/** The formats in which a plan can be written. */
export const EXPORT_FORMATS = ['musicxml', 'midi', 'csv'] as const;

/** The name of such a format. */
export type ExportFormat = (typeof EXPORT_FORMATS)[number];

/** The choice for a file: its format, its title, and whether a score has the notes that shifts pass. */
export interface ExportAsked {
  readonly format: ExportFormat;
  readonly name: string;
  readonly inBetweenNotes: boolean;
}

/** The formats of scores that are read; the bytes of a file tell its format. */
export const IMPORT_FORMATS = ['musicxml', 'midi'] as const;

/** The choice from a score; a field left out is as it is first offered. */
export interface ImportAsked {
  readonly name: string;
  readonly choice: Partial<ImportChoice>;
  /** The grid to which a played score is set; null for the one that fits best. */
  readonly grid: Grid | null;
}

/** The answer to a request: text or bytes, so that it goes from a worker to the client as it is. */
export interface JobAnswer {
  /** The status of the HTTP response. */
  readonly status: number;
  readonly contentType: string;
  readonly body: string | Uint8Array<ArrayBuffer>;
  /** The facts of a key of a book that was set, or of a book that was bound; its pages are the body. */
  readonly set?: Omit<KeySet, 'packed'>;
}

/** The reasons why there is no answer: nobody waits for it any more, it took too long or too much memory, or too many wait already. */
export type Refused = 'gone' | 'too-expensive' | 'busy';

/** The amount of work under way and waiting, for the operator of the server. */
export interface Queue {
  /** The number of jobs that threads work on. */
  readonly running: number;
  /** The number of jobs that wait for a thread. */
  readonly waiting: number;
  /** The largest number of requests that wait; further ones are told to come again. */
  readonly mostWaiting: number;
}

/** The one who asks for a job: the planner is shared fairly among clients. */
export interface Asker {
  /** The client, by address; the requests of one client share its places. */
  readonly client: string;
  /** Whether it is a brief of a batch: single requests go before it. */
  readonly inBatch: boolean;
  /** The signal that nobody waits for the answer any more. */
  readonly gone: AbortSignal;
  /** Receives the processor time that the job took, ms. */
  readonly onSpent?: (ms: number) => void;
}

/** A planner that does the work of requests away from the thread that answers them. */
export interface Planner {
  readonly run: (job: Job, asker: Asker) => Promise<JobAnswer | Refused>;
  readonly queue: () => Queue;
  /** Tells whether a single request of a client would be sent away now. */
  readonly isFullFor: (client: string) => boolean;
  /** Opens a batch of a client, and gives the function that ends it; null where too many are open. */
  readonly openBatch: (client: string) => (() => void) | null;
}
