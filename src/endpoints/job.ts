import type { Grid } from '#core/format/midi';
import type { ImportChoice } from '#core/format/foreign';

/** Work that one request asks for: the body as it came, and what to make of it. */
export type Job =
  /** The best plan, and so many alternatives. */
  | { readonly kind: 'plan'; readonly body: string; readonly alternatives: number }
  /** The cheapest different fingerings. */
  | { readonly kind: 'fingerings'; readonly body: string; readonly most: number }
  /** Why the best plan is as it is. */
  | { readonly kind: 'reasons'; readonly body: string }
  /** The best plan as a file of an open format. */
  | { readonly kind: 'export'; readonly body: string; readonly asked: ExportAsked }
  /** A piece made of a score of an open format. */
  | { readonly kind: 'import'; readonly bytes: Uint8Array; readonly asked: ImportAsked };

/** Formats in which a plan goes out. */
export const EXPORT_FORMATS = ['musicxml', 'midi', 'csv'] as const;

/** One of them. */
export type ExportFormat = (typeof EXPORT_FORMATS)[number];

/** What is asked of a file: its format, what it is headed with, and whether a score has the notes that shifts pass. */
export interface ExportAsked {
  readonly format: ExportFormat;
  readonly name: string;
  readonly inBetweenNotes: boolean;
}

/** Formats of scores that are read; what a file is, its bytes say. */
export const IMPORT_FORMATS = ['musicxml', 'midi'] as const;

/** What is asked of a score; what is not asked is as it would first be offered. */
export interface ImportAsked {
  readonly name: string;
  readonly choice: Partial<ImportChoice>;
  readonly grid: Grid | null;
}

/** What a request is answered with: text or bytes, so that it goes from a worker to the client as it is. */
export interface JobAnswer {
  readonly status: number;
  readonly contentType: string;
  readonly body: string | Uint8Array<ArrayBuffer>;
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
  readonly run: (job: Job, gone: AbortSignal) => Promise<JobAnswer | Refused>;
  readonly queue: () => Queue;
}
