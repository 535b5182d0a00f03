/** Parts of a quarter note in what is written: 64ths, and those of triplets, quintuplets and septuplets, are whole numbers of them. */
export const DIVISIONS = 16 * 3 * 5 * 7;
