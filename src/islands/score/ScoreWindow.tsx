import type { ReactNode, RefObject } from 'react';
import type { StaffLayout } from '../../engraving/index.ts';

/** The room for a scroll bar below the drawing, px. */
const SCROLLBAR = 12;

interface ScoreWindowProps {
  /** The name of the drawing, for a screen reader. */
  readonly label: string;
  readonly into: RefObject<HTMLDivElement | null>;
  readonly onScroll: () => void;
  readonly layout: StaffLayout;
  /** The part of the line that is drawn, px. */
  readonly view: { readonly left: number; readonly width: number };
  /** The height of the drawing, px. */
  readonly height: number;
  readonly children: ReactNode;
}

/** Shows a window on a line that may be longer than the page: it is scrolled as a whole, and only the part in view is drawn. */
export function ScoreWindow({ label, into, onScroll, layout, view, height, children }: ScoreWindowProps) {
  return (
    <div
      ref={into}
      onScroll={onScroll}
      role="group"
      aria-label={label}
      tabIndex={0}
      className="drawing relative min-w-0 grow overflow-x-auto overflow-y-hidden [scrollbar-width:thin]"
      style={{ height: height + SCROLLBAR }}
    >
      <div style={{ width: layout.offsets[layout.offsets.length - 1] ?? 0, height: 1 }} />
      <div className="absolute top-0" style={view}>
        {children}
      </div>
    </div>
  );
}
