import { useState } from 'react';
import { withTempo } from '#core/brief/edits';
import { changeBrief } from '../../../state/edits/index.ts';
import { SENTENCE_PART } from '../../../ui/fields/index.ts';

const SLOWEST = 20;
const FASTEST = 400;

/** Shows the tempo in quarters a minute; typed text is taken once it is a tempo, and an empty field means none. */
export function TempoPart({ tempo }: { readonly tempo: number | null }) {
  const [draft, setDraft] = useState<string | null>(null);
  const draftTempo = draft === null ? null : tempoOf(draft);
  const text = draft !== null && (draftTempo === undefined || draftTempo === tempo) ? draft : textOf(tempo);
  const type = (next: string): void => {
    setDraft(next);
    const read = tempoOf(next);
    if (read !== undefined) changeBrief((now) => withTempo(now, read));
  };
  return (
    <span className="whitespace-nowrap">
      {text !== '' && <span className="pl-1">♩ = </span>}
      <input
        aria-label="Tempo, quarters a minute"
        className={SENTENCE_PART}
        inputMode="numeric"
        value={text}
        placeholder="any tempo"
        aria-invalid={tempoOf(text) === undefined}
        title={`${SLOWEST} to ${FASTEST} quarters a minute`}
        onChange={(event) => type(event.target.value)}
      />
    </span>
  );
}

/** Reads a tempo; undefined while the text is none, null for an empty one. */
function tempoOf(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text);
  return Number.isFinite(value) && value >= SLOWEST && value <= FASTEST ? value : undefined;
}

function textOf(tempo: number | null): string {
  return tempo === null ? '' : String(tempo);
}
