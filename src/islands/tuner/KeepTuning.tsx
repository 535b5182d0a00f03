import { useState } from 'react';
import type { Instrument } from '#core/instrument';
import type { Logged } from '../../records/record.ts';
import { useLogPages } from '../../state/practice/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Save } from '../../ui/icons.ts';
import { KEEP_TUNING, tunedText } from '../../words/intonation/tuner.ts';

/** The distance of each string from its target as it was heard last, cents, by its index. */
export type Tuned = Readonly<Record<number, number>>;

/** The change of a string from which a tuning is another one, cents: a sound that goes on is never heard the same twice. */
const CHANGED_FROM = 1;

/** Tells whether two tunings are the same as far as can be heard. */
function isAlike(kept: Tuned, now: Tuned): boolean {
  return Object.entries(now).every(([string, cents]) => Math.abs((kept[Number(string)] ?? Infinity) - cents) < CHANGED_FROM);
}

interface KeepTuningProps {
  readonly instrument: Instrument;
  readonly tuned: Tuned;
  readonly whose: Logged;
}

/** Keeps the tuning that was heard with the day, in the record of the player. */
export function KeepTuning({ instrument, tuned, whose }: KeepTuningProps) {
  const [kept, setKept] = useState<Tuned | null>(null);
  const log = useLogPages(whose);
  if (Object.keys(tuned).length === 0) return null;
  const keep = (): void => {
    setKept(tuned);
    void log.add({ kind: 'remark', text: tunedText(instrument, tuned) });
  };
  return (
    <p className="mt-4 flex flex-wrap items-center gap-3">
      <Button onClick={keep}>
        <Save size={15} aria-hidden="true" /> {KEEP_TUNING.keep}
      </Button>
      <span>{kept !== null && isAlike(kept, tuned) ? KEEP_TUNING.kept : tunedText(instrument, tuned)}</span>
    </p>
  );
}
