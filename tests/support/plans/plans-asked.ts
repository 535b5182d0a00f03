import type { Brief, Lock } from '#core/brief';
import { withLock } from '#core/brief/locks';
import type { Finger } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { positionWords } from '#core/messages';
import { describe, type Plan, type PlannedSound } from '#core/plan/describe';
import { formatKey } from '#core/key';
import { solveBrief } from '#core/solve';

/** The fingers of the hand. */
export const FINGERS: readonly Finger[] = ['1', '2', '3', '4', 'T'];

/** Frees a brief of everything it asks of the line as a whole: a reason compares its line with those. */
export function free(brief: Brief): Brief {
  const { wayDown: _, samePatternEveryOctave: __, limits, preferences, ...others } = brief;
  const { shifts: ___, ...left } = limits ?? {};
  const fewest = preferences?.['fewest-shifts'] === 1 ? { ...preferences, 'fewest-shifts': 0.9999 } : preferences;
  return { ...others, limits: left, ...(fewest ? { preferences: fewest } : {}) };
}

const KNOWN = new Map<string, Plan | null>();
const ALONE = new Map<string, Plan | null>();

/** Plans the best plan of a brief that one hand plays; each brief is planned once. */
export function bestOf(brief: Brief, plans = KNOWN): Plan | null {
  const key = JSON.stringify(brief);
  const known = plans.get(key);
  if (known !== undefined) return known;
  const solved = solveBrief(brief);
  const found = solved.ok ? describe(solved.value) : null;
  const best = found?.notOneHand.length === 0 ? found : null;
  plans.set(key, best);
  return best;
}

/** Forgets the plans, since a plan's reasons ask about one line. */
export function forgetPlans(): void {
  KNOWN.clear();
}

/** Gives the best plan with more locks; null where there is none that one hand plays. */
export function withLocks(brief: Brief, locks: readonly Lock[]): Plan | null {
  const fixed = locks.reduce(withLock, free(brief));
  const contradicts = locks.some((lock) =>
    brief.locks?.some(
      (own) => own.note === lock.note && own.finger !== undefined && lock.finger !== undefined && own.finger !== lock.finger,
    ),
  );
  return contradicts ? null : bestOf(fixed);
}

/** Gives a note of a plan that sounds; null for a rest. */
export function soundAt({ notes }: Plan, index: number): PlannedSound | null {
  const note = notes[index];
  return note?.kind === 'note' ? note : null;
}

/** Tells whether a finger may play a note at all, so that asking for a whole line with it makes sense. */
export function mayPlay(best: Plan, note: number, finger: Finger, string?: string): boolean {
  const pitches = soundAt(best, note)?.stops.map(({ pitch }) => pitch) ?? [];
  return canPlayAlone(best, pitches, { finger, ...(string === undefined ? {} : { string }) });
}

/** Tells whether a note can be played in a position at all. */
export function isOpenOrIn(best: Plan, index: number, position: string): boolean {
  const pitches = soundAt(best, index)?.stops.map(({ pitch }) => pitch) ?? [];
  return best.strings.some(({ name }) => pitches.includes(name)) || canPlayAlone(best, pitches, { position });
}

/** Tells whether a note alone can be played by a finger, whatever the brief excludes: in the very position, low or high as it is named. */
export function canPlayAlone(
  { brief, line }: Plan,
  pitches: readonly string[],
  lock: Omit<Lock, 'note'>,
  position?: PositionName,
): boolean {
  const { instrument, player = {} } = brief;
  const { hand: _, ...school } = player;
  const material: Brief['material'] = { kind: 'line', key: formatKey(line.key), notes: [{ pitches: [...pitches], duration: '1/4' }] };
  const alone = bestOf({ instrument, player: school, material, locks: [{ note: 0, ...lock }] }, ALONE);
  const sound = alone && soundAt(alone, 0);
  if (!sound || sound.stops[0].finger === '0') return false;
  if (lock.string !== undefined && sound.stops[0].open !== lock.string) return false;
  return position === undefined || positionWords(sound.position) === positionWords(position);
}

/** Lists the positions of the instrument of a plan, as its players name them. */
export function positionsOf({ brief: { instrument } }: Plan): readonly string[] {
  return instrument.kind === 'bass'
    ? ['half', 'I', 'II', 'II-III', 'III', 'III-IV', 'IV', 'V', 'V-VI', 'VI', 'VI-VII', 'VII', 'thumb']
    : ['half', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12', 'thumb'];
}
