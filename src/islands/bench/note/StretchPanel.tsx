import { useState } from 'react';
import type { Plan } from '#core/plan/describe';
import { lockStretch } from '../../../state/edits/brief-actions.ts';
import { bowTogether, pieceOfStretch, removeNotes } from '../../../state/edits/line-actions.ts';
import type { Stretch } from '../../../state/selection.ts';
import { playLoop } from '../../../state/sound/sound-actions.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { AskOfStretch } from './AskOfStretch.tsx';
import { Button } from '../../../ui/Button.tsx';
import { soundText } from '../../../words/plan-words.ts';
import { openOnBench } from '../../open-on-bench.ts';

/** What can be done with several notes at once. */
export function StretchPanel({ plan, stretch }: { readonly plan: Plan; readonly stretch: Stretch }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const nameOf = (index: number): string => {
    const note = plan.notes[index];
    return note?.kind === 'note' ? soundText(note) : 'a rest';
  };
  const takeOut = (): void => void pieceOfStretch(stretch).then((made) => ('id' in made ? openOnBench(made.id) : setTrouble(made.trouble)));
  return (
    <section aria-label="Selected passage" className="mb-3 border-b border-line pb-3">
      <h2 className="text-lg font-semibold">
        Notes {stretch.from + 1} to {stretch.to + 1}
      </h2>
      <p className="text-sm text-dove-dark">
        {nameOf(stretch.from)} to {nameOf(stretch.to)}
      </p>
      <p className="mt-2 flex flex-wrap gap-1.5">
        <Do name="Lock fingering" run={() => lockStretch(stretch, true)} />
        <Do name="Unlock" run={() => lockStretch(stretch, false)} />
        <Do name="One bow" run={() => bowTogether(stretch, true)} />
        <Do name="Separate bows" run={() => bowTogether(stretch, false)} />
        <Do name="Loop" run={playLoop} />
        <Do name="Make a new piece" run={takeOut} />
        <Do name="Delete these notes" run={() => removeNotes(stretch)} />
      </p>
      <OpenedSection title="Only for these notes">{() => <AskOfStretch stretch={stretch} />}</OpenedSection>
      {trouble !== null && <p role="alert">{trouble}</p>}
    </section>
  );
}

function Do({ name, run }: { readonly name: string; readonly run: () => void }) {
  return <Button onClick={run}>{name}</Button>;
}
