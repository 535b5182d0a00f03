import { schoolsOf, handOf } from '#core/hand';
import { TUNINGS } from '#core/instrument';
import type { Issue } from '#core/reading';
import { relaxationWords } from '#core/words';
import { describe } from './describe.ts';
import type { Brief, Limits } from './schema.ts';
import { solveBrief } from './solve-brief.ts';
import type { Relaxed } from './types.ts';

/** One thing let go of a brief, and what to call it. */
interface Relaxation {
  readonly words: string;
  readonly brief: Brief;
}

/**
 * The single limit whose letting go helps most: tried, not guessed. First the small steps are tried, one more position,
 * string or finger, one lock or one count of shifts; of those with which the whole line can be planned the cheapest plan
 * is taken. Then each limit as a whole, then all of them. Null when nothing the brief says is to blame, as for a note
 * that the instrument does not have.
 */
export function relaxed(brief: Brief, issues: readonly Issue[]): Relaxed | null {
  if (!issues.some((issue) => issue.code === 'limit' || issue.code === 'lock')) return null;
  for (const tries of [smallSteps(brief, issues), wholeLimits(brief), everything(brief)]) {
    const plans = tries.flatMap((each): readonly Relaxed[] => {
      const solved = solveBrief(each.brief);
      return solved.ok ? [{ relaxation: each.words, brief: each.brief, plan: describe(solved.value) }] : [];
    });
    const [best] = plans.toSorted((one, other) => one.plan.cost.totalThousandths - other.plan.cost.totalThousandths);
    if (best) return best;
  }
  return null;
}

function smallSteps(brief: Brief, issues: readonly Issue[]): readonly Relaxation[] {
  const { limits = {}, locks = [] } = brief;
  const hand = handOf(brief.instrument.kind, schoolOf(brief));
  const strings = brief.instrument.tuning ?? TUNINGS[brief.instrument.kind];
  const failing = new Set(issues.map((issue) => issue.where.note));
  const more = <Name extends 'positions' | 'strings' | 'fingers'>(name: Name, all: readonly string[]): readonly Relaxation[] => {
    const allowed = limits[name];
    if (!allowed) return [];
    return all
      .filter((each) => !allowed.some((known) => known === each))
      .map((each) => ({ words: relaxationWords(name, each), brief: withLimits(brief, { ...limits, [name]: [...allowed, each] }) }));
  };
  return [
    ...more('positions', hand.positionLabels),
    ...more('strings', strings),
    ...more('fingers', hand.fingers),
    ...locks
      .filter((lock) => failing.has(lock.note))
      .map((lock) => ({
        words: relaxationWords('lock', String(lock.note + 1)),
        brief: { ...brief, locks: locks.filter((other) => other !== lock) },
      })),
    ...countsNear(brief, limits),
    ...(limits.openStrings === undefined || limits.openStrings === 'allow'
      ? []
      : [{ words: relaxationWords('openStrings', ''), brief: withLimits(brief, { ...limits, openStrings: 'allow' as const }) }]),
  ];
}

/** How many shifts more or fewer are tried. */
const COUNTS_TRIED = 8;

function countsNear(brief: Brief, limits: Limits): readonly Relaxation[] {
  const { shifts } = limits;
  if (shifts === undefined) return [];
  const counts = Array.from({ length: 2 * COUNTS_TRIED + 1 }, (_, index) => shifts - COUNTS_TRIED + index);
  const near = counts
    .filter((count) => count >= 0 && count !== shifts)
    .toSorted((one, other) => Math.abs(one - shifts) - Math.abs(other - shifts));
  const first = near.find((count) => solveBrief(withLimits(brief, { ...limits, shifts: count })).ok);
  if (first === undefined) return [];
  return [{ words: relaxationWords('shifts', String(first)), brief: withLimits(brief, { ...limits, shifts: first }) }];
}

function wholeLimits(brief: Brief): readonly Relaxation[] {
  const { limits = {} } = brief;
  const names = ['positions', 'strings', 'fingers', 'highestPerString', 'openStrings', 'shifts'] as const;
  const { locks: _, ...unlocked } = brief;
  return [
    ...names
      .filter((name) => limits[name] !== undefined)
      .map((name) => {
        const { [name]: __, ...others } = limits;
        return { words: relaxationWords('without', name), brief: withLimits(brief, others) };
      }),
    ...(brief.locks ? [{ words: relaxationWords('without', 'locks'), brief: unlocked }] : []),
    ...(brief.samePatternEveryOctave === true
      ? [{ words: relaxationWords('without', 'pattern'), brief: { ...brief, samePatternEveryOctave: false } }]
      : []),
    ...(brief.wayDown === 'as-up' ? [{ words: relaxationWords('without', 'as-up'), brief: { ...brief, wayDown: 'own' as const } }] : []),
  ];
}

function everything(brief: Brief): readonly Relaxation[] {
  const { limits: _, locks: __, samePatternEveryOctave: ___, wayDown: ____, ...free } = brief;
  return [{ words: relaxationWords('without', 'all'), brief: free }];
}

function withLimits(brief: Brief, limits: Limits): Brief {
  return { ...brief, limits };
}

function schoolOf(brief: Brief): ReturnType<typeof schoolsOf>[number] {
  return brief.player?.school ?? schoolsOf(brief.instrument.kind)[0];
}
