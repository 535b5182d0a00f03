/** How an earlier version differs from how it is now, by what bringing it back would do. */
export function goesBackText(isSame: boolean, changes: readonly string[]): string {
  return isSame ? 'as it is now' : `goes back to: ${changes.join('; ') || 'other details'}`;
}
