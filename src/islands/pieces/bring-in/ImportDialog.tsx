import { useMemo, useState } from 'react';
import { fingeringsHold, foreignPiece, hasFingering, type LeftOutCount, lies, rangeOf } from '#core/format/foreign';
import type { Grid } from '#core/format/midi';
import { countText, issuesText } from '#core/messages';
import { Button } from '../../../ui/Button.tsx';
import { Dialog } from '../../../ui/Dialog.tsx';
import { FieldRow, TextField } from '../../../ui/fields/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { BRINGING_IN, leftOutText, outOfRangeText } from '../../../words/line/brought-in.ts';
import { LinePreview } from '../../score/index.ts';
import { GIVEN_TABLE } from '../../../words/line/given-table.ts';
import type { ChosenScore } from './chosen-score.ts';
import { FingeringsRead } from './FingeringsRead.tsx';
import { readAgain } from './opened-files.ts';
import { ScoreChoice } from './ScoreChoice.tsx';

interface ImportDialogProps {
  readonly chosen: readonly ChosenScore[];
  readonly onChange: (chosen: readonly ChosenScore[]) => void;
  /** Brings in every score that can be read. */
  readonly onBringIn: () => void;
  readonly onClose: () => void;
}

/** Chooses what to take from scores that were opened: for each the choice, its beginning, and the things left out. */
export function ImportDialog({ chosen, onChange, onBringIn, onClose }: ImportDialogProps) {
  const [open, setOpen] = useState(0);
  const ready = chosen.filter(({ choice }) => choice !== null).length;
  const change = (index: number, next: ChosenScore): void => onChange(chosen.map((chosenScore, at) => (at === index ? next : chosenScore)));
  const fingered = chosen.filter(isFingeredScore);
  const title = chosen.length === 1 ? 'Bring in a score' : `Bring in ${chosen.length} scores`;
  return (
    <Dialog title={title} className="top-[3vh] max-h-[94vh] w-[46rem] p-6" onClose={onClose}>
      {fingered.length > 1 && (
        <OpenedSection title={GIVEN_TABLE.title} className="mb-2">
          {() => <FingeringsRead scores={fingered} />}
        </OpenedSection>
      )}
      {chosen.map((chosenScore, index) => (
        <section
          key={`${index} ${chosenScore.opened.name}`}
          aria-label={chosenScore.opened.name}
          className="border-t border-line py-2 first-of-type:border-0"
        >
          {chosen.length > 1 && (
            <Heading className="mb-1">
              <button
                type="button"
                aria-expanded={open === index}
                className="underline"
                onClick={() => setOpen(open === index ? -1 : index)}
              >
                {chosenScore.opened.name}
              </button>
            </Heading>
          )}
          {open === index || chosenScore.choice === null ? (
            <OneScore chosen={chosenScore} onChange={(next) => change(index, next)} />
          ) : (
            <p className="text-sm text-dove-dark">{summaryOf(chosenScore)}</p>
          )}
        </section>
      ))}
      <p className="mt-4 flex items-center gap-3">
        <Button disabled={ready === 0} onClick={onBringIn}>
          {ready === 1 ? 'Bring it in' : `Bring in ${countText(ready, 'piece', 'pieces')}`}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </p>
    </Dialog>
  );
}

/** Tells whether a fingering is written in what is chosen of a score, on its own instrument at pitch. */
function isFingeredScore({ opened, choice }: ChosenScore): boolean {
  if (!opened.reading.ok || !choice) return false;
  const { score } = opened.reading.value;
  const part = score.parts[choice.part];
  return part !== undefined && fingeringsHold(score, choice) && hasFingering(part);
}

/** Summarises a folded score in a line: the chosen part, the number of notes, and any obstacle. */
function summaryOf({ opened, choice }: ChosenScore): string {
  if (!opened.reading.ok || !choice) return '';
  const { score } = opened.reading.value;
  const piece = foreignPiece(score, choice);
  if (!piece.ok) return issuesText(piece.issues);
  const { material } = piece.value.brief;
  const notes = material.kind === 'line' ? material.notes.filter((note) => !('rest' in note)).length : 0;
  const left = piece.value.leftOut.reduce((sum, { count }) => sum + count, 0);
  const part = score.parts[choice.part]?.name;
  const range = rangeOf(score, choice);
  const out = range && !lies(range, choice) ? outOfRangeText(range, choice.octaves, choice.kind) : '';
  return `${part ? `${part}, ` : ''}${countText(notes, 'note', 'notes')}, ${left === 0 ? 'nothing left out' : countText(left, 'thing left out', 'things left out')}. ${out}`;
}

function OneScore({ chosen, onChange }: { readonly chosen: ChosenScore; readonly onChange: (next: ChosenScore) => void }) {
  const { opened, choice, name } = chosen;
  const read = opened.reading.ok ? opened.reading.value : null;
  const piece = useMemo(() => read && choice && foreignPiece(read.score, choice), [read, choice]);
  if (!opened.reading.ok) {
    return (
      <p role="alert">
        {opened.name}: {issuesText(opened.reading.issues)}
      </p>
    );
  }
  if (!read || !choice || !piece) return null;
  const setToGrid = async (grid: Grid): Promise<void> =>
    onChange({ ...chosen, opened: { ...opened, reading: await readAgain(opened, grid) } });
  return (
    <div className="grid gap-2">
      <FieldRow label="Name">
        <TextField
          aria-label="Name"
          className="w-full"
          maxLength={120}
          value={name}
          onChange={(event) => onChange({ ...chosen, name: event.target.value })}
        />
      </FieldRow>
      <ScoreChoice
        read={read}
        choice={choice}
        tempo={piece.ok ? piece.value.brief.tempo : undefined}
        onChoose={(next) => onChange({ ...chosen, choice: next })}
        onGrid={(grid) => void setToGrid(grid)}
      />
      {piece.ok ? (
        <>
          <LinePreview brief={piece.value.brief} />
          <WhatIsLeftOut leftOut={piece.value.leftOut} />
        </>
      ) : (
        <p role="alert">{issuesText(piece.issues)}</p>
      )}
    </div>
  );
}

function WhatIsLeftOut({ leftOut }: { readonly leftOut: LeftOutCount }) {
  if (leftOut.length === 0) return <p className="text-dove-dark">{BRINGING_IN.nothingLeftOut}</p>;
  return (
    <section aria-label="Left out">
      <Heading>Left out</Heading>
      <ul className="list-disc pl-5 text-[15px]">
        {leftOut.map((kind) => (
          <li key={kind.what}>{leftOutText(kind)}</li>
        ))}
      </ul>
    </section>
  );
}
