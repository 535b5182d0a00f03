import { lazy, Suspense, useEffect } from 'react';
import type { Plan } from '#core/plan';
import { checkOpenPiece } from '../../store/bench-work.ts';
import { useBench } from '../../store/bench-store.ts';
import { bringActions } from '../../store/change.ts';
import { cautionText } from '../../words/plan-words.ts';
import { Header } from '../Header.tsx';
import { OpenedSection } from '../OpenedSection.tsx';
import { StorageTrouble } from '../StorageTrouble.tsx';
import { useOpenedPiece } from '../use-opened-piece.ts';
import { BenchToolbar } from './BenchToolbar.tsx';
import { BriefSentence } from './BriefSentence.tsx';
import { Messages } from './Messages.tsx';
import { NotePanel } from './NotePanel.tsx';
import { Score } from './Score.tsx';
import { ShiftList } from './ShiftList.tsx';
import { useIdle } from './use-idle.ts';
import { useRinging } from './use-ringing.ts';
import { useBenchKeys } from './use-bench-keys.ts';

/** Come after the first drawing, or when asked for. */
const Alternatives = lazy(async () => ({ default: (await import('./Alternatives.tsx')).Alternatives }));
const ChangedNotice = lazy(async () => ({ default: (await import('./ChangedNotice.tsx')).ChangedNotice }));
const NoteRows = lazy(async () => ({ default: (await import('./NoteRows.tsx')).NoteRows }));
const NumberOrigins = lazy(async () => ({ default: (await import('../NumberOrigins.tsx')).NumberOrigins }));
const HandDetails = lazy(async () => ({ default: (await import('./HandDetails.tsx')).HandDetails }));

/** The place where a teacher works out a fingering: the brief in a sentence, staff and path, the selected note, the shifts. */
export function Bench() {
  const trouble = useOpenedPiece();
  useBenchKeys();
  const planSet = useBench((bench) => bench.planSet);
  const pieceId = useBench((bench) => bench.pieceId);
  const ready = pieceId !== null;
  const idle = useIdle(planSet !== null);
  useCheckedPiece(idle);
  const changed = useBench((bench) => bench.changed !== null);
  const ringing = useRinging(planSet?.best ?? null, idle);
  return (
    <>
      <Header current="Bench" pieceId={pieceId}>
        {ready && <BenchToolbar />}
      </Header>
      {trouble !== null && <StorageTrouble message={trouble} />}
      {ready && (
        <main className="px-6 pt-3 pb-6">
          <h1 className="sr-only">Bench</h1>
          <BriefSentence />
          <Messages />
          {changed && (
            <Suspense>
              <ChangedNotice />
            </Suspense>
          )}
          {planSet && (
            <div className="mt-2 grid gap-x-6 lg:grid-cols-[minmax(0,1fr)_272px] lg:grid-rows-[auto_1fr]">
              <div className="min-w-0">
                <Score plan={planSet.best} ringing={ringing} />
              </div>
              <NotePanel plan={planSet.best} />
              <div className="min-w-0">
                <ShiftList plan={planSet.best} />
                <Caution plan={planSet.best} />
                {idle && (
                  <Suspense>
                    <Alternatives plan={planSet.best} />
                  </Suspense>
                )}
                <OpenedSection title="Finger patterns, landmarks, fingers set down together">
                  {() => <HandDetails plan={planSet.best} />}
                </OpenedSection>
                <OpenedSection title="Table of the notes">{() => <NoteRows plan={planSet.best} ringing={ringing} />}</OpenedSection>
                <OpenedSection title="How the numbers come about">{() => <NumberOrigins />}</OpenedSection>
              </div>
            </div>
          )}
        </main>
      )}
    </>
  );
}

/** When the plan stands on the screen, so that nothing holds up the drawing: the stored piece is checked, and what changes it comes. */
function useCheckedPiece(idle: boolean): void {
  const pieceId = useBench((bench) => bench.pieceId);
  useEffect(() => {
    if (pieceId !== null && idle) void checkOpenPiece();
    if (idle) void bringActions();
  }, [pieceId, idle]);
}

function Caution({ plan }: { readonly plan: Plan }) {
  const words = cautionText(plan);
  return words === null ? null : <p className="mt-3 text-sm text-dove-dark">{words}</p>;
}
