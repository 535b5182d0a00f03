import type { Brief } from '#core/brief';
import { fingeredOtherwise } from '#core/explain';
import { planningStore } from '../planning.ts';

/** The time for which changes of the engine are shown, ms. */
const SHOWN_MS = 4000;

/** The notes that the engine fingered differently when a brief was first planned after another; for the history. */
const refingeredFor = new WeakMap<Brief, readonly number[]>();

/** Gives the line indexes of the notes fingered differently when this brief came; null where nothing is known. */
export function notesRefingered(brief: Brief): readonly number[] | null {
  return refingeredFor.get(brief) ?? null;
}

/** Shows what each new plan fingers otherwise, for a moment and in the list, until the returned function is called. */
export function watchRefingering(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = planningStore.subscribe((now, before) => {
    if (!now.planSet || now.planSet === before.planSet) return;
    const was = before.planSet?.best;
    const is = now.planSet.best;
    const sameNotes = was !== undefined && was.notes.length === is.notes.length;
    const refingered = sameNotes ? fingeredOtherwise(was, is) : [];
    if (now.plannedBrief && sameNotes) refingeredFor.set(now.plannedBrief, refingered);
    planningStore.setState({ refingered });
    clearTimeout(timer);
    if (refingered.length > 0) timer = setTimeout(() => planningStore.setState({ refingered: [] }), SHOWN_MS);
  });
  return () => {
    stop();
    clearTimeout(timer);
  };
}
