export { dropRule, type Rule, ruleStore, settleRule, watchCorrections } from './corrections.ts';
export { ENOUGH } from './remembered-corrections.ts';
export { changedByRule, type RuleChanges } from './rule-changes.ts';
export { namePattern } from './school-actions.ts';
