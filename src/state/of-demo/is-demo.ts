/** Tells whether the application runs with its demo. */
export function isDemo(): boolean {
  return document.documentElement.dataset['demo'] === 'yes';
}
