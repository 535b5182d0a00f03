import { type ReactNode, useCallback, useState } from 'react';
import type { Engraving, Measure } from '#core/notation';
import type { Head, MeasureRange, StaffLayout } from '../../engraving/index.ts';
import { type Engraved, Staff } from './Staff.tsx';

interface ScoreFrameProps {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly layout: StaffLayout;
  /** Whether it is the first system, with the meter. */
  readonly first: boolean;
  /** The measures in view; all of them where it is left out. */
  readonly range?: MeasureRange;
  /** The height of the drawing, px; as high as the staff where it is left out. */
  readonly height?: number;
  readonly className?: string;
  readonly testId?: string;
  /** Draws over the staff, in the coordinates of the whole line; there are no heads until the staff is engraved. */
  readonly children: (heads: readonly Head[]) => ReactNode;
}

const NO_HEADS: readonly Head[] = [];

/** Shows an engraved staff with a drawing over it, both on one scale. The drawing is for the eye; tables and labels say the same. */
export function ScoreFrame({ engraving, measures, layout, first, range, height, className = '', testId, children }: ScoreFrameProps) {
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  const keep = useCallback((next: Engraved) => setEngraved(next), []);
  const shown = range ?? { from: 0, to: measures.length };
  const { left, width } = windowOf(layout, shown);
  return (
    <>
      <Staff engraving={engraving} measures={measures} layout={layout} range={shown} first={first} onEngraved={keep} />
      <svg
        className={`absolute top-0 left-0 ${className}`}
        width={width}
        height={height ?? layout.height}
        data-testid={testId}
        aria-hidden="true"
      >
        {/* Until a new staff is engraved, in the same frame, the old heads keep the elements of the drawing alive for reuse. */}
        <g transform={`translate(${-left} 0)`}>{children(engraved?.heads ?? NO_HEADS)}</g>
      </svg>
    </>
  );
}

/** Gives the left edge of some measures in the line, and the width of their drawing, px. */
export function windowOf({ offsets }: StaffLayout, { from, to }: MeasureRange): { readonly left: number; readonly width: number } {
  const left = offsets[from] ?? 0;
  return { left, width: (offsets[to] ?? 0) - left + 2 };
}
