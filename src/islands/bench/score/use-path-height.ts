import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** The path is at least so high, and at most, px: below it beads would cover each other, above it nothing is gained. */
const LEAST = 216;
const MOST = 520;

/** Room kept below the path for playing and for the other fingerings, px. */
const KEPT_BELOW = 172;

/** Where the score usually begins, px: until it is measured. */
const USUAL_TOP = 142;

/** How high the path can be so that all of the bench is in view; measured before anything is painted. */
export function usePathHeight(staffHeight: number): { readonly place: RefObject<HTMLElement | null>; readonly pathHeight: number } {
  const place = useRef<HTMLElement>(null);
  const [room, setRoom] = useState(() => window.innerHeight - USUAL_TOP);
  useLayoutEffect(() => {
    const measure = (): void => {
      const top = (place.current?.getBoundingClientRect().top ?? USUAL_TOP) + window.scrollY;
      setRoom(window.innerHeight - Math.round(top));
    };
    measure();
    const observer = new ResizeObserver(measure);
    if (place.current?.parentElement) observer.observe(place.current.parentElement);
    observer.observe(document.body);
    return () => observer.disconnect();
  }, []);
  return { place, pathHeight: Math.max(LEAST, Math.min(MOST, room - staffHeight - KEPT_BELOW)) };
}
