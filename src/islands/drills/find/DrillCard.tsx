import { useRef } from 'react';
import type { Brief } from '#core/brief';
import type { DrillRequest } from '#core/drill/families';
import { answerOf, useEngine } from '../../../engine/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { drillTitle } from '../../../words/drills/families.ts';
import { FINDER_WORDS } from '../../../words/drills/finder.ts';
import { BriefPath, useSeen } from '../../parts/index.ts';

/** The drill that a card shows, and why. */
export interface DrillCardProps {
  /** The brief of the piece, which names the player. */
  readonly brief: Brief;
  readonly request: DrillRequest;
  /** The piece it is kept as; null for one that is not written yet. */
  readonly piece: { readonly id: string; readonly title: string } | null;
  /** The reason why it is shown, or its gain. */
  readonly why: string;
  readonly onOpen: (request: DrillRequest) => void;
}

/** The height of the path, px. */
const HEIGHT = 58;

/** Shows a drill as the path of the hand that plays it, with the reason for it. */
export function DrillCard({ brief, request, piece, why, onOpen }: DrillCardProps) {
  const place = useRef<HTMLLIElement>(null);
  const isSeen = useSeen(place);
  return (
    <li ref={place} className="flex min-w-0 flex-col border-t-2 border-ink pt-1">
      <div className="flex items-baseline gap-x-2">
        <span className="grow leading-[1.3]">{piece?.title ?? drillTitle(request)}</span>
        {piece ? (
          <ButtonLink href={`/?piece=${piece.id}`}>Open</ButtonLink>
        ) : (
          <Button aria-label={`Write: ${drillTitle(request)}`} onClick={() => onOpen(request)}>
            Write it
          </Button>
        )}
      </div>
      <span className="text-[14px] text-dove-dark">{why}</span>
      <div className="mt-auto pt-1" style={{ minHeight: HEIGHT + 4 }}>
        {isSeen && <DrillPath brief={brief} request={request} />}
      </div>
    </li>
  );
}

function DrillPath({ brief, request }: Pick<DrillCardProps, 'brief' | 'request'>) {
  const drill = answerOf(useEngine(brief, { kind: 'drill', request }));
  if (drill?.ok === false) return <span className="text-[14px] text-dove-dark">{FINDER_WORDS.unplayed}</span>;
  return drill && <BriefPath brief={drill.value.brief} height={HEIGHT} />;
}
