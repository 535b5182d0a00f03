export { heardPair, type HeardInterval, type HeardPair } from './heard-pair.ts';
export type { VoiceTrack } from './voice-pitch.ts';
export { likenessAmong, likenessOf } from './sonorities.ts';
