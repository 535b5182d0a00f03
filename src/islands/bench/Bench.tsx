import { lazy, useDeferredValue, useEffect } from 'react';
import { guardIsland, Part } from '../../ui/states/index.ts';
import type { Plan } from '#core/plan/describe';
import { firstStepsStore } from '../../state/first-steps.ts';
import { usePlanning } from '../../state/planning.ts';
import { useSaving } from '../../state/keeping/index.ts';
import { useWork } from '../../state/bench/index.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { GIVEN_TITLE } from '../../words/line/given-title.ts';
import { HAND_DETAILS_TITLE } from '../../words/hand/hand-details.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { Caution } from '../parts/index.ts';
import { PiecePage, useOpenedPiece } from '../opened-piece/index.ts';
import { usePageTitle } from '../frame/index.ts';
import { EmptyScore } from './EmptyScore.tsx';
import { Messages } from './Messages.tsx';
import { NotePanel } from './note/NotePanel.tsx';
import { Score } from './score/Score.tsx';
import { usePathNotes } from './score/use-path-notes.ts';
import { BriefSentence } from './sentence/BriefSentence.tsx';
import { BenchToolbar } from './tools/BenchToolbar.tsx';
import { PieceTabs } from './tools/PieceTabs.tsx';
import { useBenchKeys } from './tools/use-bench-keys.ts';
import { useIdle } from '../../ui/use-idle.ts';
import { readyToRead } from '../../state/reading/index.ts';

/** This part comes after the first drawing, or when something of it is asked for. */
const atRest = () => import('./at-rest.ts');

const Alternatives = lazy(async () => ({ default: (await atRest()).Alternatives }));
const BowSection = lazy(async () => ({ default: (await atRest()).BowSection }));
const ChangedNotice = lazy(async () => ({ default: (await atRest()).ChangedNotice }));
const Effects = lazy(async () => ({ default: (await atRest()).Effects }));
const FirstSteps = lazy(async () => ({ default: (await atRest()).FirstSteps }));
const GivenSection = lazy(async () => ({ default: (await import('./given/GivenSection.tsx')).GivenSection }));
const HandDetails = lazy(async () => ({ default: (await atRest()).HandDetails }));
const NoteRows = lazy(async () => ({ default: (await atRest()).NoteRows }));
const NumberOrigins = lazy(async () => ({ default: (await atRest()).NumberOrigins }));
const PlayBar = lazy(async () => ({ default: (await atRest()).PlayBar }));
const PlanSummary = lazy(async () => ({ default: (await atRest()).PlanSummary }));
const RuleOffer = lazy(async () => ({ default: (await atRest()).RuleOffer }));
const ShiftList = lazy(async () => ({ default: (await atRest()).ShiftList }));

/** The place where a teacher works out a fingering: the brief in a sentence, staff and path, the selected note, other fingerings. */
export const Bench = guardIsland(GuardedBench);

function GuardedBench() {
  const trouble = useOpenedPiece();
  useBenchKeys();
  const planSet = usePlanning((planning) => planning.planSet);
  const pieceId = useWork((work) => work.pieceId);
  const idle = useIdle(planSet !== null);
  useWorkAtRest(idle);
  const changed = useWork((work) => work.changed !== null);
  usePageTitle(
    'Bench',
    useWork((work) => (work.pieceId === null ? null : pieceTitle(work))),
  );
  return (
    <PiecePage
      current="Fingering"
      pieceId={pieceId}
      trouble={trouble}
      actions={pieceId !== null && <BenchToolbar />}
      above={pieceId !== null && <PieceTabs pieceId={pieceId} />}
      className="px-5 pt-1.5 pb-6"
    >
      <h1 className="sr-only">Bench</h1>
      <BriefSentence key={pieceId} />
      <Introduction idle={idle} />
      <Messages />
      {changed && (
        <Part>
          <ChangedNotice />
        </Part>
      )}
      {idle && (
        <Part>
          <RuleOffer />
        </Part>
      )}
      {planSet ? <Planned plan={planSet.best} idle={idle} /> : <EmptyScore />}
    </PiecePage>
  );
}

