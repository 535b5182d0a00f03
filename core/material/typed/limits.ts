/** The most notes and rests one line may have; above it the line is refused. */
export const MOST_NOTES = 10_000;
