import { useEffect, useEffectEvent } from 'react';

/** Keeps a document as it changes: whenever the typed text reads and differs from the stored one. */
export function useKeptAsTyped<Document>(stored: Document, typed: Document | null, keep: (document: Document) => void): void {
  // The text stands for the document: a new object of the same content is no change.
  const text = typed === null ? null : JSON.stringify(typed);
  const changed = useEffectEvent((now: string | null): void => {
    if (typed !== null && now !== JSON.stringify(stored)) keep(typed);
  });
  useEffect(() => changed(text), [text]);
}
