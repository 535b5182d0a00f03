import { type RefObject, useLayoutEffect, useState } from 'react';

/** Tells whether the content of an element is wider than the element, so that it has to scroll. */
export function useScrolls(place: RefObject<HTMLElement | null>): boolean {
  const [scrolls, setScrolls] = useState(false);
  useLayoutEffect(() => {
    const element = place.current;
    if (!element) return;
    const measure = (): void => setScrolls(element.scrollWidth > element.clientWidth);
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    for (const child of element.children) observer.observe(child);
    return () => observer.disconnect();
  }, [place]);
  return scrolls;
}
