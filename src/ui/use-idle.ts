import { useEffect, useState } from 'react';

/** The time the browser is given to come to rest before the waiting code begins all the same, ms. */
const PATIENCE_MS = 1000;

/** Gives true from the first moment of rest after something has been drawn: later work must not delay the drawing. */
export function useIdle(drawn: boolean): boolean {
  const [idle, setIdle] = useState(false);
  useEffect(() => {
    if (!drawn) return;
    let gone = false;
    // The staff is engraved when its font is there.
    void document.fonts.ready.then(() => {
      if (!gone) requestAnimationFrame(() => requestIdleCallback(() => setIdle(true), { timeout: PATIENCE_MS }));
    });
    return () => {
      gone = true;
    };
  }, [drawn]);
  return idle;
}
