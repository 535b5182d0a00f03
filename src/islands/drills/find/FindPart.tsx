import { useMemo, useState } from 'react';
import {
  catalogue,
  type DrillFacts,
  type DrillQuery,
  factsOf,
  findDrills,
  type NeededDrill,
  neededDrills,
  mixFamilies,
} from '#core/drill/finder';
import type { DrillRequest } from '#core/drill/families';
import { drillFor } from '#core/drill';
import type { ShiftClass } from '#core/drill/shifts';
import type { Plan } from '#core/plan/describe';
import { missesByNote } from '#core/trends';
import { answerOf } from '../../../engine/index.ts';
import { dayWeeksBefore, WEEKS_COUNTED } from '../../../records/log-pages.ts';
import type { PieceRecord } from '../../../records/record.ts';
import { useWork } from '../../../state/bench/index.ts';
import { ENTRIES, PIECES, useStored } from '../../../state/reading/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { tellNotesOfPlan } from '../../../words/line/note-places.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { FINDER_WORDS, neededText } from '../../../words/drills/finder.ts';
import { IN_BOOKS } from '../../../words/drills/in-books.ts';
import { FAMILY_WORDS, shiftClassText } from '../../../words/drills/families.ts';
import { NearestInBooks } from '../books/NearestInBooks.tsx';
import { DRILL_GRID } from './drill-grid.ts';
import { DrillCard } from './DrillCard.tsx';
import { FindSentence } from './FindSentence.tsx';
import type { WrittenFor } from '../first-request.ts';
import { PiecesInside, PlacesLike } from './StudioPieces.tsx';
import { useHotSpots } from '../use-hot-spots.ts';

interface FindPartProps {
  readonly plan: Plan;
  readonly place: WrittenFor;
  readonly musicKey: string;
  /** The shift that drills are to be like; null for none. */
  readonly like: ShiftClass | null;
  readonly onLike: (like: ShiftClass | null) => void;
  readonly onOpen: (request: DrillRequest, note: number | null) => void;
}

/** The number of drills listed, and of those added when more are asked for. */
const LISTED = 12;

/**
 * Lists drills, first those that the piece asks of its player, then all others, those that can be written and those kept as pieces, by their
 * aim; and where a kind of shift occurs in the studio's pieces.
 */
export function FindPart({ plan, place, musicKey, like, onLike, onOpen }: FindPartProps) {
  const { brief } = plan;
  const [query, setQuery] = useState<DrillQuery>({});
  const key = query.key ?? musicKey;
  const needed = useNeeded(plan);
  const pieces = useStored(PIECES);
  const kept = answerOf(pieces);
  const ours = useMemo(
    () => catalogue(drillFor(brief), key).map((request): Found => ({ request, facts: factsOf(request), piece: null, need: null })),
    [brief, key],
  );
  return (
    <div className="mt-3">
      {like && (
        <p className="flex flex-wrap items-center gap-2">
          Like this shift: <strong>{shiftClassText(like)}</strong>
          <Button onClick={() => onLike(null)}>Look for any</Button>
        </p>
      )}
      <FindSentence query={query} musicKey={musicKey} place={place} onChange={setQuery} />
      {needed && (
        <FoundDrills
          plan={plan}
          needed={findDrills(needed, { ...query, like })}
          found={kept && findDrills([...drillsAmong(kept.records), ...ours], { ...query, key, like })}
          isRanked={like !== null}
          onOpen={onOpen}
        />
      )}
      <Answered asked={pieces} waiting="Looking …">
        {() => null}
      </Answered>
      {like && (
        <section aria-label={IN_BOOKS.nearest} className="mt-4">
          <Heading as="h3">{IN_BOOKS.nearest}</Heading>
          <NearestInBooks plan={plan} sought={{ shiftClass: like, left: null, written: null }} />
        </section>
      )}
      {like && <PlacesLike like={like} />}
      {query.position && <PiecesInside kind={place.instrument.kind} position={query.position} />}
    </div>
  );
}

interface Found {
  readonly request: DrillRequest;
  readonly facts: DrillFacts;
  /** The piece it is kept as; null for one that is not written yet. */
  readonly piece: { readonly id: string; readonly title: string } | null;
  /** The need for it; null for one that nothing in the piece asks for. */
  readonly need: NeededDrill | null;
}

