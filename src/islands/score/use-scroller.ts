import { type RefObject, useEffect, useRef, useState } from 'react';
import type { Engraving } from '#core/notation';
import type { MeasureRange, StaffLayout } from '../../engraving/index.ts';

/** The width engraved beyond the view on either side, px: a measure or so, since every change engraves it again. */
const OVERSCAN = 200;

/** Finds the measures to engrave for the view. */
export function measuresInView(layout: StaffLayout, left: number, width: number): MeasureRange {
  const from = layout.offsets.findIndex((_, index) => (layout.offsets[index + 1] ?? Infinity) > left - OVERSCAN);
  const beyond = layout.offsets.findIndex((offset) => offset > left + width + OVERSCAN);
  return { from: Math.max(0, from), to: beyond === -1 ? layout.offsets.length - 1 : beyond };
}

/** Gives the width of the scroller and its scroll position, read in steps so that small moves change nothing. */
export function useScroller() {
  const scroller = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  const [left, setLeft] = useState(0);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    setWidth(element.clientWidth);
    return () => observer.disconnect();
  }, []);
  const onScroll = (): void => setLeft(Math.floor((scroller.current?.scrollLeft ?? 0) / 200) * 200);
  return { scroller, width, left, onScroll };
}

/** The room kept on either side of the selected note, px. */
const NOTE_ROOM = 60;

/** Scrolls the measure of the selected note into view, or about the note itself where the measure is wider than the view. */
export function useKeepInView(
  scroller: RefObject<HTMLDivElement | null>,
  engraving: Engraving,
  layout: StaffLayout,
  selected: number | null,
): void {
  useEffect(() => {
    const element = scroller.current;
    if (!element || selected === null) return;
    const [from, to] = spanOf(engraving, layout, selected, element.clientWidth);
    if (from < element.scrollLeft) element.scrollTo({ left: Math.max(0, from - 40) });
    else if (to > element.scrollLeft + element.clientWidth) element.scrollTo({ left: to - element.clientWidth + 40 });
  }, [scroller, engraving, layout, selected]);
}

function spanOf(engraving: Engraving, layout: StaffLayout, selected: number, width: number): readonly [number, number] {
  const measure = engraving.measures.findIndex((measure) => measure.symbols.some((symbol) => symbol.index === selected));
  const from = layout.offsets[measure] ?? 0;
  const to = layout.offsets[measure + 1] ?? from;
  if (to - from <= width) return [from, to];
  const symbols = engraving.measures[measure]?.symbols ?? [];
  const notesFrom = from + (measure === 0 ? layout.headWidth : 0);
  const order = symbols.findIndex((symbol) => symbol.index === selected);
  const about = notesFrom + ((to - notesFrom) * (order + 0.5)) / Math.max(1, symbols.length);
  return [about - NOTE_ROOM, about + NOTE_ROOM];
}
