declare namespace App {
  /** The data that the server gives every page and endpoint. */
  interface Locals {
    readonly planner: import('./endpoints/job.ts').Planner;
  }
}
