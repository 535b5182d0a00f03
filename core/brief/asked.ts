import { LIMIT_NAMES, type LimitName, limitPart, type Limits } from '#core/brief/parts/limits';
import { PURPOSE_LABELS, SAME_PATTERN_WORDS, WAY_DOWN_WORDS } from '#core/brief/parts/rules';
import { QUESTION_NAMES, type QuestionName, sideOf } from '#core/brief/parts/school';
import { type Preference, PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { listText } from '#core/messages';
import type { Brief } from './schema/brief.ts';

/** The name of something a brief asks that can be left out by itself. */
export type Asked =
  /** A limit, by its name in documents. */
  | { readonly kind: 'limit'; readonly name: LimitName }
  /** A wish, by its name in documents. */
  | { readonly kind: 'wish'; readonly name: Preference }
  /** A question that the piece answers differently from player and school. */
  | { readonly kind: 'way'; readonly name: QuestionName }
  /** Another rule for the whole line. */
  | { readonly kind: 'rule'; readonly name: RuleName };

/** Something a brief asks that is neither a limit nor a wish. */
export type RuleName = 'purpose' | 'wayDown' | 'samePatternEveryOctave' | 'stretches' | 'locks';

/** One thing that a brief may ask: whether it does, the brief without it, and its words. */
export interface AskedPart {
  /** The name of what is asked. */
  readonly asked: Asked;
  /** Tells whether a brief asks it. */
  readonly isAsked: (brief: Brief) => boolean;
  /** Gives the brief without it, and nothing else changed. */
  readonly without: (brief: Brief) => Brief;
  /** Says what a brief asks by it: "only first position", "2 locked notes". */
  readonly inWords: (brief: Brief) => string;
  /** The words as they follow "without", where no fingering may break it; null where it only changes costs. */
  readonly whole: string | null;
}

const RULES: readonly AskedPart[] = [
  {
    asked: { kind: 'rule', name: 'purpose' },
    isAsked: ({ purpose }) => purpose !== undefined,
    without: ({ purpose: _, ...others }) => others,
    inWords: ({ purpose }) => PURPOSE_LABELS[purpose ?? 'none'],
    whole: null,
  },
  {
    asked: { kind: 'rule', name: 'wayDown' },
    isAsked: ({ wayDown }) => wayDown === 'as-up',
    without: (brief) => ({ ...brief, wayDown: 'own' }),
    inWords: () => WAY_DOWN_WORDS.asked,
    whole: WAY_DOWN_WORDS.whole,
  },
  {
    asked: { kind: 'rule', name: 'samePatternEveryOctave' },
    isAsked: ({ samePatternEveryOctave }) => samePatternEveryOctave === true,
    without: (brief) => ({ ...brief, samePatternEveryOctave: false }),
    inWords: () => SAME_PATTERN_WORDS.asked,
    whole: SAME_PATTERN_WORDS.whole,
  },
  {
    asked: { kind: 'rule', name: 'stretches' },
    isAsked: ({ stretches }) => stretches !== undefined,
    without: ({ stretches: _, ...others }) => others,
    inWords: ({ stretches = [] }) =>
      `what is asked of ${listText(stretches.map(({ from, to }) => (from === to ? `note ${from + 1}` : `notes ${from + 1} to ${to + 1}`)))}`,
    whole: 'what is asked of some notes alone',
  },
  {
    asked: { kind: 'rule', name: 'locks' },
    isAsked: ({ locks }) => locks !== undefined,
    without: ({ locks: _, ...others }) => others,
    inWords: ({ locks = [] }) => (locks.length === 1 ? 'one locked note' : `${locks.length} locked notes`),
    whole: 'any locked finger',
  },
];

/** Everything a brief may ask that can be left out by itself: limits, wishes, ways of teaching, and the rules for the whole line. */
export const ASKED_PARTS: readonly AskedPart[] = [
  ...LIMIT_NAMES.map(askedLimit),
  ...PREFERENCES.map(askedWish),
  ...QUESTION_NAMES.map(askedWay),
  ...RULES,
];

/** Says in words what a brief asks by one of its parts. */
export function askedText(asked: Asked, brief: Brief): string {
  const part = ASKED_PARTS.find((part) => part.asked.kind === asked.kind && part.asked.name === asked.name);
  return part?.inWords(brief) ?? asked.name;
}

function askedLimit<Name extends LimitName>(name: Name): AskedPart {
  const { words } = limitPart(name);
  return {
    asked: { kind: 'limit', name },
    isAsked: ({ limits }) => limits?.[name] !== undefined,
    without: (brief) => ({ ...brief, limits: withoutName(brief.limits ?? {}, name) }),
    inWords: ({ limits }) => {
      const value = limits?.[name];
      return value === undefined ? words.none : words.asked(value);
    },
    whole: words.whole,
  };
}

function askedWish(name: Preference): AskedPart {
  return {
    asked: { kind: 'wish', name },
    isAsked: ({ preferences }) => preferences?.[name] !== undefined,
    without: (brief) => {
      const { [name]: _, ...preferences } = brief.preferences ?? {};
      return { ...brief, preferences };
    },
    inWords: () => wishPart(name).label,
    whole: null,
  };
}

function askedWay(name: QuestionName): AskedPart {
  return {
    asked: { kind: 'way', name },
    isAsked: ({ ways }) => ways?.[name] !== undefined,
    without: (brief) => {
      const { [name]: _, ...ways } = brief.ways ?? {};
      return { ...brief, ways };
    },
    inWords: ({ ways }) => sideOf(name, ways?.[name] ?? '').label,
    whole: null,
  };
}

function withoutName(limits: Limits, name: LimitName): Limits {
  const { [name]: _, ...others } = limits;
  return others;
}
