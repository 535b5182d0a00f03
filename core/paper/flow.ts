import { setMusic } from './set-music.ts';

/** A block that stands whole on one page: a title, a table, a drawing. */
export interface FlowBlock {
  readonly kind: 'block';
  /** Its height, mm. */
  readonly heightMm: number;
  /** The space above it where something stands above, mm. */
  readonly gapMm: number;
  /** Whether it stands on the same page as the part after it, as a heading does. */
  readonly keepWithNext: boolean;
}

/** The place between two measures at which a page may be turned: the hand is free in a rest, one hand on an open string. */
export type TurnPlace = 'rest' | 'open string' | 'playing' | 'slur or shift';

/** Music in measures, to be broken into systems and pages. */
export interface FlowMusic {
  readonly kind: 'music';
  /** The space above each system but the first of a page, mm. */
  readonly gapMm: number;
  /** The number of measures. */
  readonly count: number;
  /** Gives the natural width of some measures as a system, mm; `to` is exclusive. */
  readonly naturalMm: (from: number, to: number) => number;
  /** Gives the height of some measures as a system, mm; `to` is exclusive. */
  readonly heightMm: (from: number, to: number) => number;
  /** The place after each measure but the last. */
  readonly turns: readonly TurnPlace[];
}

/** A part of what stands on paper, in order. */
export type FlowPart = FlowBlock | FlowMusic;

/** The space for the flow on each page, mm. */
export interface FlowRoom {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A block at its place. */
export interface PlacedBlock {
  readonly kind: 'block';
  /** The index of its part. */
  readonly part: number;
  /** Its top, mm from the top of the room. */
  readonly yMm: number;
}

/** A system at its place. */
export interface PlacedSystem {
  readonly kind: 'system';
  /** The index of its part. */
  readonly part: number;
  /** The first measure. */
  readonly from: number;
  /** The measure after the last. */
  readonly to: number;
  /** Its top, mm from the top of the room. */
  readonly yMm: number;
}

/** What stands on one page. */
export interface PlacedPage {
  readonly placed: readonly (PlacedBlock | PlacedSystem)[];
  /** The height that is used, mm. */
  readonly usedMm: number;
  /** The place at which it is turned, where music goes on over the turn; null otherwise. */
  readonly turn: TurnPlace | null;
}

/** The pages under way: those that are full, and the one that is being filled. */
interface Filling {
  readonly pages: PlacedPage[];
  placed: (PlacedBlock | PlacedSystem)[];
  usedMm: number;
}

/**
 * Lays parts out on pages, in order. Blocks stand whole, and with what they introduce; a block taller than a page has one to itself. Music
 * is broken where it is turned best.
 */
export function layOutFlow(parts: readonly FlowPart[], room: FlowRoom): readonly PlacedPage[] {
  const filling: Filling = { pages: [], placed: [], usedMm: 0 };
  parts.forEach((part, index) => {
    switch (part.kind) {
      case 'block':
        return placeBlock(filling, parts, index, room);
      case 'music':
        return placeMusic(filling, part, index, room);
    }
  });
  endPage(filling, null);
  return filling.pages;
}

function endPage(filling: Filling, turn: TurnPlace | null): void {
  filling.pages.push({ placed: filling.placed, usedMm: filling.usedMm, turn });
  filling.placed = [];
  filling.usedMm = 0;
}

function placeBlock(filling: Filling, parts: readonly FlowPart[], index: number, room: FlowRoom): void {
  const part = parts[index];
  if (part?.kind !== 'block') return;
  const isFirst = filling.placed.length === 0;
  const gapMm = isFirst ? 0 : part.gapMm;
  if (!isFirst && filling.usedMm + gapMm + withNextMm(parts, index) > room.heightMm) {
    endPage(filling, null);
    return placeBlock(filling, parts, index, room);
  }
  filling.placed.push({ kind: 'block', part: index, yMm: filling.usedMm + gapMm });
  filling.usedMm += gapMm + part.heightMm;
}

/** Gives the height of a block with what must stand on its page, mm: of music, the first measure. */
function withNextMm(parts: readonly FlowPart[], index: number): number {
  const part = parts[index];
  if (part === undefined) return 0;
  if (part.kind === 'music') return part.count === 0 ? 0 : part.heightMm(0, 1);
  const next = parts[index + 1];
  return part.heightMm + (part.keepWithNext && next ? next.gapMm + withNextMm(parts, index + 1) : 0);
}

function placeMusic(filling: Filling, music: FlowMusic, part: number, room: FlowRoom): void {
  setMusic(music, { ...room, usedMm: filling.usedMm }).forEach((page, order) => {
    if (order > 0) endPage(filling, page.turn);
    for (const { from, to } of page.systems) {
      const yMm = filling.usedMm + (filling.placed.length === 0 ? 0 : music.gapMm);
      filling.placed.push({ kind: 'system', part, from, to, yMm });
      filling.usedMm = yMm + music.heightMm(from, to);
    }
  });
}
