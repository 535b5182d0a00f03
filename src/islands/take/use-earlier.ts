import { useMemo } from 'react';
import { mmOfCents } from '#core/intonation';
import { dueNotes } from '#core/listening';
import type { TakeReading } from '#core/listening/reading';
import { missesOf } from '#core/listening/report';
import { asCorrected, ofKind } from '#core/practice/log';
import type { Plan } from '#core/plan/describe';
import type { LogPage } from '../../records/log-pages.ts';
import type { TakeOfVisit } from '../../state/takes/index.ts';
import { takenAtText, takenNowText } from '../../words/intonation/takes.ts';

/** A take with which another may be compared. */
export interface EarlierTake {
  /** The id of its entry in the log; of a take that is not kept its time. */
  readonly id: string;
  readonly name: string;
  /** Gives how far the finger of a stop (0 lower, 1 upper) of a note stood from its place, mm; null where that is not known. */
  readonly mmAt: (note: number, stop: number) => number | null;
}

interface Earlier {
  readonly pieceId: string;
  /** The record; null until it is read. */
  readonly pages: readonly LogPage[] | null;
  /** The takes of this visit, the latest first. */
  readonly visit: readonly TakeOfVisit[];
  /** The reading that is shown, which is not an earlier one. */
  readonly shown: TakeReading;
}

/** Lists the earlier takes of a piece: those of this visit, then those that the record keeps, the latest first. */
export function useEarlier(plan: Plan, { pieceId, pages, visit, shown }: Earlier): readonly EarlierTake[] {
  const kept = useMemo(() => keptTakes(plan, pieceId, pages ?? []), [plan, pieceId, pages]);
  const ofVisit = useMemo(
    () => visit.filter((take) => take.plan === plan && take.reading !== shown).map(takeNotKept),
    [plan, visit, shown],
  );
  return [...ofVisit, ...kept];
}

function takeNotKept({ plan, at, reading, simulated }: TakeOfVisit): EarlierTake {
  const misses = missesOf(plan, dueNotes(plan), reading, 0);
  return {
    id: `visit ${at}`,
    name: takenNowText(at, simulated),
    mmAt: (note, stop) => misses.find((miss) => miss.note === note && miss.due.stops.indexOf(miss.stop) === stop)?.mm ?? null,
  };
}

function keptTakes(plan: Plan, pieceId: string, pages: readonly LogPage[]): readonly EarlierTake[] {
  const takes = ofKind(asCorrected(pages.flatMap(({ entries }) => entries)), 'take');
  return takes
    .filter(({ practised }) => practised.piece === pieceId)
    .map(({ id, at, notes }): EarlierTake => ({
      id,
      name: takenAtText(at),
      mmAt: (note, stop) => {
        const planned = plan.notes[note];
        const stopped = planned?.kind === 'note' ? planned.stops[stop] : undefined;
        const heard = notes.find((one) => one.note === note && (one.voice === 'upper' ? 1 : 0) === stop);
        if (!stopped || stopped.finger === '0' || !heard) return null;
        return mmOfCents(plan.stringLengthMm, stopped.semitonesAboveOpen, heard.cents);
      },
    }))
    .toReversed();
}