/** Finds the drills that the piece asks of its player, by what was missed in the last weeks and by its hot spots; null until both are known. */
function useNeeded(plan: Plan): readonly Found[] | null {
  const [from] = useState(() => dayWeeksBefore(Date.now(), WEEKS_COUNTED));
  const [pieceId, playerId] = [useWork((work) => work.pieceId), useWork((work) => work.playerId)];
  const log = useStored(ENTRIES, playerId, from);
  const spots = useHotSpots(plan);
  const isRead = log.state !== 'waiting' && spots.state !== 'waiting';
  const [entries, about] = [answerOf(log), answerOf(spots)];
  return useMemo(() => {
    if (!isRead) return null;
    const notes = pieceId === null ? [] : missesByNote(entries ?? [], pieceId, plan);
    const missed = new Map(notes.filter(({ missed }) => missed > 0).map(({ note, missed }) => [note, missed]));
    return neededDrills(plan, about?.hotSpots ?? [], missed).map((need): Found => ({
      request: need.request,
      facts: factsOf(need.request),
      piece: null,
      need,
    }));
  }, [plan, pieceId, isRead, entries, about]);
}

/** Finds the drills among the pieces. */
function drillsAmong(records: readonly PieceRecord[]): readonly Found[] {
  return records.flatMap(({ id, document }) =>
    document.drill
      ? [
          {
            request: document.drill.request,
            facts: factsOf(document.drill.request),
            piece: { id, title: pieceTitle(document) },
            need: null,
          },
        ]
      : [],
  );
}

interface FoundDrillsProps {
  readonly plan: Plan;
  readonly needed: readonly Found[];
  /** All drills that answer the query; null until the pieces are read. */
  readonly found: readonly Found[] | null;
  /** Whether the drills found stand in an order of their own: the most alike first. */
  readonly isRanked: boolean;
  readonly onOpen: (request: DrillRequest, note: number | null) => void;
}

function FoundDrills({ plan, needed, found, isRanked, onOpen }: FoundDrillsProps) {
  const tell = useMemo(() => tellNotesOfPlan(plan), [plan]);
  const [shown, setShown] = useState(LISTED);
  const others = othersOf(needed, found ?? [], isRanked);
  const listed = others.slice(0, shown);
  const card = ({ request, piece, need }: Found) => (
    <DrillCard
      key={piece?.id ?? JSON.stringify(request)}
      brief={plan.brief}
      request={request}
      piece={piece}
      why={need ? neededText(need, tell) : piece ? FINDER_WORDS.keptAsPiece : FAMILY_WORDS[request.asks.family].gains}
      onOpen={(opened) => onOpen(opened, need?.notes[0] ?? null)}
    />
  );
  return (
    <section aria-label="Drills found" className="mt-3">
      {needed.length > 0 && (
        <>
          <Heading>{FINDER_WORDS.needed}</Heading>
          <ul className={DRILL_GRID}>{needed.slice(0, LISTED).map(card)}</ul>
        </>
      )}
      {others.length > 0 && <Heading className={needed.length > 0 ? 'mt-5' : ''}>{FINDER_WORDS.others}</Heading>}
      <p role="status" className="text-[14px] text-dove-dark">
        {found && foundText(needed.length + others.length)}
      </p>
      <ul className={DRILL_GRID}>{listed.map(card)}</ul>
      {listed.length < others.length && (
        <Button className="mt-3" onClick={() => setShown(shown + LISTED)}>
          More drills
        </Button>
      )}
    </section>
  );
}

/** Lists the drills beside those that are needed: those kept as pieces, then one of each family; or in their own order. */
function othersOf(needed: readonly Found[], found: readonly Found[], isRanked: boolean): readonly Found[] {
  const asked = new Set(needed.map(({ request }) => JSON.stringify(request)));
  const rest = found.filter(({ request, piece }) => piece !== null || !asked.has(JSON.stringify(request)));
  if (isRanked) return rest;
  return [...rest.filter(({ piece }) => piece !== null), ...mixFamilies(rest.filter(({ piece }) => piece === null))];
}

/** Writes how many drills answer the query. */
function foundText(count: number): string {
  return count === 0 ? FINDER_WORDS.none : `${count} drills in all.`;
}
