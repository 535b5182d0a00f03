import { useMemo } from 'react';
import { nearestMeasures, type SoughtShift } from '#core/books';
import type { Plan } from '#core/plan/describe';
import { useWork } from '../../../state/bench/index.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { Answered } from '../../../ui/states/index.ts';
import { IN_BOOKS, readingText } from '../../../words/drills/in-books.ts';
import { NearCard } from './NearCard.tsx';
import { useBooks } from './use-books.ts';

interface NearestInBooksProps {
  readonly plan: Plan;
  readonly sought: SoughtShift;
}

/** The number of measures shown. */
const MOST_SHOWN = 3;

/** Finds the measures of the teacher’s books that come nearest to a shift. */
export function NearestInBooks({ plan, sought }: NearestInBooksProps) {
  const pieceId = useWork((work) => work.pieceId);
  const { facts, done, all, pieceOf, nameOf } = useBooks(plan.brief.instrument.kind, pieceId);
  const near = useMemo(() => (facts.state === 'answered' ? nearestMeasures(sought, facts.value, MOST_SHOWN) : []), [facts, sought]);
  return (
    <Answered asked={facts} waiting={done < all ? readingText(done, all) : IN_BOOKS.looking}>
      {() =>
        all === 0 ? (
          <p className="flex flex-wrap items-center gap-2">
            {IN_BOOKS.noBooks} <ButtonLink href="/books">{IN_BOOKS.toBooks}</ButtonLink>
          </p>
        ) : near.length === 0 ? (
          <p>{IN_BOOKS.none}</p>
        ) : (
          <ul className="mt-1 grid gap-y-4">
            {near.map((measure) => {
              const piece = pieceOf(measure.piece);
              return (
                piece && (
                  <NearCard
                    key={`${measure.piece} ${measure.shift.to}`}
                    plan={plan}
                    near={measure}
                    sought={sought}
                    piece={piece}
                    name={nameOf(measure.piece)}
                  />
                )
              );
            })}
          </ul>
        )
      }
    </Answered>
  );
}
