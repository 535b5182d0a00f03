import type { ReactNode } from 'react';
import { answerOf } from '../../engine/index.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered } from '../../ui/states/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { type PageName, PageShell, usePageTitle } from '../frame/index.ts';
import { type PlannedPiece, usePlanned } from './use-planned.ts';

interface PlannedPageProps {
  /** The name of the page, which is its title until the piece is there. */
  readonly name: PageName;
  /** The words while the piece is planned. */
  readonly waiting: string;
  readonly children: (piece: PlannedPiece) => ReactNode;
}

/** A page of the piece in its address, with its plan; where there is no such piece, it says so. */
export function PlannedPage({ name, waiting, children }: PlannedPageProps) {
  const id = new URL(location.href).searchParams.get('piece');
  const asked = usePlanned(id);
  const come = answerOf(asked);
  const title = come === null || typeof come === 'string' ? null : titleOfPlanned(come);
  usePageTitle(name, title);
  return (
    <PageShell current={name} title={title ?? name} pieceId={id}>
      <Answered asked={asked} waiting={waiting}>
        {(piece) => (typeof piece === 'string' ? <NoPiece why={piece} /> : children(piece))}
      </Answered>
    </PageShell>
  );
}

/** Gives the title of a piece. */
export function titleOfPlanned({ name, plan }: PlannedPiece): string {
  return pieceTitle({ name, brief: plan.brief });
}

function NoPiece({ why }: { readonly why: string }) {
  return (
    <>
      <p role="alert">{why}</p>
      <NextSteps>
        <ButtonLink href="/pieces">Choose a piece</ButtonLink>
      </NextSteps>
    </>
  );
}
