declare namespace App {
  /** What the server gives every page and endpoint. */
  interface Locals {
    readonly planner: import('./endpoints/job.ts').Planner;
  }
}
