import { useId, useState } from 'react';
import type { BookRecord } from '../../records/record.ts';
import { CheckField, FieldRow, TextField } from '../../ui/fields/index.ts';
import { BOOKS_PAGE } from '../../words/studio/books.ts';

interface BookFieldsProps {
  readonly book: BookRecord;
  readonly onKeep: (next: BookRecord) => void;
}

/** Edits what a book is called, what the teacher says about it, and whether its music may be given on; kept as it is typed. */
export function BookFields({ book, onKeep }: BookFieldsProps) {
  const id = useId();
  const [document, setDocument] = useState(book.document);
  const change = (fields: Partial<BookRecord['document']>): void => {
    const next = { ...document, ...fields };
    setDocument(next);
    onKeep({ ...book, document: next, updatedAt: Date.now() });
  };
  return (
    <form className="grid max-w-3xl gap-y-1" onSubmit={(event) => event.preventDefault()}>
      <FieldRow label={BOOKS_PAGE.name} htmlFor={`${id} name`}>
        <TextField
          id={`${id} name`}
          className="w-full max-w-96"
          maxLength={80}
          value={document.name}
          onChange={(event) => change({ name: event.target.value })}
        />
      </FieldRow>
      <FieldRow label={BOOKS_PAGE.about} htmlFor={`${id} about`}>
        <TextField
          id={`${id} about`}
          className="w-full"
          maxLength={2000}
          placeholder={BOOKS_PAGE.aboutHint}
          value={document.about ?? ''}
          onChange={(event) => change({ about: event.target.value })}
        />
      </FieldRow>
      <CheckField
        label={BOOKS_PAGE.mayBeGiven}
        hint={BOOKS_PAGE.mayBeGivenHint}
        checked={document.mayBeGiven === true}
        onChange={(mayBeGiven) => change({ mayBeGiven })}
      />
    </form>
  );
}
