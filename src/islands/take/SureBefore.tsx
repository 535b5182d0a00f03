import { useState } from 'react';
import type { LivePlace } from '#core/listening/live';
import { sideOf } from '#core/listening/report';
import { Button } from '../../ui/Button.tsx';
import { SURE_BEFORE, sureBeforeText, type SureTally } from '../../words/intonation/live.ts';

interface SureBeforeProps {
  readonly place: LivePlace;
  readonly toleranceCents: number;
}

/** The moments after which a note counts: about half a second. */
const COUNTS_AFTER = 20;

const NOTHING: SureTally = { sure: { inTune: 0, of: 0 }, unsure: { inTune: 0, of: 0 } };

/** Asks before a note whether it will be in tune, and counts what followed. */
export function SureBefore({ place, toleranceCents }: SureBeforeProps) {
  const [said, setSaid] = useState<{ readonly as: 'sure' | 'unsure'; readonly after: number } | null>(null);
  const [tally, setTally] = useState(NOTHING);
  const { order, heldCents: cents, moments } = place;
  // The word that was said counts for the next note that is held.
  if (said !== null && order !== said.after && moments >= COUNTS_AFTER && cents !== null) {
    const { inTune, of } = tally[said.as];
    const isInTune = sideOf(cents, toleranceCents) === 'in tune';
    setTally({ ...tally, [said.as]: { inTune: inTune + Number(isInTune), of: of + 1 } });
    setSaid(null);
  }
  return (
    <div>
      <div role="group" aria-label={SURE_BEFORE.asks} className="flex flex-wrap items-center gap-2">
        <span className="font-serif text-[26px]">{said === null ? SURE_BEFORE.asks : SURE_BEFORE.play}</span>
        {(['sure', 'unsure'] as const).map((as) => (
          <Button key={as} aria-pressed={said?.as === as} onClick={() => setSaid({ as, after: order })}>
            {SURE_BEFORE[as]}
          </Button>
        ))}
      </div>
      <p>{sureBeforeText(tally)}</p>
    </div>
  );
}
