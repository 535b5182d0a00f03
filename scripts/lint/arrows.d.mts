import type { Rule } from 'eslint';

/** Arrows in the core run downward, for types too. */
export const arrows: Rule.RuleModule;
