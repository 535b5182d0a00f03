import { useEffect, useState } from 'react';

/** Counts seconds since the component came, while `runs` is true: as they are shown, and as they are at this moment. */
export function useSeconds(runs: boolean): { readonly shown: number; readonly now: () => number } {
  const [since] = useState(() => performance.now());
  const [shown, setShown] = useState(0);
  useEffect(() => {
    if (!runs) return;
    const timer = setInterval(() => setShown(Math.floor((performance.now() - since) / 1000)), 250);
    return () => clearInterval(timer);
  }, [runs, since]);
  return { shown, now: () => (performance.now() - since) / 1000 };
}
