import type { SessionLeft, SessionRun } from '#core/practice/session';
import type { SessionRecord } from '../../records/record.ts';
import { leaveTyped, fieldsTypedBefore } from '../typed.ts';

const PLACE = 'session-under-way';

/** The time after which it is another day’s practice, ms. */
const STALE_MS = 12 * 3_600_000;

const NOWHERE = { session: '', at: 0, item: 0, rung: 0, clean: 0 };

/** Keeps the place in a session, so that it can go on after the page was closed; nothing of one that is over. */
export function leaveAt({ session, run }: { readonly session: SessionRecord; readonly run: SessionRun }): void {
  const { item, ladder, step } = run;
  const isOver = step.at === 'done' || step.at === 'end-check';
  leaveTyped(PLACE, isOver ? null : JSON.stringify({ session: session.id, at: Date.now(), item, ...ladder }));
}

/** Gives the place where a session was left today; null where it was not begun, or is over. */
export function placeLeft({ id }: SessionRecord): SessionLeft | null {
  const { session, at, item, rung, clean } = fieldsTypedBefore(PLACE, NOWHERE);
  const isOne = [item, rung, clean].every((value) => Number.isInteger(value) && value >= 0);
  return session === id && isOne && Date.now() - at < STALE_MS ? { item, ladder: { rung, clean } } : null;
}
