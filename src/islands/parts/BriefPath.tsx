import { useEffect, useRef, useState } from 'react';
import type { Brief } from '#core/brief';
import { answerOf, useEngine } from '../../engine/index.ts';
import { SmallPathPicture } from '../score/index.ts';
import { useWidth } from '../../ui/use-width.ts';

interface BriefPathProps {
  readonly brief: Brief;
  /** The height of the path, px. */
  readonly height: number;
}

/** Draws the path of what a brief asks for, small, once it has come into view: what is not looked at is not worked out. */
export function BriefPath({ brief, height }: BriefPathProps) {
  const [into, width] = useWidth();
  const place = useRef<HTMLDivElement>(null);
  const isSeen = useSeen(place);
  return (
    <div ref={place}>
      <div ref={into} style={{ height }}>
        {isSeen && width > 0 && <PathOf brief={brief} width={width} height={height} />}
      </div>
    </div>
  );
}

function PathOf({ brief, width, height }: BriefPathProps & { readonly width: number }) {
  const outcome = answerOf(useEngine(brief, { kind: 'plan' }));
  return (
    outcome?.ok === true && (
      <svg width={width} height={height} className="drawing block" aria-hidden="true">
        <SmallPathPicture plan={outcome.value.best} width={width} height={height} />
      </svg>
    )
  );
}

/** Tells whether an element has come into view. */
export function useSeen(place: { readonly current: Element | null }): boolean {
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (!element || isSeen) return;
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting === true && setSeen(true));
    observer.observe(element);
    return () => observer.disconnect();
  }, [place, isSeen]);
  return isSeen;
}
