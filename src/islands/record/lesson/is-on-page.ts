/** Tells whether a field is left for another place of the page: where the window or the tab is left, typing goes on. */
export function isOnPage(): boolean {
  return document.hasFocus();
}
