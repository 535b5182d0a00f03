import {
  type Alternative,
  type Brief,
  type CarriedLocks,
  carryLocks,
  type Lock,
  lockOf,
  parseFingering,
  type Plan,
  withFingering,
  withLock,
  withoutLock,
} from '#core/plan';
import { OVERTAKEN, planner } from '../workers/client.ts';
import { benchStore, type Stretch } from './bench-store.ts';
import { workChanged } from './bench-work.ts';
import { readLineText, withInstrumentSpec, withProfile } from './brief-edits.ts';
import type { InstrumentRecord, PlayerRecord } from './database.ts';

/** Changes the brief: locks that no longer fit their note go, and that is said. */
export function changeBrief(change: (brief: Brief) => Brief): void {
  const { brief, instrumentId, playerId } = benchStore.getState();
  const changed = change(brief);
  const sameHand = changed.player?.name === brief.player?.name && changed.player?.hand === brief.player?.hand;
  // An instrument or hand described otherwise is no longer the one the studio keeps.
  setBrief(changed, changed.instrument === brief.instrument ? instrumentId : null, sameHand ? playerId : null);
}

function setBrief(changed: Brief, instrumentId: string | null, playerId: string | null): void {
  const carried = carryLocks(benchStore.getState().brief, changed);
  benchStore.setState({ brief: carried.brief, notice: droppedWords(carried), instrumentId, playerId });
}

/** Plays the piece on an instrument of the studio. */
export function takeInstrument({ id, sheet }: InstrumentRecord): void {
  const { brief, playerId } = benchStore.getState();
  const moved = withInstrumentSpec(brief, sheet.instrument);
  setBrief(moved, id, moved.instrument.kind === brief.instrument.kind ? playerId : null);
  readLineAgain();
}

/** Leaves the instrument as it is, described in the brief alone: later changes in the studio no longer reach this piece. */
export function describeInstrument(): void {
  benchStore.setState({ instrumentId: null });
}

/** Gives the piece to a player of the studio, on this player's own instrument if there is one. */
export function takePlayer({ id, sheet, instrumentId }: PlayerRecord): void {
  const bench = benchStore.getState();
  const own = bench.instruments.find((instrument) => instrument.id === instrumentId);
  const given = withProfile(bench.brief, { ...sheet.profile, player: { ...sheet.profile.player, name: sheet.name } });
  const sameKind = given.instrument.kind === bench.brief.instrument.kind;
  setBrief(own ? withInstrumentSpec(given, own.sheet.instrument) : given, own?.id ?? (sameKind ? bench.instrumentId : null), id);
  readLineAgain();
}

/** Takes note of what an instrument or player changed; or goes back to the brief as it was, no longer tied to them. */
export function settleChange(keep: 'new' | 'old'): void {
  const { changed } = benchStore.getState();
  if (changed && keep === 'old') setBrief(changed.before, null, null);
  benchStore.setState({ changed: null });
  workChanged();
}

/** Takes the line as typed; what reads becomes the material, what does not is kept and complained of. */
export function typeLine(lineText: string): void {
  const { brief } = benchStore.getState();
  if (brief.material.kind !== 'line') return benchStore.setState({ lineText });
  const reading = readLineText(brief, lineText);
  if (!reading.ok) return benchStore.setState({ lineText, issues: reading.issues });
  const carried = carryLocks(brief, { ...brief, material: { ...brief.material, notes: reading.value } });
  benchStore.setState({ lineText, brief: carried.brief, notice: droppedWords(carried) });
}

/** Note value and instrument change what a typed line means: read it again. */
export function changeBriefAndReadLine(change: (brief: Brief) => Brief): void {
  changeBrief(change);
  readLineAgain();
}

function readLineAgain(): void {
  const { brief, lineText } = benchStore.getState();
  if (brief.material.kind === 'line') typeLine(lineText);
}

