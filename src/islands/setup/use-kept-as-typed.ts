import { useEffect, useEffectEvent } from 'react';

/** A document of a form. */
interface OfForm<Document> {
  readonly stored: Document;
  /** The document that the form gives as long as nothing is typed: without the fields that only a newer version knows. Null where it gives none. */
  readonly untouched: Document | null;
  /** The document as it is typed; null where that does not read. */
  readonly typed: Document | null;
}

/** Keeps a document as it changes: whenever the typed text reads and differs from the stored one. */
export function useKeptAsTyped<Document>({ stored, untouched, typed }: OfForm<Document>, keep: (document: Document) => void): void {
  // The text stands for the document: a new object of the same content is no change.
  const text = typed === null ? null : JSON.stringify(typed);
  const changed = useEffectEvent((now: string | null): void => {
    if (typed !== null && now !== JSON.stringify(stored) && now !== JSON.stringify(untouched)) keep(typed);
  });
  useEffect(() => changed(text), [text]);
}
