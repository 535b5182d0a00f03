/**
 * The number of parts into which a quarter note is divided in written music: 64ths, and those of triplets, quintuplets and septuplets, are
 * whole numbers of them.
 */
export const DIVISIONS = 16 * 3 * 5 * 7;
