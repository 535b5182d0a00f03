import { useMemo } from 'react';
import type { Plan } from '#core/plan/describe';
import type { NoteGroup } from '#core/practice/item';
import type { QuizPlace } from '#core/quiz';
import { instrumentLike } from '../parts/index.ts';
import { AnswerBoard } from '../names/AnswerBoard.tsx';

interface PlacesOnBoardProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
}

/** Shows the places of the line on the fingerboard, as tapes show them: without fingers and without names. */
export function PlacesOnBoard({ plan, group }: PlacesOnBoardProps) {
  const instrument = useMemo(() => instrumentLike(plan.brief.instrument), [plan]);
  return <AnswerBoard instrument={instrument} label="The places of the line" places={placesOf(plan, group)} look="taped" />;
}

/** Lists each place once, open strings left out. */
function placesOf({ notes, brief }: Plan, { from, to }: NoteGroup): readonly QuizPlace[] {
  const instrument = instrumentLike(brief.instrument);
  const stops = notes.slice(from, to + 1).flatMap((note) => (note.kind === 'note' ? note.stops : []));
  const places = stops.flatMap(({ open, finger, semitonesAboveOpen, pitch, written }): readonly QuizPlace[] => {
    const stringIndex = instrument.strings.findIndex(({ name }) => name === open);
    return finger === '0' || stringIndex < 0 ? [] : [{ stringIndex, open, finger, semitonesAboveOpen, pitch, written }];
  });
  return [...new Map(places.map((place) => [`${place.open} ${place.semitonesAboveOpen}`, place])).values()];
}
