/** Writes how an earlier version differs from the present one, by the effect of bringing it back. */
export function goesBackText(isSame: boolean, changes: readonly string[]): string {
  return isSame ? 'as it is now' : `goes back to: ${changes.join('; ') || 'other details'}`;
}
