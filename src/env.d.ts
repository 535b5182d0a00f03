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
