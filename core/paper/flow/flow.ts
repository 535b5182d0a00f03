import type { FlowMusic, FlowPart, FlowRoom, PlacedBlock, PlacedPage, PlacedSystem, TurnPlace } from './parts.ts';
import { setMusic } from './set-music.ts';

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
