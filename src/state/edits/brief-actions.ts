import type { Brief, Lock } from '#core/brief';
import { withInstrumentSpec } from '#core/brief/edits';
import { carryLocks, lockOf, withLock, withoutLock } from '#core/brief/locks';
import { readLineText } from '#core/brief/lines';
import type { Alternative } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import type { InstrumentRecord, PlayerRecord, Uses } from '../../records/record.ts';
import { NOTHING_USED } from '../../records/new-records.ts';
import { giveTo } from '../../records/for-briefs.ts';
import { droppedText } from '../../words/notices.ts';
import { say } from '../notices.ts';
import { triedStep } from '../first-steps.ts';
import { planningStore, planShown } from '../planning.ts';
import { saveSoon, workStore } from '../bench/index.ts';
import type { Passage } from '../selection.ts';
import { studioStore } from '../studio.ts';

/** Changes the brief: locks that no longer fit their note are dropped, and that is said. */
export function changeBrief(change: (brief: Brief) => Brief): void {
  const { brief, instrumentId, playerId, schoolId } = workStore.getState();
  const changed = change(brief);
  const sameHand = changed.player?.name === brief.player?.name && changed.player?.hand === brief.player?.hand;
  // An instrument or hand described otherwise is no longer the one the studio keeps.
  setBrief(changed, {
    instrumentId: changed.instrument === brief.instrument ? instrumentId : null,
    playerId: sameHand ? playerId : null,
    schoolId,
  });
}

function setBrief(changed: Brief, uses: Uses): void {
  const carried = carryLocks(workStore.getState().brief, changed);
  workStore.setState({ brief: carried.brief, ...uses });
  say(droppedText(carried));
}

/** Names the player, who may be one the studio does not know. */
export function namePlayer(name: string): void {
  const { brief } = workStore.getState();
  workStore.setState({ brief: { ...brief, player: { ...brief.player, name } }, playerId: null });
}

/** Plays the piece on an instrument of the studio. */
export function playOnInstrument({ id, document }: InstrumentRecord): void {
  const { brief, playerId, schoolId } = workStore.getState();
  const moved = withInstrumentSpec(brief, document.instrument);
  setBrief(moved, { instrumentId: id, playerId: moved.instrument.kind === brief.instrument.kind ? playerId : null, schoolId });
  readLineAgain();
}

/** Leaves the instrument as it is, described in the brief alone: later changes in the studio no longer reach this piece. */
export function describeInstrument(): void {
  workStore.setState({ instrumentId: null });
}

/** Gives the piece to a player of the studio, on this player's own instrument if there is one, as this player is taught. */
export function givePieceTo(player: PlayerRecord): void {
  const { brief, ...uses } = giveTo(player, workStore.getState(), studioStore.getState());
  setBrief(brief, uses);
  readLineAgain();
}

/** Accepts the changes of an instrument or player; or goes back to the brief as it was, no longer tied to them. */
export function settleChange(keep: 'new' | 'old'): void {
  const { changed } = workStore.getState();
  if (changed && keep === 'old') setBrief(changed.before, NOTHING_USED);
  workStore.setState({ changed: null });
  saveSoon();
}

/** Takes the line as typed; the part that reads becomes the material, the rest is kept and reported. */
export function typeLine(lineText: string): void {
  const { brief } = workStore.getState();
  if (brief.material.kind !== 'line') return workStore.setState({ lineText });
  const reading = readLineText(brief, lineText);
  if (!reading.ok) {
    planningStore.setState({ issues: reading.issues });
    return workStore.setState({ lineText });
  }
  const carried = carryLocks(brief, { ...brief, material: { ...brief.material, notes: [...reading.value] } });
  workStore.setState({ lineText, brief: carried.brief });
  say(droppedText(carried));
}

/** Note value and instrument change the meaning of a typed line, so it is read again. */
export function changeBriefAndReadLine(change: (brief: Brief) => Brief): void {
  changeBrief(change);
  readLineAgain();
}

function readLineAgain(): void {
  const { brief, lineText } = workStore.getState();
  if (brief.material.kind === 'line') typeLine(lineText);
}

/** Lets the engine decide about a note again. */
export function unlock(note: number): void {
  workStore.setState({ brief: withoutLock(workStore.getState().brief, note) });
  say(null);
}

/** Relaxes the limit that stood in the way. */
export function acceptRelaxation(): void {
  const { relaxed } = planningStore.getState();
  if (relaxed) changeBrief(() => relaxed.brief);
}

/**
 * Uses another fingering, or a passage of it: its notes that differ are locked, string and finger, at once, and those that are not needed
 * for it are loosened again as soon as the engine has found them.
 */
export function adoptAlternative({ plan, name, differsAt }: Alternative, passage: Passage | null = null): void {
  const { brief } = workStore.getState();
  planningStore.setState({ overlaid: null });
  triedStep('fingering');
  if (name.kind === 'unlocked' && passage === null) return changeBrief(({ locks: _, ...free }) => free);
  const taken = differsAt.filter((note) => passage === null || (note >= passage.from && note <= passage.to));
  const locks = locksOf(plan, taken);
  changeBrief(() => locks.reduce(withLock, brief));
  // A passage alone is held note by note: the rest of the other fingering is not wanted.
  if (passage !== null) return;
  const locked = workStore.getState().brief;
  void import('./fewest-locks.ts').then(async ({ loosenLocks }) => await loosenLocks(plan, { free: brief, locked, locks }));
}

/** Locks the notes of a passage as they are fingered now, or unlocks them. */
export function lockPassage({ from, to }: Passage, locked: boolean): void {
  const plan = planShown();
  if (!plan) return;
  const notes = plan.notes.flatMap((_, index) => (index >= from && index <= to ? [index] : []));
  changeBrief((brief) => (locked ? locksOf(plan, notes).reduce(withLock, brief) : notes.reduce(withoutLock, brief)));
}

function locksOf(plan: Plan, notes: readonly number[]): readonly Lock[] {
  return notes.flatMap((note): Lock[] => {
    const sound = plan.notes[note];
    return sound?.kind === 'note' ? [lockOf(note, sound)] : [];
  });
}
