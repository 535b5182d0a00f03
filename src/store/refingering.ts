import { type Brief, fingeredOtherwise } from '#core/plan';
import { benchStore } from './bench-store.ts';

/** How long it is shown what the engine changed, ms. */
const SHOWN_MS = 4000;

/** What the engine fingered otherwise when a brief was first planned after another; for the list of what was done. */
const refingeredFor = new WeakMap<Brief, readonly number[]>();

/** Line indexes of the notes fingered otherwise when this brief came; null where nothing is known. */
export function refingeredBy(brief: Brief): readonly number[] | null {
  return refingeredFor.get(brief) ?? null;
}

/** Tells, from now on, what each new plan fingers otherwise, for a moment and for the list; until the returned function is called. */
export function watchRefingering(): () => void {
  let timer = 0;
  const stop = benchStore.subscribe((now, before) => {
    if (!now.planSet || now.planSet === before.planSet) return;
    const was = before.planSet?.best;
    const is = now.planSet.best;
    const sameNotes = was !== undefined && was.notes.length === is.notes.length && now.pieceId === before.pieceId;
    const refingered = sameNotes ? fingeredOtherwise(was, is) : [];
    if (now.plannedBrief && sameNotes) refingeredFor.set(now.plannedBrief, refingered);
    benchStore.setState({ refingered });
    clearTimeout(timer);
    if (refingered.length > 0) timer = window.setTimeout(() => benchStore.setState({ refingered: [] }), SHOWN_MS);
  });
  return () => {
    stop();
    clearTimeout(timer);
  };
}
