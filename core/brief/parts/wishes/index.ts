export { type Preference, PREFERENCES, Preferences, readWishes, type Wishes, wishPart } from './wish-parts.ts';
