import { useEffect } from 'react';

/** Keeps a document as it changes: whenever what is typed reads and differs from what is stored. */
export function useKeptAsTyped<Document>(stored: Document, typed: Document | null, keep: (document: Document) => void): void {
  const text = typed === null ? null : JSON.stringify(typed);
  useEffect(() => {
    if (typed !== null && text !== JSON.stringify(stored)) keep(typed);
    // The text stands for the document: a new object of the same content is no change.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [text]);
}
