import { type RefCallback, useCallback, useState } from 'react';

/**
 * Gives the width of an element inside its padding, px, before anything is painted, and then whenever it changes: a drawing that is as wide
 * as its page does not push anything down when it comes. 0 until the element is there.
 */
export function useWidth(): readonly [RefCallback<HTMLElement>, number] {
  const [width, setWidth] = useState(0);
  const into = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const measure = (): void => setWidth(element.clientWidth);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [into, width];
}
