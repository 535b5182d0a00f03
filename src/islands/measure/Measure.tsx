import { useWork } from '../../state/work.ts';
import { usePlanning } from '../../state/planning.ts';
import { type ComponentType, lazy, Suspense, useState } from 'react';
import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { PartTabs } from '../../ui/Tabs.tsx';
import { briefLine } from '../../words/brief-line.ts';
import { materialLabel } from '../../words/labels.ts';
import { Header } from '../Header.tsx';
import { NumberOrigins } from '../NumberOrigins.tsx';
import { StorageTrouble } from '../StorageTrouble.tsx';
import { Messages } from '../bench/Messages.tsx';
import { useOpenedPiece } from '../use-opened-piece.ts';

const PARTS = ['fingerboard', 'intonation', 'reach', 'tapes'] as const;
type Part = (typeof PARTS)[number];

const PART_LABELS: Readonly<Record<Part, string>> = {
  fingerboard: 'Fingerboard',
  intonation: 'Intonation',
  reach: 'Reach',
  tapes: 'Tapes',
};

const PART_VIEWS: Readonly<Record<Part, ComponentType<{ readonly plan: Plan }>>> = {
  fingerboard: lazy(async () => ({ default: (await import('./FingerboardPart.tsx')).FingerboardPart })),
  intonation: lazy(async () => ({ default: (await import('./IntonationPart.tsx')).IntonationPart })),
  reach: lazy(async () => ({ default: (await import('./ReachPart.tsx')).ReachPart })),
  tapes: lazy(async () => ({ default: (await import('./TapesPart.tsx')).TapesPart })),
};

/** A piece in millimetres, cents and hertz: its fingerboard, its intonation, what it asks of the hand, its tapes. */
export function Measure() {
  const trouble = useOpenedPiece();
  const [part, setPart] = useState(partInAddress);
  const plan = usePlanning((planning) => planning.planSet?.best ?? null);
  const pieceId = useWork((work) => work.pieceId);
  const ready = pieceId !== null;
  const choose = (next: Part): void => {
    setPart(next);
    const address = new URL(location.href);
    address.searchParams.set('part', next);
    history.replaceState(null, '', address);
  };
  const View = PART_VIEWS[part];
  return (
    <>
      <Header current="Measure" pieceId={pieceId} />
      {trouble !== null && <StorageTrouble message={trouble} />}
      {ready && (
        <main className="px-6 pt-3 pb-6">
          <PieceHead />
          <Messages />
          <PartTabs label="Measures" names={PARTS} nameOf={(each) => PART_LABELS[each]} chosen={part} onChoose={choose} />
          {plan && (
            <Suspense>
              <View plan={plan} />
            </Suspense>
          )}
          <OpenedSection title="How the numbers come about">{() => <NumberOrigins />}</OpenedSection>
        </main>
      )}
    </>
  );
}

function PieceHead() {
  const name = useWork((work) => work.name);
  const brief = useWork((work) => work.brief);
  return (
    <div className="flex flex-wrap items-baseline gap-x-5">
      <h1 className="text-2xl font-semibold">{name === '' ? materialLabel(brief) : name}</h1>
      <p className="text-dove-dark">{briefLine(brief)}</p>
    </div>
  );
}

function partInAddress(): Part {
  const asked = new URL(location.href).searchParams.get('part');
  return PARTS.find((part) => part === asked) ?? 'fingerboard';
}
