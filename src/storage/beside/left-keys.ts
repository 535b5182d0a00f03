import { keysBeside } from './beside.ts';
import { THIS_TAB } from '../../records/this-tab.ts';

/** The prefix of the one place that is written at once, before anything else happens to a change: a key for each record and page. */
const KEY = 'dove-path/unwritten';

/** Lists the places where something was left, of a record or of any. */
export function keysOf(id: string): readonly string[] {
  return keysBeside(`${KEY}/${id}`);
}

/** Gives the place where this page leaves a record. */
export function keyOf(id: string): string {
  return `${KEY}/${id}/${THIS_TAB}`;
}
