/** Reads a number as typed, with comma or point: null for nothing, NaN for a text that is none. */
export function typedNumber(text: string): number | null {
  const trimmed = text.trim().replace(',', '.');
  return trimmed === '' ? null : Number(trimmed);
}
