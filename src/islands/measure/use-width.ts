import { type RefObject, useEffect, useRef, useState } from 'react';

/** The width of an element as it is laid out, px; 0 until it is. */
export function useWidth(): { readonly into: RefObject<HTMLDivElement | null>; readonly width: number } {
  const into = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const element = into.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { into, width };
}
