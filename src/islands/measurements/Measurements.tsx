import { parseAsStringLiteral, useQueryState } from 'nuqs';
import { type ComponentType, lazy } from 'react';
import { guardIsland, Part } from '../../ui/states/index.ts';
import type { Plan } from '#core/plan/describe';
import { usePlanning } from '../../state/planning.ts';
import { useWork } from '../../state/bench/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { PartTabs } from '../../ui/Tabs.tsx';
import { briefLine } from '../../words/piece/brief-line.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { Addressed, usePageTitle } from '../frame/index.ts';
import { PiecePage, useOpenedPiece } from '../opened-piece/index.ts';
import { NumberOrigins } from '../parts/index.ts';
import { Messages } from '../bench/Messages.tsx';

const PARTS = ['fingerboard', 'intonation', 'reach'] as const;
type Part = (typeof PARTS)[number];

const PART_LABELS: Readonly<Record<Part, string>> = {
  fingerboard: 'Fingerboard',
  intonation: 'Intonation',
  reach: 'Reach',
};

const PART_VIEWS: Readonly<Record<Part, ComponentType<{ readonly plan: Plan }>>> = {
  fingerboard: lazy(async () => ({ default: (await import('./FingerboardPart.tsx')).FingerboardPart })),
  intonation: lazy(async () => ({ default: (await import('./IntonationPart.tsx')).IntonationPart })),
  reach: lazy(async () => ({ default: (await import('./ReachPart.tsx')).ReachPart })),
};

/** Shows a piece in millimetres, cents and hertz: its fingerboard, its intonation, its demand on the hand. */
export const Measurements = guardIsland(GuardedMeasurements);

function GuardedMeasurements() {
  if (leadsToTapes()) return null;
  return (
    <Addressed>
      <MeasurementsPage />
    </Addressed>
  );
}

/** Redirects the old address of tapes, which stood here once, to where they are now. */
function leadsToTapes(): boolean {
  const address = new URL(location.href).searchParams;
  if (address.get('part') !== 'tapes') return false;
  location.replace(`/tapes?piece=${address.get('piece') ?? ''}`);
  return true;
}

function MeasurementsPage() {
  const trouble = useOpenedPiece();
  const [part, choose] = useQueryState('part', parseAsStringLiteral(PARTS).withDefault(PARTS[0]));
  const plan = usePlanning((planning) => planning.planSet?.best ?? null);
  const pieceId = useWork((work) => work.pieceId);
  const ready = pieceId !== null;
  usePageTitle(
    'Measurements',
    useWork((work) => (ready ? pieceTitle(work) : null)),
  );
  const View = PART_VIEWS[part];
  return (
    <PiecePage current="Measurements" pieceId={pieceId} trouble={trouble}>
      <PieceHead />
      <Messages />
      <PartTabs
        label="Measurements"
        names={PARTS}
        nameOf={(value) => PART_LABELS[value]}
        chosen={part}
        onChoose={(next) => void choose(next)}
      />
      {pieceId !== null && <PartSteps part={part} pieceId={pieceId} />}
      {plan && (
        <Part>
          <View plan={plan} />
          <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>
        </Part>
      )}
    </PiecePage>
  );
}

/** Leads from each part to what a teacher does about it. */
function PartSteps({ part, pieceId }: { readonly part: Part; readonly pieceId: string }) {
  const instrumentId = useWork((work) => work.instrumentId);
  const playerId = useWork((work) => work.playerId);
  const kind = useWork((work) => work.brief.instrument.kind);
  return (
    <div className="mt-2">
      <NextSteps atHead>
        <ButtonLink href={`/?piece=${pieceId}`}>Change the fingering</ButtonLink>
        {part === 'fingerboard' && <ButtonLink href={`/tapes?piece=${pieceId}`}>Print tapes</ButtonLink>}
        {part === 'intonation' && <ButtonLink href={`/tuner?instrument=${instrumentId ?? kind}`}>Tune the instrument</ButtonLink>}
        {part === 'reach' && <ButtonLink href={playerId === null ? '/setup' : `/setup?player=${playerId}`}>Measure the hand</ButtonLink>}
        <Button onClick={() => print()}>Print it</Button>
      </NextSteps>
    </div>
  );
}

function PieceHead() {
  const name = useWork((work) => work.name);
  const brief = useWork((work) => work.brief);
  return (
    <div className="flex flex-wrap items-baseline gap-x-5">
      <h1 className="text-2xl font-semibold">{pieceTitle({ name, brief })}</h1>
      <p className="text-dove-dark">{briefLine(brief)}</p>
    </div>
  );
}
