import { plan } from '#core/plan';
import { checkedDemo } from '../demo/index.ts';
import { type DemoInPage, demoRecords } from '../state/of-demo/index.ts';

let made: Promise<string> | null = null;

/** Writes the demo and the plan of its first piece as the text that the page of the bench brings along; made once a process. */
export function demoAsText(): Promise<string> {
  made ??= makeDemo();
  return made;
}

/**
 * Makes the demo, with the plan of its first piece.
 *
 * @throws where that piece has no plan, for the developer who changes the demo
 */
async function makeDemo(): Promise<string> {
  const demo = await checkedDemo();
  const [first] = demoRecords(demo, 0).piece;
  const outcome = first ? plan(first.document.brief) : null;
  if (outcome?.ok !== true) throw new Error(`The first piece of the demo has no plan: ${first?.document.name ?? 'there is none'}`);
  const inPage: DemoInPage = { demo, plan: outcome.value.best };
  // The text is escaped, so that no text of the demo can end the element that it stands in.
  return JSON.stringify(inPage).replaceAll('<', '\\u003c');
}
