import type { Stop } from '#core/plan/describe';
import { type DueNote, seededNumbers, seededSpread } from '#core/listening';
import type { Misses, SimulatedPlayer, Slip } from './simulated-player.ts';

/** A note as a simulated player plays it. */
export interface SimulatedNote {
  /** Its order among the notes due: of a wrong note, the one whose place it takes. */
  readonly order: number;
  /** The semitones by which it is another note than the one due; 0 for the right one. */
  readonly wrongBy: number;
  /** Whether the note due was played before: repeated, or played again after a new start. */
  readonly again: boolean;
  /** The centre of each of its sounds, Hz. */
  readonly hz: readonly number[];
  /** The beginning of its sound, seconds. */
  readonly at: number;
  /** The end of its sound, seconds. */
  readonly until: number;
  /** Whether the bow goes on from the note before. */
  readonly slurred: boolean;
  /** The slide by which it is reached; null for none. */
  readonly slide: DueNote['slide'];
  /** The landing of a shift beside its goal: cents, and the time in which it is corrected, seconds; null where it lands at once. */
  readonly landing: { readonly cents: number; readonly seconds: number } | null;
  /** Whether a vibrato can be heard on each of its sounds. */
  readonly stopped: readonly boolean[];
}

/** The order in which notes due are played, with what becomes of each. */
interface Turn {
  readonly order: number;
  readonly wrongBy: number;
  readonly again: boolean;
  /** The seconds for which the player waits before it. */
  readonly pause: number;
}

/** The wait of a player who lost the way, seconds. */
const STOPPED_SECONDS = 0.7;

/** The share of a detached note that sounds before its bow changes. */
const DETACHED = 0.94;

/** Plays the notes due as a simulated player does, a little after nothing, and tells when and how high each sounds: the truth of a take. */
export function playNotes(due: readonly DueNote[], player: SimulatedPlayer): readonly SimulatedNote[] {
  const spread = seededSpread(seededNumbers(player.seed * 7919 + 17));
  const misses = due.map((note, order) =>
    note.stops.map((stop) => missOf(note, stop, player.misses, order) + (isStopped(stop) ? spread() * player.spreadCents : 0)),
  );
  const turns = turnsOf(due.length, player.slips);
  let at = FIRST_AT;
  return turns.flatMap((turn, place): readonly SimulatedNote[] => {
    const note = due[turn.order];
    if (!note) return [];
    const pace = 1 + player.wander * Math.sin((2 * Math.PI * at) / WANDER_SECONDS);
    const drift = (player.driftCents * place) / Math.max(1, turns.length - 1);
    at += turn.pause;
    const cents = misses[turn.order]?.map((miss) => drift + miss) ?? [];
    const played = playTurn(note, { turn, at, pace, cents }, joinsAt(due, turns, place));
    at += ((due[turn.order + 1]?.at ?? note.at + note.seconds) - note.at) * pace;
    return [{ ...played, slide: player.slides ? played.slide : null, landing: played.slurred ? landingOn(note, player) : null }];
  });
}

/** The time at which the first note begins, seconds. */
const FIRST_AT = 0.25;

/** A turn with the time at which it comes, the tempo there as a share, and the miss of each of its sounds, cents. */
interface TurnAt {
  readonly turn: Turn;
  readonly at: number;
  readonly pace: number;
  readonly cents: readonly number[];
}

/** Tells whether the bow goes on into a turn, and out of it. */
function joinsAt(due: readonly DueNote[], turns: readonly Turn[], place: number): { readonly into: boolean; readonly out: boolean } {
  const joins = (one: Turn | undefined, next: Turn | undefined): boolean =>
    one !== undefined && next?.order === one.order + 1 && next.pause === 0 && due[next.order]?.slurred === true;
  return { into: joins(turns[place - 1], turns[place]), out: joins(turns[place], turns[place + 1]) };
}

function playTurn(
  note: DueNote,
  { turn: { order, wrongBy, again }, at, pace, cents }: TurnAt,
  { into, out }: { readonly into: boolean; readonly out: boolean },
): Omit<SimulatedNote, 'landing'> {
  return {
    order,
    wrongBy,
    again,
    hz: note.hz.map((hz, voice) => hz * 2 ** (((cents[voice] ?? 0) + 100 * wrongBy) / 1200)),
    at,
    until: at + note.seconds * pace * (out ? 1 : DETACHED),
    slurred: into,
    slide: into && wrongBy === 0 ? note.slide : null,
    stopped: note.stops.map(isStopped),
  };
}

function landingOn({ shift }: DueNote, { landing }: SimulatedPlayer): SimulatedNote['landing'] {
  return shift && landing ? { cents: Math.sign(shift.handSemitones) * landing.beyondCents, seconds: landing.correctedIn } : null;
}

/** The time in which a wandering tempo comes round, seconds. */
const WANDER_SECONDS = 6.3;

function isStopped({ finger }: Stop): boolean {
  return finger !== '0';
}

function missOf({ shift }: DueNote, stop: Stop, { fingers, strings, shiftUp, shiftDown, notes }: Misses, order: number): number {
  const ofNote = notes[order] ?? 0;
  if (!isStopped(stop)) return ofNote;
  const ofShift = shift === null ? 0 : shift.handSemitones > 0 ? shiftUp : shiftDown;
  return ofNote + ofShift + (fingers[stop.finger] ?? 0) + (strings[stop.string] ?? 0);
}

/** Lists what is played, in turn, with the slips worked in. */
function turnsOf(count: number, slips: readonly Slip[]): readonly Turn[] {
  const turns: Turn[] = [];
  for (let order = 0; order < count; order += 1) turns.push(...turnsAt(order, slips));
  return turns;
}

/** Lists what is played when the turn comes to one note. */
function turnsAt(order: number, slips: readonly Slip[]): readonly Turn[] {
  const here = slips.filter((slip) => slip.order === order);
  const plain: Turn = { order, wrongBy: 0, again: false, pause: 0 };
  let turns: readonly Turn[] = [plain];
  for (const slip of here) turns = withSlip(turns, slip);
  return turns;
}

function withSlip(turns: readonly Turn[], slip: Slip): readonly Turn[] {
  switch (slip.kind) {
    case 'wrong':
      return turns.map((turn) => ({ ...turn, wrongBy: slip.semitones }));
    case 'left-out':
      return [];
    case 'repeated':
      return turns.flatMap((turn) => [turn, { ...turn, again: true, pause: 0 }]);
    case 'late':
      return turns.map((turn) => ({ ...turn, pause: slip.seconds }));
    case 'restart': {
      const from = Math.max(0, slip.order - slip.back);
      const again = Array.from({ length: slip.order - from + 1 }, (_, step): Turn => {
        return { order: from + step, wrongBy: 0, again: true, pause: step === 0 ? STOPPED_SECONDS : 0 };
      });
      return [...turns, ...again];
    }
  }
}
