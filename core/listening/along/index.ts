export { type KnownSounds, NOTHING_KNOWN, withoutKnown } from './known-sounds.ts';