/**
 * Locks a note to a finger or string and plans anew around it. What was fixed for the note before is kept if both can
 * be; else the new wish goes first; a wish no hand can play is answered and nothing changes.
 */
export async function wishFor(lock: Lock): Promise<void> {
  const { brief } = benchStore.getState();
  const alone = withLock(withoutLock(brief, lock.note), lock);
  const together = withLock(brief, lock);
  await takeFirstPlayable(together === alone ? [alone] : [together, alone]);
}

/** Takes the first of some briefs that can be planned; where none can, says why and leaves the piece as it is. */
export async function takeFirstPlayable(candidates: readonly Brief[]): Promise<void> {
  for (const candidate of candidates) {
    const answer = await planner.plan(candidate);
    if (answer === OVERTAKEN) return;
    if (answer.ok) {
      const planned = { brief: candidate, planSet: answer.value, plannedBrief: candidate };
      return benchStore.setState({ ...planned, issues: [], relaxed: null, notice: null });
    }
    benchStore.setState({ notice: answer.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ') });
  }
}

/** Lets the engine decide about a note again. */
export function unlock(note: number): void {
  benchStore.setState({ brief: withoutLock(benchStore.getState().brief, note), notice: null });
}

/** Lets go of the limit that stood in the way. */
export function acceptRelaxation(): void {
  const { relaxed } = benchStore.getState();
  if (relaxed) changeBrief(() => relaxed.brief);
}

/** Takes another fingering, or a stretch of it: its notes that differ are fixed, string and finger; the rest follows. */
export function takeAlternative({ plan, kind, differsAt }: Alternative, stretch: Stretch | null = null): void {
  const { brief } = benchStore.getState();
  benchStore.setState({ laidOver: null });
  if (kind === 'unlocked' && stretch === null) return changeBrief(({ locks: _, ...free }) => free);
  const taken = differsAt.filter((note) => stretch === null || (note >= stretch.from && note <= stretch.to));
  changeBrief(() => locksOf(plan, taken).reduce(withLock, brief));
}

/** Fixes the notes of a stretch as they are fingered now, or lets them go. */
export function fixStretch({ from, to }: Stretch, fixed: boolean): void {
  const { planSet } = benchStore.getState();
  if (!planSet) return;
  const notes = planSet.best.notes.flatMap((_, index) => (index >= from && index <= to ? [index] : []));
  changeBrief((brief) => (fixed ? locksOf(planSet.best, notes).reduce(withLock, brief) : notes.reduce(withoutLock, brief)));
}

/** Fixes a fingering typed as digits from a note on, if the hand can play it; else says what stands in the way. */
export async function prescribe(text: string, from: number): Promise<void> {
  const { brief, planSet } = benchStore.getState();
  if (!planSet) return;
  const fingers = parseFingering(text);
  const prescribed = fingers.ok ? withFingering(brief, planSet.best, from, fingers.value) : fingers;
  if (prescribed.ok) return takeFirstPlayable([prescribed.value]);
  benchStore.setState({ notice: prescribed.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ') });
}

function locksOf(plan: Plan, notes: readonly number[]): readonly Lock[] {
  return notes.flatMap((note): Lock[] => {
    const sound = plan.notes[note];
    return sound?.kind === 'note' ? [lockOf(note, sound)] : [];
  });
}

/** What no longer fits its note and was let go; null where everything does. */
function droppedWords({ dropped, droppedMarks }: CarriedLocks): string | null {
  const fingers =
    dropped === 0 ? '' : dropped === 1 ? 'One fixed finger no longer fits its note' : `${dropped} fixed fingers no longer fit their notes`;
  const marks =
    droppedMarks === 0 ? '' : droppedMarks === 1 ? 'One mark no longer has its note' : `${droppedMarks} marks no longer have their notes`;
  const both = [fingers, marks].filter((words) => words !== '');
  return both.length === 0 ? null : `${both.join('. ')} and ${dropped + droppedMarks === 1 ? 'was' : 'were'} let go.`;
}
