import type { NoteMiss } from '#core/listening/report';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { signedMmText } from '../../words/intonation/intonation.ts';
import { TAKE_PAGE } from '../../words/intonation/takes.ts';
import type { Bead } from '../score/index.ts';

interface MissLaneProps {
  readonly beads: readonly Bead[];
  readonly misses: readonly NoteMiss[];
}

/** The height of the lane, and the y of the place of every note in it, px. */
export const LANE_HEIGHT = 108;
const PLACE = 58;

/** The largest scale, pixels to a millimetre, and the length of the longest bar, px. */
const LARGEST = 8;
const LONGEST = 30;

/** The width of a bar, px. */
const BAR = 9;

/** Draws under the path how far each finger stood from its place. */
export function MissLane({ beads, misses }: MissLaneProps) {
  const [first] = beads;
  const last = beads.at(-1);
  if (!first || !last) return null;
  const shown = misses.filter(({ heard, doubtful }) => !heard.again && !doubtful);
  const furthest = shown.reduce((most, { mm }) => Math.max(most, Math.abs(mm ?? 0)), LONGEST / LARGEST);
  return (
    <g>
      <DrawnText look="remark" x={first.x - 12} y={12} className="fill-dove-dark">
        {TAKE_PAGE.lane}
      </DrawnText>
      <line x1={first.x - 12} x2={last.x + 12} y1={PLACE} y2={PLACE} className="stroke-ink" />
      {shown.map(({ note, mm, side }) => {
        const bead = beads.find(({ index }) => index === note);
        return bead && mm !== null && <MissBar key={note} x={bead.x} mm={mm} pxPerMm={LONGEST / furthest} isOff={side !== 'in tune'} />;
      })}
    </g>
  );
}

interface MissBarProps {
  readonly x: number;
  readonly mm: number;
  readonly pxPerMm: number;
  readonly isOff: boolean;
}

function MissBar({ x, mm, pxPerMm, isOff }: MissBarProps) {
  const length = Math.abs(mm) * pxPerMm;
  const top = mm > 0 ? PLACE - length : PLACE;
  return (
    <g>
      <rect x={x - BAR / 2} y={top} width={BAR} height={Math.max(1, length)} className={isOff ? 'fill-ochre' : 'fill-verdigris'} />
      {isOff && (
        <DrawnText look="remark" x={x} y={mm > 0 ? top - 4 : PLACE + length + 13} textAnchor="middle" className="fill-ink">
          {signedMmText(mm).replace(' mm', '')}
        </DrawnText>
      )}
    </g>
  );
}
