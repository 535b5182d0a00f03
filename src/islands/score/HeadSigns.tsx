import type { ReactNode } from 'react';
import type { Articulation } from '#core/material/line';
import { ACCENT_SIGNS, articulationY, footOf, type Head, type StaffLayout } from '../../engraving/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';

interface HeadSignProps {
  readonly head: Head;
  readonly layout: StaffLayout;
}

/** Draws a dot, a wedge or a line at the head, on the side away from the stem. */
export function ArticulationSign({ head, layout: { staffTopY } }: HeadSignProps) {
  const { articulation } = head;
  if (articulation === null) return null;
  const y = articulationY(head, staffTopY);
  const way = head.stemUp ? 1 : -1;
  return <g data-articulation={head.index}>{signOf(articulation, { x: head.x, y, way })}</g>;
}

interface SignPlace {
  readonly x: number;
  readonly y: number;
  /** The direction outward from the head: 1 down, −1 up. */
  readonly way: 1 | -1;
}

function signOf(articulation: Articulation, { x, y, way }: SignPlace): ReactNode {
  switch (articulation) {
    case 'staccato':
      return <DotSign x={x} y={y} />;
    case 'tenuto':
      return <LineSign x={x} y={y} />;
    case 'staccatissimo':
      return <path d={`M ${x} ${y - 4 * way} L ${x - 2.6} ${y + 4 * way} H ${x + 2.6} Z`} className="fill-ink" />;
    case 'detached-legato':
      return (
        <>
          <DotSign x={x} y={y} />
          <LineSign x={x} y={y + 6 * way} />
        </>
      );
  }
}

function DotSign({ x, y }: Omit<SignPlace, 'way'>) {
  return <circle cx={x} cy={y} r={2} className="fill-ink" />;
}

function LineSign({ x, y }: Omit<SignPlace, 'way'>) {
  return <line x1={x - 6} x2={x + 6} y1={y} y2={y} strokeWidth={1.8} className="stroke-ink" />;
}

/** Draws an accent below its note. */
export function AccentSign({ head, layout }: HeadSignProps) {
  if (head.accent === null) return null;
  return (
    <DrawnText x={head.x} y={footOf(head, layout) + 9} textAnchor="middle" look="sign" className="fill-ink" data-accent={head.index}>
      {ACCENT_SIGNS[head.accent]}
    </DrawnText>
  );
}
