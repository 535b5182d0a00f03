import { Answered, EmptyState, guardIsland, Notice } from '../../ui/states/index.ts';
import { parseAsString, useQueryStates } from 'nuqs';
import { useMemo, useState } from 'react';
import { comparePlans } from '#core/explain';
import type { Plan } from '#core/plan/describe';
import { answerOf, type Asked, engine, useAsked } from '../../engine/index.ts';
import { briefOfSide, plainSide, type PlannedSide, planSide, type Side } from '../../state/compared-sides.ts';
import type { PieceRecord } from '../../records/record.ts';
import { STUDIO_WITH_PIECES, type StudioWithPieces, useStored } from '../../state/reading/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Addressed, PageShell } from '../frame/index.ts';
import { ComparedNotes } from './ComparedNotes.tsx';
import { PathScore } from '../score/index.ts';
import { ComparedSums } from './ComparedSums.tsx';
import { SideSentence } from './SideSentence.tsx';

/** Compares two plans over each other and note by note: two fingerings, two players, two instruments, two schools, two pieces. */
export const Compare = guardIsland(GuardedCompare);

function GuardedCompare() {
  return (
    <Addressed>
      <ComparePage />
    </Addressed>
  );
}

function ComparePage() {
  return (
    <PageShell current="Compare" title="Compare" titled="hidden" pieceId={new URL(location.href).searchParams.get('piece')}>
      <Answered asked={useStored(STUDIO_WITH_PIECES)}>
        {(studio) =>
          studio.pieces.length === 0 ? (
            <EmptyState title="Two fingerings beside each other">
              There is no piece to compare yet. <ButtonLink href="/?new">Start a new piece</ButtonLink>
            </EmptyState>
          ) : (
            <Sides studio={studio} />
          )
        }
      </Answered>
    </PageShell>
  );
}

function Sides({ studio }: { readonly studio: StudioWithPieces }) {
  const [address, setAddress] = useQueryStates({ piece: parseAsString, with: parseAsString });
  const [chosen, setChosen] = useState(() => sidesInAddress(studio.pieces, address));
  // A piece may be deleted in another tab meanwhile.
  const isThere = ({ pieceId }: Side): boolean => studio.pieces.some(({ id }) => id === pieceId);
  const sides = chosen.every(isThere) ? chosen : sidesInAddress(studio.pieces, address);
  const asked = [usePlannedSide(sides[0], studio), usePlannedSide(sides[1], studio)] as const;
  const [one, other] = [answerOf(asked[0]), answerOf(asked[1])];
  const change = (place: 0 | 1, side: Side): void => {
    const next: readonly [Side, Side] = place === 0 ? [side, sides[1]] : [sides[0], side];
    setChosen(next);
    void setAddress({ piece: next[0].pieceId, with: next[1].pieceId });
  };
  return (
    <>
      <section aria-label="What is compared" className="grid grid-cols-[minmax(0,1fr)] gap-1 font-serif text-[17px] leading-relaxed">
        <SideSentence name="This" side={sides[0]} planned={one} studio={studio} onChange={(side) => change(0, side)} />
        <SideSentence name="compared with" side={sides[1]} planned={other} studio={studio} onChange={(side) => change(1, side)} />
      </section>
      <NextSteps atHead>
        <ButtonLink href={`/?piece=${sides[0].pieceId}`}>Change the fingering</ButtonLink>
        {sides[1].pieceId !== sides[0].pieceId && <ButtonLink href={`/?piece=${sides[1].pieceId}`}>Open the other piece</ButtonLink>}
        <Button onClick={() => print()}>Print it</Button>
      </NextSteps>
      {asked.map((side, place) => (
        <Answered key={place} asked={side}>
          {(planned) => planned.plan === null && <Trouble planned={planned} />}
        </Answered>
      ))}
      {one?.plan && other?.plan ? <Compared one={one.plan} other={other.plan} /> : null}
    </>
  );
}

function Compared({ one, other }: { readonly one: Plan; readonly other: Plan }) {
  const compared = comparePlans(one, other);
  return (
    <>
      {compared && <PathScore name="Both paths" plan={one} over={{ plan: other, differsAt: compared.differsAt }} />}
      <div className="mt-3 grid gap-x-10 lg:grid-cols-[420px_minmax(0,1fr)]">
        <ComparedSums one={one} other={other} />
        {compared ? (
          <ComparedNotes compared={compared} />
        ) : (
          <p className="mt-2">These are not the same notes, so only the totals are compared.</p>
        )}
      </div>
    </>
  );
}

function Trouble({ planned }: { readonly planned: PlannedSide }) {
  return (
    <Notice role="alert" className="mt-2" trouble>
      {planned.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ')}
    </Notice>
  );
}

function usePlannedSide(side: Side, studio: StudioWithPieces): Asked<PlannedSide> {
  const brief = useMemo(() => {
    const piece = studio.pieces.find(({ id }) => id === side.pieceId);
    if (!piece) throw new RangeError(`There is no piece ${side.pieceId}`);
    return briefOfSide(side, piece, studio);
  }, [side, studio]);
  return useAsked({ key: ['side', engine.sessionOf(brief), side.fingering], ask: (signal) => planSide(brief, side.fingering, signal) });
}

/** The address names the piece and, once chosen, what it is compared with; at first a piece is compared with its first other fingering. */
function sidesInAddress(
  pieces: readonly PieceRecord[],
  address: { readonly piece: string | null; readonly with: string | null },
): readonly [Side, Side] {
  const nameOfPiece = (id: string | null): string | undefined => pieces.find((piece) => piece.id === id)?.id;
  const first = nameOfPiece(address.piece) ?? pieces[0]?.id ?? '';
  const second = nameOfPiece(address.with);
  return [plainSide(first), second === undefined ? { ...plainSide(first), fingering: 0 } : plainSide(second)];
}
