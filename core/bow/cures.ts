import type { Brief } from '#core/brief';
import { withLockedBows, withMark } from '#core/brief/locks';
import { readMaterial } from '#core/brief/parts/materials';
import { type BowCount, bowCount } from './bow-plan.ts';
import { type Bow, bowsOf } from './bows.ts';

/** What makes a bowing come out. */
export type CureStep = 'top-twice' | 'turn' | 'begin-up' | 'last-joined' | 'last-alone' | 'first-alone';

/** A way to make a bowing come out: what it does, and the brief with it. */
export interface BowCure {
  /** One thing, or two together. */
  readonly steps: readonly CureStep[];
  /** The brief with it. */
  readonly brief: Brief;
}

/** How many ways are proposed. */
const PROPOSED = 2;

/** What is tried, the least first: what the notes do, then where the bow begins, then single bows. */
const TRIED: readonly (readonly CureStep[])[] = [
  ['top-twice'],
  ['turn'],
  ['begin-up'],
  ['last-joined'],
  ['last-alone'],
  ['top-twice', 'turn'],
  ['first-alone'],
  ['begin-up', 'top-twice'],
  ['begin-up', 'turn'],
  ['begin-up', 'first-alone'],
  ['begin-up', 'last-joined'],
];

/** Whether a bowing does not come out: notes are left over, or the last bow goes up. */
export function endsWrong(bows: readonly Bow[], { leftOver }: BowCount): boolean {
  return leftOver > 0 || bows[bows.length - 1]?.direction === 'up';
}

/**
 * The two nearest ways in which a bowing comes out: every bow full, and the last one down. None where it does, or where the slurs are
 * the line's own.
 */
export function cures(brief: Brief): readonly BowCure[] {
  const now = bowed(brief);
  if (!now || now.count.asked === null || !now.wrong) return [];
  const found: BowCure[] = [];
  for (const steps of TRIED) {
    const cured = steps.reduce<Brief | null>((before, step) => before && CURES[step](before), brief);
    if (cured && bowed(cured)?.wrong === false) found.push({ steps, brief: cured });
    if (found.length === PROPOSED) break;
  }
  return found;
}

interface Bowed {
  readonly bows: readonly Bow[];
  readonly count: BowCount;
  readonly wrong: boolean;
}

function bowed(brief: Brief): Bowed | null {
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return null;
  const [bows, count] = [bowsOf(line.value, brief.marks), bowCount(brief, line.value)];
  return { bows, count, wrong: endsWrong(bows, count) };
}

/** What each does to a brief; null where it is done already, or cannot be. */
const CURES: Readonly<Record<CureStep, (brief: Brief) => Brief | null>> = {
  'top-twice': (brief) => {
    const { material } = brief;
    if (material.kind !== 'scale' && material.kind !== 'arpeggio') return null;
    return material.direction === 'up-down' && material.top !== 'twice' ? { ...brief, material: { ...material, top: 'twice' } } : null;
  },
  turn: (brief) => {
    const { material } = brief;
    if (material.kind !== 'scale' || material.direction !== 'up-down' || (material.from ?? 1) > 1) return null;
    return material.turn === true ? null : { ...brief, material: { ...material, turn: true } };
  },
  'begin-up': (brief) => {
    const first = bowed(brief)?.bows[0];
    return first?.direction === 'down' ? withMark(brief, first.from, { bow: 'up' }) : null;
  },
  'last-joined': (brief) => {
    const now = bowed(brief);
    const [before, last] = now?.bows.slice(-2) ?? [];
    if (!now || !before || !last || last.afterRest || now.count.leftOver === 0) return null;
    return hasRoomFor(before, last, now.count) ? withLocked(brief, before.from, last.to) : null;
  },
  'last-alone': (brief) => {
    const last = bowed(brief)?.bows.at(-1);
    return last && last.notes > 1 ? withLocked(withLocked(brief, last.from, last.to - 1), last.to, last.to) : null;
  },
  'first-alone': (brief) => {
    const first = bowed(brief)?.bows[0];
    return first && first.notes > 1 ? withLocked(brief, first.from, first.from) : null;
  },
};

/** Whether a bow takes what is left over as well: half as much again, or no more than the longest that is asked for. */
function hasRoomFor(before: Bow, last: Bow, { asked }: BowCount): boolean {
  return 2 * last.notes <= before.notes || before.notes + last.notes <= Math.max(0, ...(asked ?? []));
}

function withLocked(brief: Brief, from: number, to: number): Brief {
  const apart = (brief.rhythm?.lockedBows ?? []).filter((bow) => bow.to < from || bow.from > to);
  return withLockedBows(brief, [...apart, { from, to }]);
}
