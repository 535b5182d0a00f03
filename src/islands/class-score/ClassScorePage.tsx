import { useMemo } from 'react';
import type { PieceRecord } from '../../records/record.ts';
import { keepClass, useClassChoices } from '../../state/paper/index.ts';
import { STUDIO_WITH_PIECES, type StudioWithPieces, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered, guardIsland, Notice } from '../../ui/states/index.ts';
import { capital } from '../../words/capital.ts';
import { BINDING, progressText } from '../../words/paper/binding.ts';
import { CLASS_SCORE } from '../../words/paper/class-score.ts';
import { materialLabel, pieceTitle } from '../../words/piece/pieces.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { candidatesOf, lineOf, membersOf } from './class-of-choices.ts';
import { LineChoices } from './LineChoices.tsx';
import { MadeScore } from './MadeScore.tsx';
import { PlayerChoices } from './PlayerChoices.tsx';
import { type ClassScoreNow, useClassScore } from './use-class-score.ts';

/** Makes one line for a class on mixed instruments: a score, and a sheet for each player. */
export const ClassScorePage = guardIsland(GuardedClassScore);

function GuardedClassScore() {
  return (
    <Addressed>
      <PageShell current="Class score" title={CLASS_SCORE.title} titled="not-printed">
        <Answered asked={useStored(STUDIO_WITH_PIECES)}>{(studio) => <ClassOf studio={studio} />}</Answered>
      </PageShell>
    </Addressed>
  );
}

function ClassOf({ studio }: { readonly studio: StudioWithPieces }) {
  const choices = useClassChoices();
  const candidates = useMemo(() => candidatesOf(studio), [studio]);
  const score = useClassScore();
  const line = lineOf(choices, studio.pieces);
  const members = membersOf(candidates, choices);
  const isReady = line !== null && members.length >= 2;
  const begin = (): void => {
    if (line) score.begin({ line, members, sounding: choices.sounding, title: titleOf(line, studio.pieces, choices.pieceId) });
  };
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-4">
      <div className="no-print grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
        <LineChoices choices={choices} pieces={studio.pieces} onChoose={keepClass} />
        <PlayerChoices candidates={candidates} shares={choices.shares} onChoose={(shares) => keepClass({ shares })} />
      </div>
      <p className="no-print flex flex-wrap items-center gap-3">
        <Button disabled={!isReady || score.state === 'under way'} onClick={begin}>
          {score.made ? CLASS_SCORE.again : CLASS_SCORE.make}
        </Button>
        {!isReady && <span className="text-dove-dark">{line ? CLASS_SCORE.empty : CLASS_SCORE.noPieces}</span>}
      </p>
      <ScoreProgress now={score} onStop={score.stop} onGoOn={begin} />
      {score.made && <MadeScore key={score.edition} made={score.made} candidates={candidates} choices={choices} />}
    </div>
  );
}

/** Names the line: the piece by its own title, a scale or a chord by what it is. */
function titleOf(line: Parameters<typeof materialLabel>[0], pieces: readonly PieceRecord[], pieceId: string): string {
  const piece = pieces.find(({ id, document }) => id === pieceId && document.brief === line);
  return capital(piece ? pieceTitle(piece.document) : materialLabel(line));
}

interface ScoreProgressProps {
  readonly now: ClassScoreNow;
  readonly onStop: () => void;
  readonly onGoOn: () => void;
}

function ScoreProgress({ now: { state, done, total }, onStop, onGoOn }: ScoreProgressProps) {
  if (state === 'idle' || state === 'made') return null;
  if (state === 'failed') return <Notice>{CLASS_SCORE.failed}</Notice>;
  return (
    <div className="no-print flex flex-wrap items-center gap-3">
      <progress className="h-2 w-64 accent-ink" value={done} max={Math.max(1, total)} aria-label={CLASS_SCORE.finding} />
      <span role="status">{progressText(done, total, null)}</span>
      {state === 'under way' ? <Button onClick={onStop}>{BINDING.stop}</Button> : <Button onClick={onGoOn}>{BINDING.goOn}</Button>}
    </div>
  );
}
