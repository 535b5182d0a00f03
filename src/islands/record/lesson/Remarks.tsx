import { useState } from 'react';
import { asCorrected, LARGEST_FILE } from '#core/practice/log';
import { dataUrlOf } from '../../../files/index.ts';
import { dayOf } from '../../../records/log-pages.ts';
import { fieldsTypedBefore, lessonField, useTyped } from '../../../state/typed.ts';
import { TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { entryText, tooLargeText } from '../../../words/practice/record.ts';
import type { Log } from '../use-log.ts';
import { isOnPage } from './is-on-page.ts';

/** Edits remarks of today, kept as they are written; a sound or a picture can go with them. */
export function Remarks({ log, now }: { readonly log: Log; readonly now: number }) {
  const typed = lessonField('remark', log.whose.playerId);
  const [text, setText] = useState(() => fieldsTypedBefore(typed, { text: '' }).text);
  // Text is kept letter by letter: a page that is closed in the middle of a remark has it still when it is opened again.
  useTyped(typed, { text }, text === '');
  const { attach, trouble } = useAttaching(log);
  const today = asCorrected(log.all).filter((entry) => log.dayOf(entry) === dayOf(now));
  const keep = async (): Promise<void> => {
    if (text.trim() === '') return;
    // The text is cleared at once, so that leaving the field right after Enter does not write it again.
    setText('');
    await log.add({ kind: 'remark', text: text.trim().slice(0, 1000) });
  };
  return (
    <section aria-label="Remarks">
      <Heading as="h3">Remarks</Heading>
      <ul>
        {today
          .filter(({ kind }) => kind === 'remark' || kind === 'file')
          .map((entry) => (
            <li key={entry.id}>{entryText(entry)}</li>
          ))}
      </ul>
      <div className="no-print mt-1 flex flex-wrap items-center gap-2">
        <TextField
          aria-label="Remark"
          className="min-w-64 grow"
          value={text}
          onChange={({ target }) => setText(target.value)}
          onBlur={() => void (isOnPage() && keep())}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void keep();
          }}
        />
        <label className="text-[14px]">
          <span className="text-dove-dark">Sound or picture </span>
          <input
            type="file"
            accept="audio/*,image/*"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void attach(file);
            }}
          />
        </label>
      </div>
      {trouble !== null && <p role="alert">{trouble}</p>}
    </section>
  );
}

interface Attaching {
  readonly attach: (file: File) => Promise<void>;
  /** The message where a file is too large; null otherwise. */
  readonly trouble: string | null;
}

/** Attaches sounds and pictures to the log, as far as they are small enough. */
function useAttaching(log: Log): Attaching {
  const [trouble, setTrouble] = useState<string | null>(null);
  const attach = async (file: File): Promise<void> => {
    if (file.size > LARGEST_FILE) {
      setTrouble(tooLargeText(file.name, file.size, LARGEST_FILE));
      return;
    }
    setTrouble(null);
    const data = await dataUrlOf(file);
    await log.add({ kind: 'file', name: file.name.slice(0, 120), type: file.type.slice(0, 80), bytes: file.size, data });
  };
  return { attach, trouble };
}
