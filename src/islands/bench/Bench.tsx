import { lazy, Suspense, useEffect, useState } from 'react';
import type { Plan } from '#core/plan';
import { checkOpenPiece, keepWorking, newPiece, openPiece } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';
import { cautionText } from '../../words/plan-words.ts';
import { Header } from '../Header.tsx';
import { BenchToolbar } from './BenchToolbar.tsx';
import { BriefSentence } from './BriefSentence.tsx';
import { Messages } from './Messages.tsx';
import { NotePanel } from './NotePanel.tsx';
import { NoteTable } from './NoteTable.tsx';
import { Score } from './Score.tsx';
import { ShiftList } from './ShiftList.tsx';
import { useIdle } from './use-idle.ts';
import { useBenchKeys } from './use-bench-keys.ts';

/** Come after the first drawing, or when asked for. */
const Alternatives = lazy(async () => ({ default: (await import('./Alternatives.tsx')).Alternatives }));
const HandDetails = lazy(async () => ({ default: (await import('./HandDetails.tsx')).HandDetails }));

/** The place where a teacher works out a fingering: the brief in a sentence, staff and path, the selected note, the shifts. */
export function Bench() {
  const trouble = useOpenedPiece();
  useBenchKeys();
  const planSet = useBench((bench) => bench.planSet);
  const ready = useBench((bench) => bench.pieceId !== null);
  const idle = useIdle(planSet !== null);
  useCheckedPiece(idle);
  return (
    <>
      <Header current="Bench">{ready && <BenchToolbar />}</Header>
      {trouble !== null && <DatabaseTrouble message={trouble} />}
      {ready && (
        <main className="px-6 pt-3 pb-6">
          <h1 className="sr-only">Bench</h1>
          <BriefSentence />
          <Messages />
          {planSet && (
            <div className="mt-2 grid gap-x-6 lg:grid-cols-[minmax(0,1fr)_272px]">
              <div className="min-w-0">
                <Score plan={planSet.best} />
                <ShiftList plan={planSet.best} />
                <Caution plan={planSet.best} />
                {idle && (
                  <Suspense>
                    <Alternatives plan={planSet.best} />
                  </Suspense>
                )}
                <HandSection plan={planSet.best} />
                <NoteTable plan={planSet.best} />
              </div>
              <NotePanel plan={planSet.best} />
            </div>
          )}
        </main>
      )}
    </>
  );
}

/** Opened by those who want it: the hand position by position. */
function HandSection({ plan }: { readonly plan: Plan }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-4" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="small-heading cursor-pointer">Finger patterns, landmarks, fingers set down together</summary>
      {open && (
        <Suspense>
          <HandDetails plan={plan} />
        </Suspense>
      )}
    </details>
  );
}

/** The stored piece is checked when its plan stands on the screen, so that the check does not hold up the drawing. */
function useCheckedPiece(idle: boolean): void {
  const pieceId = useBench((bench) => bench.pieceId);
  useEffect(() => {
    if (pieceId !== null && idle) void checkOpenPiece();
  }, [pieceId, idle]);
}

function Caution({ plan }: { readonly plan: Plan }) {
  const words = cautionText(plan);
  return words === null ? null : <p className="mt-3 text-sm text-dove-dark">{words}</p>;
}

function DatabaseTrouble({ message }: { readonly message: string }) {
  return (
    <p role="alert" className="m-6 border-l-4 border-ochre bg-paper-deep px-4 py-3">
      The browser does not open its storage ({message}). You can work here and download the piece, but it is not kept.
    </p>
  );
}

/** Opens the piece named in the address, the last one, or a new one; null while all is well, else what the database said. */
function useOpenedPiece(): string | null {
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    void openFromAddress()
      .catch((error: unknown) => {
        setTrouble(error instanceof Error ? error.message : 'unknown error');
        newPiece();
      })
      .then(() => {
        if (gone) return;
        stop = keepWorking();
      });
    return () => {
      gone = true;
      stop();
    };
  }, []);
  return trouble;
}

async function openFromAddress(): Promise<void> {
  if (document.documentElement.dataset['demo'] === 'yes') await (await import('../../store/demo.ts')).seedDemoOnce();
  const address = new URL(location.href);
  const id = address.searchParams.has('new') ? newPiece() : await openPiece(address.searchParams.get('piece'));
  history.replaceState(null, '', `/?piece=${id}`);
}
