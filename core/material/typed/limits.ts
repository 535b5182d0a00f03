/** The largest number of notes and rests in one line; a longer line is refused. */
export const MOST_NOTES = 10_000;
