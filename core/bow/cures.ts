import type { Brief } from '#core/brief';
import { withLockedBows, withMark } from '#core/brief/locks';
import { readMaterial } from '#core/brief/parts/materials';
import { type BowCount, bowCount } from './bow-plan.ts';
import { type Bow, bowsOf } from './bows.ts';

/** A change of the bowing with which it comes out. */
export type CureStep = 'top-twice' | 'turn' | 'begin-up' | 'last-joined' | 'last-alone' | 'first-alone';

/** A way to make a bowing come out: what changes, and the brief with the changes. */
export interface BowCure {
  /** One change, or two together. */
  readonly steps: readonly CureStep[];
  /** The brief with the changes made. */
  readonly brief: Brief;
}

/** The number of ways that are proposed. */
const PROPOSED = 2;

/** The changes that are tried, the smallest first: the rhythm of the notes, then the bow on which the line begins, then single bows. */
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

/** Tells whether a bowing does not come out: notes are left over, or the last bow goes up. */
export function endsWrong(bows: readonly Bow[], { leftOver }: BowCount): boolean {
  return leftOver > 0 || bows[bows.length - 1]?.direction === 'up';
}

/**
 * Proposes the two nearest ways in which a bowing comes out: every bow full, and the last one down. Empty where it comes out already, or
 * where the slurs are the line's own.
 */
export function cures(brief: Brief): readonly BowCure[] {
  const now = bowBrief(brief);
  if (!now || now.count.asked === null || !now.wrong) return [];
  const found: BowCure[] = [];
  for (const steps of TRIED) {
    const cured = steps.reduce<Brief | null>((before, step) => before && CURES[step](before), brief);
    if (cured && bowBrief(cured)?.wrong === false) found.push({ steps, brief: cured });
    if (found.length === PROPOSED) break;
  }
  return found;
}

interface Bowed {
  readonly bows: readonly Bow[];
  readonly count: BowCount;
  readonly wrong: boolean;
}

function bowBrief(brief: Brief): Bowed | null {
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return null;
  const [bows, count] = [bowsOf(line.value, brief.marks), bowCount(brief, line.value)];
  return { bows, count, wrong: endsWrong(bows, count) };
}

/** The change that each kind makes to a brief; null where it is made already or is impossible. */
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
    const first = bowBrief(brief)?.bows[0];
    return first?.direction === 'down' ? withMark(brief, first.from, { bow: 'up' }) : null;
  },
  'last-joined': (brief) => {
    const now = bowBrief(brief);
    const [before, last] = now?.bows.slice(-2) ?? [];
    if (!now || !before || !last || last.afterRest || now.count.leftOver === 0) return null;
    return hasRoomFor(before, last, now.count) ? withLocked(brief, before.from, last.to) : null;
  },
  'last-alone': (brief) => {
    const last = bowBrief(brief)?.bows.at(-1);
    return last && last.notes > 1 ? withLocked(withLocked(brief, last.from, last.to - 1), last.to, last.to) : null;
  },
  'first-alone': (brief) => {
    const first = bowBrief(brief)?.bows[0];
    return first && first.notes > 1 ? withLocked(brief, first.from, first.from) : null;
  },
};

/**
 * Tells whether a bow can take the notes that are left over as well: half as many again, or no more than the longest bow that is asked for.
 */
function hasRoomFor(before: Bow, last: Bow, { asked }: BowCount): boolean {
  return 2 * last.notes <= before.notes || before.notes + last.notes <= Math.max(0, ...(asked ?? []));
}

function withLocked(brief: Brief, from: number, to: number): Brief {
  const apart = (brief.rhythm?.lockedBows ?? []).filter((bow) => bow.to < from || bow.from > to);
  return withLockedBows(brief, [...apart, { from, to }]);
}
