import type { RefObject } from 'react';
import { SentencePopover } from './SentencePopover.tsx';

/** One of the things that can be allowed. */
export interface SubsetRow {
  readonly name: string;
  readonly allowed: boolean;
  readonly toggle: () => void;
  readonly only: () => void;
}

interface SubsetPopoverProps {
  readonly label: string;
  /** The words for no limit. */
  readonly any: string;
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly rows: readonly SubsetRow[];
  /** Lifts the limit; null when there is none. */
  readonly onAny: (() => void) | null;
  readonly onClose: () => void;
}

/** The list of what is allowed, below the part of the sentence that says it. */
export function SubsetPopover({ label, any, anchor, rows, onAny, onClose }: SubsetPopoverProps) {
  return (
    <SentencePopover label={label} anchor={anchor} width="" onClose={onClose}>
      <fieldset>
        <legend className="small-heading mb-2">{label} allowed</legend>
        {rows.map((row) => (
          <div key={row.name} className="flex items-center justify-between gap-8 py-0.5">
            <label className="flex items-center gap-2">
              <input type="checkbox" className="size-4 accent-ink" checked={row.allowed} onChange={row.toggle} />
              {row.name}
            </label>
            <button type="button" className="text-sm text-dove-dark underline" aria-label={`only ${row.name}`} onClick={row.only}>
              only
            </button>
          </div>
        ))}
      </fieldset>
      <button type="button" className="quiet-button mt-3" disabled={onAny === null} onClick={() => onAny?.()}>
        {any}
      </button>
    </SentencePopover>
  );
}
