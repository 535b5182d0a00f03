import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Engraving, Measure } from '#core/notation';
import { type Head, type MeasureRange, musicFontReady, StaffDrawing, type StaffLayout } from '../../engraving/index.ts';

/** An engraved part of a line, with the places of its heads. */
export interface Engraved {
  readonly engraving: Engraving;
  readonly heads: readonly Head[];
  readonly range: MeasureRange;
}

interface StaffProps {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly layout: StaffLayout;
  readonly range: MeasureRange;
  /** Whether it is the first system, with the meter. */
  readonly first: boolean;
  readonly onEngraved: (engraved: Engraved) => void;
}

/** Draws the five lines and the notes. The picture is for the eye; tables and labels tell the same to a screen reader. */
export function Staff({ engraving, measures, layout, range, first, onEngraved }: StaffProps) {
  const into = useRef<HTMLDivElement>(null);
  const ready = useMusicFont();
  const { from, to } = range;
  const drawing = useRef<StaffDrawing>(null);
  const staff = useMemo(() => ({ engraving, measures, layout, first }), [engraving, measures, layout, first]);
  // Drawing happens before the browser paints, so that marks and beads stand under the new heads in the same frame.
  useLayoutEffect(() => {
    if (!ready || !into.current) return;
    if (drawing.current?.staff !== staff) drawing.current = new StaffDrawing(into.current, staff);
    const heads = drawing.current.show({ from, to });
    onEngraved({ engraving: staff.engraving, heads, range: { from, to } });
  }, [ready, staff, from, to, onEngraved]);
  return <div ref={into} className="engraving" aria-hidden="true" style={{ height: layout.height }} />;
}

function useMusicFont(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    void musicFontReady().then(() => setReady(true));
  }, []);
  return ready;
}