/** Shows the introduction on the first visit; its room is kept until it comes, so that nothing moves. */
function Introduction({ idle }: { readonly idle: boolean }) {
  const shown = firstStepsStore((steps) => steps.shown);
  if (!shown) return null;
  return (
    <div className="min-h-[124px] pt-1 sm:min-h-[60px] lg:min-h-[47px]">
      {idle && (
        <Part>
          <FirstSteps />
        </Part>
      )}
    </div>
  );
}

/** The number of notes from which a plan is drawn in small steps, so that the page can be scrolled and played meanwhile. */
const LONG_LINE = 400;

/** Gives the plan to draw: a long line’s new plan comes a moment later, and the one before stays until then. */
function usePlanDrawn(plan: Plan): Plan {
  const deferred = useDeferredValue(plan);
  return plan.notes.length < LONG_LINE ? plan : deferred;
}

/** The number of locked notes from which they may be a fingering that the teacher gave. */
const FEWEST_LOCKED = 4;

/** Shows everything of a plan: the drawing at once, and below it the tables. */
function Planned({ plan: newest, idle }: { readonly plan: Plan; readonly idle: boolean }) {
  const plan = usePlanDrawn(newest);
  const notes = usePathNotes(plan, idle);
  const isGiven = plan.brief.given !== undefined || (plan.brief.locks ?? []).length >= FEWEST_LOCKED;
  return (
    <div className="mt-1 grid gap-x-5 lg:grid-cols-[minmax(0,1fr)_288px] lg:grid-rows-[auto_1fr]">
      <div className="min-w-0">
        <Score plan={plan} notes={notes} />
        <section aria-label="Playing" className="no-print flex min-h-9 flex-wrap items-center gap-x-3.5 gap-y-1 border-t border-line pt-1">
          {idle && (
            <Part>
              <PlayBar plan={plan} />
              <PlanSummary plan={plan} hotSpots={notes.hotSpots} />
            </Part>
          )}
        </section>
        <div className="no-print min-h-[116px]">
          {idle && (
            <Part>
              <Alternatives plan={plan} />
            </Part>
          )}
        </div>
      </div>
      <NotePanel plan={plan} hotSpots={notes.hotSpots} />
      <div className="min-w-0">
        {isGiven && <OpenedSection title={GIVEN_TITLE}>{() => <GivenSection brief={plan.brief} />}</OpenedSection>}
        {idle && (
          <Part>
            <ShiftList plan={plan} />
            <Caution plan={plan} className="mt-3 text-sm text-dove-dark" />
            <OpenedSection title="Bow plan">{() => <BowSection plan={plan} />}</OpenedSection>
            <OpenedSection title="What each request changes">{() => <Effects plan={plan} />}</OpenedSection>
            <OpenedSection title={HAND_DETAILS_TITLE}>{() => <HandDetails plan={plan} />}</OpenedSection>
            <OpenedSection title="Table of the notes">{() => <NoteRows plan={plan} ringing={notes.ringing} />}</OpenedSection>
            <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>
          </Part>
        )}
      </div>
    </div>
  );
}

/**
 * Waits until the plan is on the screen, so that nothing holds up the drawing. Then the stored piece is checked and noted as
 * open, what changes it is loaded, and from then on the engine's changes are watched.
 */
function useWorkAtRest(idle: boolean): void {
  const pieceId = useWork((work) => work.pieceId);
  useEffect(() => {
    if (pieceId === null || !idle) return;
    const checked = Promise.all([atRest(), readyToRead()]);
    // The first change that cannot be written says so where the database does not answer.
    void checked.then(([{ checkOpenPiece }]) => checkOpenPiece()).catch(() => undefined);
  }, [pieceId, idle]);
  const saved = useSaving().state === 'saved';
  useEffect(() => {
    if (pieceId === null || !idle || !saved) return;
    void Promise.all([atRest(), readyToRead()]).then(
      ([{ noteOpen }]) => noteOpen(pieceId),
      () => undefined,
    );
  }, [pieceId, idle, saved]);
  useEffect(() => {
    if (!idle) return;
    let gone = false;
    let stop = (): void => undefined;
    void atRest().then(({ watchRefingering, watchCorrections }) => {
      if (gone) return;
      const stops = [watchRefingering(), watchCorrections()];
      stop = () => {
        for (const stop of stops) stop();
      };
    });
    return () => {
      gone = true;
      stop();
    };
  }, [idle]);
}
