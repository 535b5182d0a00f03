export { heardPair, type HeardInterval, type HeardPair } from './heard-pair.ts';
export { likenessAmong, likenessOf } from './sonorities.ts';
