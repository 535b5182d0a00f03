import { isWaiting, keep, type KeptOutcome, savingDuring } from '../keeping/index.ts';
import { onDraft } from './drafts.ts';
import { recordOfWork } from './record-of-work.ts';
import { sameWork, workStore } from './work.ts';

/** Writes the work soon after a change. */
export function saveSoon(): void {
  const record = recordOfWork();
  if (record === null) return;
  workStore.setState({ gone: false });
  void keep('piece', record, workStore.getState().base).then(takeWritten);
}

/** Changes the school that the piece follows; the piece is written after it. */
export async function changeFollowed<Result>(change: () => Promise<Result>): Promise<Result> {
  return await savingDuring(async () => {
    try {
      return await change();
    } finally {
      saveSoon();
    }
  });
}

/** Saves whenever the work changes until the returned function is called. */
export function keepSaving(): () => void {
  onDraft(saveSoon);
  return workStore.subscribe((now, before) => {
    if (now.pieceId === before.pieceId && !sameWork(now, before) && now.base === before.base) saveSoon();
  });
}

/** Takes over the record as it is now in the database; where it is joined with another tab's changes, those are shown here as well. */
async function takeWritten(outcome: KeptOutcome<'piece'>): Promise<void> {
  const kept = outcome === null || outcome.ok ? outcome : await outcome.later;
  if (kept === null) return;
  const { record, joined } = kept;
  // If this cannot be loaded, the other tab's change is shown with the next write.
  const inStep = joined ? await import('./in-step.ts').catch(() => null) : null;
  if (workStore.getState().pieceId !== record.id) return;
  if (!joined) workStore.setState({ base: record });
  // A change made meanwhile is joined once more, with the same base; until then nothing is shown in its place.
  else if (!isWaiting(record.id)) inStep?.adoptJoined(record);
}
