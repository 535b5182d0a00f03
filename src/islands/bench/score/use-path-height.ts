import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** The least and the greatest height of the path, px: below it beads would cover each other, above it nothing is gained. */
const LEAST = 216;
const MOST = 520;

/** The room kept below the path for playing and for the other fingerings, px. */
const KEPT_BELOW = 172;

/** The usual top of the score, px, until it is measured. */
const USUAL_TOP = 142;

/** Finds the height of the path with which all of the bench is in view; it is measured before anything is painted. */
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
