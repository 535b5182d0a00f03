/** The wish for a note; null for what was left free. */
export interface Wished {
  /** The finger, `"0"` for the open string. */
  readonly finger: string | null;
  /** The name of the string: "D". */
  readonly string: string | null;
  /** The label of the position. */
  readonly position: string | null;
}

/** Writes the wish for a note, as it follows "with": "finger 3 on the D string"; null where there is none. */
export function wishedText({ finger, string, position }: Wished): string | null {
  const parts = [
    finger === null ? '' : finger === '0' ? 'the open string' : `finger ${finger}`,
    string === null ? '' : `the ${string} string`,
    position === null ? '' : `position ${position}`,
  ].filter((words) => words !== '');
  return parts.length === 0 ? null : parts.join(' on ');
}
