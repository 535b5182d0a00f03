/** The largest count that one request may ask for. */
const MOST_ASKED = 20;

/** Reads a count in the address of a request, kept between none and the largest allowed. */
export function countAsked(url: URL, name: string, usual: number): number {
  const asked = Number(url.searchParams.get(name) ?? usual);
  return Number.isFinite(asked) ? Math.max(0, Math.min(MOST_ASKED, Math.floor(asked))) : usual;
}
