import { useMemo } from 'react';
import { mmOfCents } from '#core/intonation';
import { asCorrected, ofKind } from '#core/practice/log';
import type { Plan } from '#core/plan/describe';
import type { LogPage } from '../../records/log-pages.ts';
import { takenAtText } from '../../words/intonation/takes.ts';

/** A take of the record with which another may be compared. */
export interface EarlierTake {
  /** The id of its entry in the log. */
  readonly id: string;
  readonly name: string;
  /** Gives how far the finger of a stop (0 lower, 1 upper) of a note stood from its place, mm; null where that is not known. */
  readonly mmAt: (note: number, stop: number) => number | null;
}

/** Lists the takes of a piece that the record keeps, the latest first. */
export function useEarlier(plan: Plan, pieceId: string, pages: readonly LogPage[] | null): readonly EarlierTake[] {
  return useMemo(() => {
    const takes = ofKind(asCorrected((pages ?? []).flatMap(({ entries }) => entries)), 'take');
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
  }, [plan, pieceId, pages]);
}
