import type { Rule } from 'eslint';

/** A room of the application is entered by its door. */
export const doors: Rule.RuleModule;
