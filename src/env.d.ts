declare namespace App {
  /** The data that the server gives every page and endpoint. */
  interface Locals {
    readonly planner: import('./endpoints/index.ts').Planner;
    /** The client that asks, by address. */
    readonly client: string;
    /** Whether the server was told to end: a balancer sends it nothing more. */
    readonly isEnding: boolean;
  }
}

/** The names that the build fills in. */
interface ImportMetaEnv {
  /** A short text that changes whenever the code of the core does; not there in unit tests. */
  readonly CORE_HASH?: string;
}
