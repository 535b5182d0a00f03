import type { Plan } from '#core/plan/describe';
import type { Demo } from '../../demo/index.ts';

/** The id of the element that contains the demo. */
export const DEMO_IN_PAGE = 'demo-in-page';

/** The demo as the page of the bench brings it along, so that a first visit need not wait for the database or for the engine. */
export interface DemoInPage {
  readonly demo: Demo;
  /** The best plan of the piece that opens first. */
  readonly plan: Plan;
}

/** Reads the demo in this page; null where there is none. */
export function demoInPage(): DemoInPage | null {
  const text = globalThis.document?.getElementById(DEMO_IN_PAGE)?.textContent ?? '';
  return text === '' ? null : JSON.parse(text);
}
