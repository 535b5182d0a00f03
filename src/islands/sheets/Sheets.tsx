import { parseAsArrayOf, parseAsString, useQueryStates } from 'nuqs';
import { useEffect, useMemo } from 'react';
import { readySheet, type SheetChoices } from '#core/paper/choices';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { briefOfNobody } from '#core/brief/edits';
import { engine } from '../../engine/index.ts';
import { paper } from '../../printing/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import { PIECES, STUDIO, useStored } from '../../state/reading/index.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { TextField } from '../../ui/fields/index.ts';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered, guardIsland } from '../../ui/states/index.ts';
import { BINDING } from '../../words/paper/binding.ts';
import { NO_PIECES_CHOSEN, sheetsTitle } from '../../words/paper/sheet.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { BindingProgress, BoundView, type PartToBind, useBinding } from '../binding/index.ts';
import { Addressed, PageShell } from '../frame/index.ts';

/** Shows several pieces as one document with contents, in the order of the address. */
export const Sheets = guardIsland(GuardedSheets);

function GuardedSheets() {
  return (
    <Addressed>
      <SheetsPage />
    </Addressed>
  );
}

const ADDRESS = { pieces: parseAsArrayOf(parseAsString).withDefault([]), title: parseAsString.withDefault('') };

function SheetsPage() {
  const [{ pieces: ids, title }, setAddress] = useQueryStates(ADDRESS);
  const studio = useStored(STUDIO);
  return (
    <PageShell current="Pieces" title="Sheets" titled="not-printed">
      <Answered asked={useStored(PIECES)}>
        {({ records }) => (
          <Answered asked={studio}>
            {(there) => {
              const chosen = ids.flatMap((id) => records.find((record) => record.id === id) ?? []);
              if (chosen.length === 0) return <NoPieces />;
              const onTitle = (next: string): void => void setAddress({ title: next });
              return <ChosenPieces key={ids.join()} pieces={chosen} studio={there} title={title} onTitle={onTitle} />;
            }}
          </Answered>
        )}
      </Answered>
    </PageShell>
  );
}

function NoPieces() {
  return (
    <>
      <p role="alert">{NO_PIECES_CHOSEN}</p>
      <NextSteps>
        <ButtonLink href="/pieces">Choose pieces</ButtonLink>
      </NextSteps>
    </>
  );
}

interface ChosenProps {
  readonly pieces: readonly PieceRecord[];
  readonly studio: Studio;
  /** The title that the teacher gave; empty for none. */
  readonly title: string;
  /** Keeps a title in the address. */
  readonly onTitle: (title: string) => void;
}

function ChosenPieces({ pieces, studio, title: named, onTitle }: ChosenProps) {
  const title = named.trim() === '' ? sheetsTitle(pieces.length) : named;
  const binding = useBinding();
  const parts = useMemo(() => {
    // Pages that go to one pupil name no other: where the pieces belong to several, no name is printed.
    const isOfOne = new Set(pieces.map(({ playerId }) => playerId)).size === 1;
    return pieces.map((piece) => partOf(isOfOne ? piece : ofNobody(piece), studio));
  }, [pieces, studio]);
  const { begin } = binding;
  const document = useMemo(() => ({ title, about: [], choices: paperOf(pieces[0]), parts }), [title, pieces, parts]);
  // The document is bound when it is opened, and again when its title or one of its pieces has changed.
  useEffect(() => begin(document), [begin, document]);
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-3">
      <label className="no-print flex flex-wrap items-center gap-2">
        {BINDING.title}
        <TextField
          className="w-96 max-w-full"
          maxLength={120}
          defaultValue={named}
          placeholder={sheetsTitle(pieces.length)}
          onBlur={(event) => event.target.value !== named && onTitle(event.target.value)}
        />
      </label>
      <BindingProgress now={binding} onStop={binding.stop} onGoOn={() => begin(document)} />
      {binding.bound && <BoundView bound={binding.bound} edition={binding.edition} />}
    </div>
  );
}

/** Takes the name of the player out of a piece, and leaves the hand. */
function ofNobody(piece: PieceRecord): PieceRecord {
  const { document } = piece;
  return { ...piece, document: { ...document, brief: briefOfNobody(document.brief) } };
}

function paperOf(piece: PieceRecord | undefined): SheetChoices {
  return piece?.document.sheet ?? {};
}

/** Makes the part of a piece: set by its own choices, or those of its player or its school. */
function partOf({ document, playerId, schoolId }: PieceRecord, { players, schools }: Studio): PartToBind {
  const ofPlayer = players.find(({ id }) => id === playerId)?.document.sheet;
  const ofSchool = schools.find(({ id }) => id === schoolId)?.document.sheet;
  const choices = document.sheet ?? ofPlayer ?? ofSchool ?? readySheet('usual');
  const title = pieceTitle(document);
  return {
    key: JSON.stringify([title, document.brief, choices]),
    title,
    set: async (key, signal) => {
      const outcome = await engine.ask(document.brief, { kind: 'plan' }, { signal });
      if (!outcome.ok) return [title];
      await paper().setSheet(key, { title, plan: outcome.value.best, choices, known: NOTHING_KNOWN, code: null });
      return [];
    },
  };
}
