/** Writes a phrase as it begins a line: with a capital. */
export function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}
