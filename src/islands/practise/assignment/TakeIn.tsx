import { useState } from 'react';
import { issuesText } from '#core/messages';
import { bringIn } from '../../../state/backup/index.ts';
import { type AssignmentBrought, type BroughtToPupil, readAssignmentText } from '../../../state/exchange/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenFileButton } from '../../../ui/OpenFileButton.tsx';
import { broughtText } from '../../../words/kept/backup.ts';
import { ASSIGNMENT_WORDS, damagedPartsText, savedText } from '../../../words/practice/assignment.ts';
import { BroughtTable } from '../../backup/BroughtTable.tsx';
import type { Run } from '../../parts/index.ts';

interface TakeInProps {
  readonly run: Run;
  /** Receives the player's id once an assignment is taken in. */
  readonly onTaken: (playerId: string) => void;
}

/** Takes in an assignment: for whom it is, what it would bring, and then the way to it. */
export function TakeIn({ run, onTaken }: TakeInProps) {
  const [file, setFile] = useState<AssignmentBrought | null>(null);
  const [chosen, setChosen] = useState<BroughtToPupil | null>(null);
  const [taken, setTaken] = useState<BroughtToPupil | null>(null);
  const open = (picked: File): void =>
    run(async () => {
      const reading = await readAssignmentText(await picked.text());
      setTaken(null);
      setFile(reading.ok ? reading.value : null);
      if (!reading.ok) throw new Error(`${picked.name}: ${issuesText(reading.issues)}`);
      const { pupils, damaged } = reading.value;
      setChosen(pupils.length === 1 ? (pupils[0] ?? null) : null);
      if (pupils.length === 0) throw new Error(`${picked.name}: ${ASSIGNMENT_WORDS.noPupil} ${damagedPartsText(damaged)}`.trim());
      return null;
    });
  return (
    <section aria-label={ASSIGNMENT_WORDS.take} className="mt-3">
      <Heading as="h3">{ASSIGNMENT_WORDS.take}</Heading>
      <p className="mb-1 text-dove-dark">{ASSIGNMENT_WORDS.takeHow}</p>
      <OpenFileButton label="Assignment" onFile={open} />
      {file && file.pupils.length > 1 && <WhoAreYou pupils={file.pupils} chosen={chosen} onChoose={setChosen} />}
      {file && chosen && (
        <>
          <p className="mt-2">
            For {chosen.name}. {savedText(file.savedAt)}
          </p>
          <BroughtTable
            key={chosen.id}
            file={{ ...file, brought: chosen.brought }}
            onLeave={() => setFile(null)}
            onBring={(wanted) =>
              run(async () => {
                const outcome = await bringIn(wanted, chosen.brought);
                setFile(null);
                setTaken(chosen);
                onTaken(chosen.id);
                return broughtText(outcome);
              })
            }
          />
        </>
      )}
      {taken && <Taken pupil={taken} />}
    </section>
  );
}

interface WhoAreYouProps {
  readonly pupils: readonly BroughtToPupil[];
  readonly chosen: BroughtToPupil | null;
  readonly onChoose: (pupil: BroughtToPupil) => void;
}

/** Asks who takes it in: in a file for a class everybody takes their own part. */
function WhoAreYou({ pupils, chosen, onChoose }: WhoAreYouProps) {
  return (
    <div role="group" aria-label="Who are you?" className="mt-2 flex flex-wrap items-center gap-2">
      Who are you?
      {pupils.map((pupil) => (
        <Button key={pupil.id} aria-pressed={pupil === chosen} onClick={() => onChoose(pupil)}>
          {pupil.name}
        </Button>
      ))}
    </div>
  );
}

/** Leads to what was taken in. */
function Taken({ pupil: { id, name, brought } }: { readonly pupil: BroughtToPupil }) {
  const has = (wanted: string): boolean => brought.some(({ kind }) => kind === wanted);
  return (
    <p className="mt-2 flex flex-wrap items-center gap-2">
      Ready for {name}.{has('week') && <ButtonLink href={`/practise/week?player=${id}`}>To the week</ButtonLink>}
      {has('session') && <ButtonLink href={`/practise?player=${id}`}>To the session</ButtonLink>}
    </p>
  );
}
