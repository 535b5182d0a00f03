import type { SignOutlines } from '../../../engraving/index.ts';

/** The outlines of the signs of music that can be drawn. */
export declare const MUSIC_OUTLINES: SignOutlines;
