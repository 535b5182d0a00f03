import { useState } from 'react';
import type { Plan } from '#core/plan/describe';
import { bowTogether, lockPassage, pieceOfPassage, removeNotes } from '../../../state/edits/index.ts';
import type { Passage } from '../../../state/selection.ts';
import { playLoop } from '../../../state/sound/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { PutInButtons } from './PutInButtons.tsx';
import { AskOfPassage } from './AskOfPassage.tsx';
import { Button } from '../../../ui/Button.tsx';
import { passageText, tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { soundText } from '../../../words/plan-words.ts';
import { openOnBench } from '../../opened-piece/index.ts';

/** Offers what can be done with several notes at once. */
export function PassagePanel({ plan, passage }: { readonly plan: Plan; readonly passage: Passage }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const nameOf = (index: number): string => {
    const note = plan.notes[index];
    return note?.kind === 'note' ? soundText(note) : 'a rest';
  };
  const makePiece = (): void =>
    void pieceOfPassage(passage).then((made) => ('id' in made ? void openOnBench(made.id) : setTrouble(made.trouble)));
  return (
    <section aria-label="Selected passage" className="mb-3 border-b border-line pb-3">
      <h2 className="text-lg font-semibold">
        {nameOf(passage.from)} to {nameOf(passage.to)}
      </h2>
      <p className="text-sm text-dove-dark first-letter:uppercase">{passageText(passage, tellNotesOfPlan(plan))}</p>
      <p className="mt-2 flex flex-wrap gap-1.5">
        <Do name="Lock fingering" run={() => lockPassage(passage, true)} />
        <Do name="Unlock" run={() => lockPassage(passage, false)} />
        <Do name="One bow" run={() => bowTogether(passage, true)} />
        <Do name="Separate bows" run={() => bowTogether(passage, false)} />
        <Do name="Loop" run={playLoop} />
        <PutInButtons part={{ part: 'passage', ...passage }} />
        <Do name="Make a new piece" run={makePiece} />
        <Do name="Delete these notes" run={() => removeNotes(passage)} />
      </p>
      <OpenedSection title="Only for these notes">{() => <AskOfPassage passage={passage} />}</OpenedSection>
      {trouble !== null && <p role="alert">{trouble}</p>}
    </section>
  );
}

function Do({ name, run }: { readonly name: string; readonly run: () => void }) {
  return <Button onClick={run}>{name}</Button>;
}
