import { ASKED_PARTS, type Brief, exactShifts, readPlayer } from '#core/brief';
import type { PartSetting } from '#core/brief/parts';
import { LOWEST_THUMB } from '#core/hand/models';
import { limitsSet, type SetLimit } from '#core/brief/parts/limits';
import { isAbout, type Issue } from '#core/messages';
import { describe } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { type Attempt, possibleShiftCounts, solveBrief } from '#core/solve';
import { breakUp } from './broken-up.ts';
import { elsewhere } from './elsewhere.ts';
import type { Relaxation, Relaxed } from './types.ts';

/** The relaxations of one kind: all that help are compared, or only the first is taken. */
interface Relaxations {
  /** The relaxations in the order in which they are tried. */
  readonly tries: readonly Relaxation[];
  /** Whether every one that helps is compared, or only the first is taken. */
  readonly weigh: 'every' | 'first';
}

/**
 * Finds the single limit that helps most when relaxed: tried, not guessed. A beginner's double stops are broken up first. Then the small
 * steps are tried, one more position, string or finger, one lock or one count of shifts; of those with which the whole line can be planned
 * the cheapest plan is taken. Then each limit is lifted as a whole, then all of them. Where no limit is to blame, as for a note that the
 * instrument does not have, a scale or the like is tried in the nearest octave; null where nothing helps. `tried` is the attempt at the
 * brief itself.
 */
export function* relax(brief: Brief, issues: readonly Issue[], tried: Attempt): Steps<Relaxed | null> {
  const limited = issues.some((issue) => isAbout(issue, 'limit', 'lock'));
  const out = issues.some((issue) => isAbout(issue, 'range'));
  const groupings = limited
    ? [
        [{ tries: breakUp(brief, issues), weigh: 'first' as const }],
        smallSteps(brief, issues, tried),
        [wholeLimits(brief)],
        [everything(brief)],
      ]
    : out
      ? [[{ tries: [...onTheThumb(brief, issues), ...elsewhere(brief)], weigh: 'first' as const }]]
      : [];
  for (const groups of groupings) {
    const plans: Relaxed[] = [];
    for (const group of groups) plans.push(...(yield* planRelaxations(group)));
    const [best] = plans.toSorted((one, other) => one.plan.cost.totalThousandths - other.plan.cost.totalThousandths);
    if (best) return best;
  }
  return null;
}

function* planRelaxations({ tries, weigh }: Relaxations): Steps<readonly Relaxed[]> {
  const plans: Relaxed[] = [];
  for (const { words, brief } of tries) {
    const solved = solveBrief(brief);
    yield;
    if (!solved.ok) continue;
    plans.push({ relaxation: words, brief, plan: describe(solved.value) });
    if (weigh === 'first') break;
  }
  return plans;
}

function smallSteps(brief: Brief, issues: readonly Issue[], tried: Attempt): readonly Relaxations[] {
  const player = readPlayer(brief);
  const limits = player.ok
    ? limitsSet(brief.limits)
        .map((limit) => smallerLimits(brief, limit, player.value))
        .map(canBeHad(tried))
    : [];
  const locks: Relaxations = { tries: withoutFailingLocks(brief, issues), weigh: 'every' };
  return [...limits, locks, { tries: withoutEachPassage(brief), weigh: 'every' }];
}

function smallerLimits(brief: Brief, { name, part, value }: SetLimit, setting: PartSetting): Relaxations {
  const { steps, weigh } = part.smallerSteps(value, setting);
  return {
    tries: steps.map((step) => ({ words: step.words, brief: { ...brief, limits: { ...brief.limits, [name]: step.value } } })),
    weigh,
  };
}

/** Proposes the same with the thumb, or with the thumb set lower on the string, where it alone would hold two notes together. */
function onTheThumb(brief: Brief, issues: readonly Issue[]): readonly Relaxation[] {
  const asks = (code: Issue['code']): boolean => issues.some((issue) => issue.code === code);
  const withThumb = (words: string, thumb: NonNullable<Brief['player']>): Relaxation => ({
    words,
    brief: { ...brief, player: { ...brief.player, school: 'thumb', ...thumb } },
  });
  if (!asks('range/needs-thumb') && !asks('range/below-thumb')) return [];
  return [
    ...(asks('range/needs-thumb') ? [withThumb('with thumb position', {})] : []),
    withThumb('with the thumb set lower on the string', { thumbFrom: LOWEST_THUMB }),
  ];
}

/** Keeps the counts of shifts with which the line is possible: one search has found all of those. */
function canBeHad(tried: Attempt): (relaxations: Relaxations) => Relaxations {
  const asked = tried.kind === 'no-way' ? exactShifts(tried.laid.task.limits) : null;
  if (tried.kind !== 'no-way' || asked === null) return (relaxations) => relaxations;
  const counts = [asked, ...possibleShiftCounts(tried.laid)];
  const hasItsCount = ({ brief: { limits } }: Relaxation): boolean => limits?.shifts === undefined || counts.includes(limits.shifts);
  return ({ tries, weigh }) => ({ tries: tries.filter(hasItsCount), weigh });
}

function withoutFailingLocks(brief: Brief, issues: readonly Issue[]): readonly Relaxation[] {
  const { locks = [] } = brief;
  const failing = new Set(issues.map((issue) => issue.where.note));
  return locks
    .filter((lock) => failing.has(lock.note))
    .map((lock) => ({
      words: `without the finger locked on note ${lock.note + 1}`,
      brief: { ...brief, locks: locks.filter((other) => other !== lock) },
    }));
}

function withoutEachPassage(brief: Brief): readonly Relaxation[] {
  const { stretches = [] } = brief;
  return stretches.map((passage) => ({
    words: `without what is asked of notes ${passage.from + 1} to ${passage.to + 1} alone`,
    brief: { ...brief, stretches: stretches.filter((other) => other !== passage) },
  }));
}

function wholeLimits(brief: Brief): Relaxations {
  const tries = ASKED_PARTS.flatMap(({ whole, isAsked, without }) =>
    whole !== null && isAsked(brief) ? [{ words: `without ${whole}`, brief: without(brief) }] : [],
  );
  return { tries, weigh: 'every' };
}

function everything(brief: Brief): Relaxations {
  const { limits: _, locks: __, samePatternEveryOctave: ___, wayDown: ____, stretches: _____, ...free } = brief;
  return { tries: [{ words: 'without any limit, which no single one explains', brief: free }], weigh: 'first' };
}
