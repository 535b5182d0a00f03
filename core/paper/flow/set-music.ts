import type { FlowMusic, FlowRoom, TurnPlace } from './parts.ts';

/** The measures of a system; `to` is exclusive. */
export interface SystemMeasures {
  /** The first measure. */
  readonly from: number;
  /** The measure after the last. */
  readonly to: number;
}

/** The systems of a page, and the place at which the page before was turned; null for the first. */
export interface PageOfSystems {
  /** The systems, from the top. */
  readonly systems: readonly SystemMeasures[];
  /** The place at which the page before is turned; null for the first page. */
  readonly turn: TurnPlace | null;
}

/** The room for music: that of a page, and how much of the first page is used already, mm. */
interface MusicRoom extends FlowRoom {
  readonly usedMm: number;
}

/** The cost of each page beyond the first, and of each kind of turn, against the cost of an uneven system (below). */
const PAGE_COST = 40;
const TURN_COSTS: Readonly<Record<TurnPlace, number>> = { rest: 0, 'open string': 1, playing: 12, 'slur or shift': 10_000 };

/** The cost of a page turned with nothing on it: less than a poor turn within a slur or a shift would cost, more than anything else. */
const EMPTY_PAGE_COST = 100;

/** The cost of a page that is turned half empty. */
const HALF_EMPTY_COST = 6;

/** The share of the natural width to which music may be drawn together. */
const CLOSEST = 0.85;

/** A way to set the first measures of a page: its cost, the height used, and the system that ends it. */
interface Filled {
  readonly cost: number;
  readonly usedMm: number;
  /** The first measure of the last system. */
  readonly before: number;
}

/** A way to begin a page with some measure. */
interface Begun {
  readonly cost: number;
  /** The measure with which the page before begins; null for the first page. */
  readonly pageBefore: number | null;
  /** The systems of the page before. */
  readonly systems: readonly SystemMeasures[];
}

/**
 * Breaks music into systems and pages: evenly filled systems, few pages, and page turns in a rest or on an open string, never within a slur
 * or a shift where any other place can be had. The cheapest way is found exactly for the costs above, page by page and system by system
 * (dynamic programming after D. E. Knuth and M. F. Plass, "Breaking paragraphs into lines", 1981, with pages around the lines); the height
 * of a page that is being filled is that of the cheapest way to its last system.
 */
export function setMusic(music: FlowMusic, room: MusicRoom): readonly PageOfSystems[] {
  if (music.count === 0) return [];
  const begun = pagesBegun(music, room);
  const end = begun.get(music.count) ?? null;
  const rest = room.usedMm > 0 ? setMusicOnNewPage(music, room) : null;
  if (rest && (end === null || rest.cost < end.cost)) return [{ systems: [], turn: null }, ...rest.pages];
  return end ? pagesBack(begun, end, music) : [];
}

/** Finds the cheapest way to begin a page with each measure, and to come to the end. */
function pagesBegun(music: FlowMusic, room: MusicRoom): ReadonlyMap<number, Begun> {
  const begun = new Map<number, Begun>([[0, { cost: 0, pageBefore: null, systems: [] }]]);
  for (let first = 0; first < music.count; first += 1) {
    const page = begun.get(first);
    if (!page) continue;
    for (const [to, way] of waysOn(music, first, page.cost, first === 0 ? room : { ...room, usedMm: 0 })) {
      const now = begun.get(to);
      if (!now || way.cost < now.cost) begun.set(to, way);
    }
  }
  return begun;
}

/** Lists the ways to go on from a page that begins with a measure, each by the measure with which the next page begins, or the end. */
function waysOn(music: FlowMusic, first: number, costSoFar: number, room: MusicRoom): readonly (readonly [number, Begun])[] {
  const filled = fillPage(music, first, room);
  return [...filled].map(([to, { cost, usedMm }]) => {
    const way = { cost: costSoFar + cost, pageBefore: first, systems: systemsTo(filled, first, to) };
    if (to === music.count) return [to, way];
    const turnCost = TURN_COSTS[music.turns[to - 1] ?? 'playing'] + HALF_EMPTY_COST * Math.max(0, 1 - usedMm / room.heightMm);
    return [to, { ...way, cost: way.cost + PAGE_COST + turnCost }];
  });
}

/** Sets music that begins at the top of a new page, with its cost beside that of music that begins on the page before. */
function setMusicOnNewPage(music: FlowMusic, room: MusicRoom): { readonly cost: number; readonly pages: readonly PageOfSystems[] } | null {
  const fitsBelow = music.heightMm(0, 1) + music.gapMm + room.usedMm <= room.heightMm;
  if (fitsBelow && music.count === 1) return null;
  const pages = setMusic(music, { ...room, usedMm: 0 });
  const turns = pages.reduce((sum, { turn }) => sum + (turn === null ? 0 : TURN_COSTS[turn] + PAGE_COST), 0);
  return { cost: EMPTY_PAGE_COST + PAGE_COST + turns, pages };
}

/** Finds the cheapest ways to fill a page with systems from a measure on, by the measure after their last. */
function fillPage(music: FlowMusic, first: number, room: MusicRoom): ReadonlyMap<number, Filled> {
  const filled = new Map<number, Filled>([[first, { cost: 0, usedMm: room.usedMm, before: first }]]);
  for (let from = first; from < music.count; from += 1) {
    const before = filled.get(from);
    if (!before) continue;
    for (const to of endsOfSystem(music, from, room.widthMm)) {
      const usedMm = before.usedMm + (before.usedMm > 0 ? music.gapMm : 0) + music.heightMm(from, to);
      // A system taller than a page has one to itself.
      if (usedMm > room.heightMm && before.usedMm > 0) continue;
      const cost = before.cost + unevenness(music.naturalMm(from, to), room.widthMm, to === music.count);
      const now = filled.get(to);
      if (!now || cost < now.cost) filled.set(to, { cost, usedMm, before: from });
    }
  }
  filled.delete(first);
  return filled;
}

/** Lists the measures before which a system that begins with one may end: it has at least one, and no more than fit drawn together. */
function endsOfSystem(music: FlowMusic, from: number, widthMm: number): readonly number[] {
  const ends = [from + 1];
  for (let to = from + 2; to <= music.count && music.naturalMm(from, to) * CLOSEST <= widthMm; to += 1) ends.push(to);
  return ends;
}

/** Judges how far a system is from filling its line: drawn apart or together; a short last one costs little. */
function unevenness(naturalMm: number, widthMm: number, last: boolean): number {
  const apart = widthMm / naturalMm - 1;
  if (apart < 0) return 40 * apart * apart + (naturalMm * CLOSEST > widthMm ? 1000 : 0);
  return last ? 0.2 * Math.min(apart, 4) : 10 * apart * apart;
}

/** Lists the systems of a page back from its last measure. */
function systemsTo(filled: ReadonlyMap<number, Filled>, first: number, end: number): readonly SystemMeasures[] {
  const systems: SystemMeasures[] = [];
  for (let to = end; to > first;) {
    const from = filled.get(to)?.before ?? first;
    systems.unshift({ from, to });
    to = from;
  }
  return systems;
}

function pagesBack(begun: ReadonlyMap<number, Begun>, end: Begun, music: FlowMusic): readonly PageOfSystems[] {
  const pages: PageOfSystems[] = [];
  for (let now: Begun = end; now.pageBefore !== null;) {
    const first = now.pageBefore;
    pages.unshift({ systems: now.systems, turn: first === 0 ? null : (music.turns[first - 1] ?? null) });
    const before = begun.get(first);
    if (!before) break;
    now = before;
  }
  return pages;
}
