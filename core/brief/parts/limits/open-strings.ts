import type { Placement } from '#core/hand/placement';
import { goodReading, oneOf } from '#core/result';
import type { LimitPart } from './limit-part.ts';
import { everyStop, usesOpen } from './placements.ts';

/**
 * The policies on open strings: `prefer` takes them wherever the pitch is an open string; `allow` leaves them to the costs; `avoid` takes
 * them only where nothing else exists, or for the first note; `none` never takes them.
 */
export const OPEN_STRING_POLICIES = ['prefer', 'allow', 'avoid', 'none'] as const;

/** A policy on open strings. */
export type OpenStringPolicy = (typeof OPEN_STRING_POLICIES)[number];

const NAMES: Readonly<Record<OpenStringPolicy, string>> = { prefer: 'preferred', allow: 'allowed', avoid: 'avoided', none: 'not used' };

/** Sets how open strings are used. A note locked to an open string stays open. */
export const openStrings: LimitPart<OpenStringPolicy> = {
  schema: oneOf(OPEN_STRING_POLICIES),
  read: (policy) =>
    goodReading({
      ...(policy === 'none'
        ? { keeps: (placement, lock) => lock?.finger === '0' || everyStop(placement, ({ finger }) => finger !== '0') }
        : {}),
      narrows: (placements, first) => narrowByPolicy(policy, placements, first),
    }),
  need: (_, { string }) => `the open ${string} string`,
  // Before lifting the policy, a teacher who shuts open strings out allows one where no finger has the note.
  smallerSteps: (policy) => ({
    steps: [
      ...(policy === 'none'
        ? [{ value: 'avoid' as const, words: 'with open strings avoided, and used only where no finger has the note' }]
        : []),
      ...(policy === 'allow' ? [] : [{ value: 'allow' as const, words: 'with open strings left free' }]),
    ],
    weigh: 'first',
  }),
  words: {
    name: 'Open strings',
    none: `open strings ${NAMES.allow}`,
    inSentence: (policy) => NAMES[policy],
    asked: (policy) => `open strings ${NAMES[policy]}`,
    inPrint: (policy) => (policy === 'allow' ? '' : `open strings ${NAMES[policy]}`),
    leftOut: 'open strings',
    whole: 'the rule for open strings',
  },
  control: {
    kind: 'choice',
    options: OPEN_STRING_POLICIES.map((value) => ({ value, name: NAMES[value] })),
    chosen: (policy) => policy ?? 'allow',
    choose: (chosen) => OPEN_STRING_POLICIES.find((policy) => policy === chosen && policy !== 'allow') ?? null,
  },
  stands: { in: 'sentence', lead: 'open strings' },
};

/** Applies "prefer" and "avoid", which depend on the other placements of the note. */
function narrowByPolicy(policy: OpenStringPolicy, placements: readonly Placement[], first: boolean): readonly Placement[] {
  const open = placements.filter(usesOpen);
  const stopped = placements.filter((placement) => !usesOpen(placement));
  switch (policy) {
    case 'prefer':
      return open.length > 0 ? open : stopped;
    case 'avoid':
      return stopped.length > 0 && !first ? stopped : placements;
    case 'allow':
    case 'none':
      return placements;
  }
}
