import type { NoteMiss } from '#core/listening/report';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { signedMmText } from '../../words/intonation/intonation.ts';
import { TAKE_PAGE } from '../../words/intonation/takes.ts';
import type { Bead } from '../../path/index.ts';
import type { EarlierTake } from './use-earlier.ts';

interface MissLaneProps {
  readonly beads: readonly Bead[];
  readonly misses: readonly NoteMiss[];
  /** The earlier take that this one is compared with; null for none. */
  readonly earlier: EarlierTake | null;
}

/** The height of the lane, and the y of the place of every note in it, px. */
export const LANE_HEIGHT = 108;
const PLACE = 58;

/** The largest scale, pixels to a millimetre, and the length of the longest bar, px. */
const LARGEST = 8;
const LONGEST = 30;

/** The width of a bar, px. */
const BAR = 9;

/** A bar of the lane, for one stop of a note. */
interface Bar {
  readonly bead: Bead;
  readonly mm: number;
  readonly isOff: boolean;
}

/** Draws under the path how far each finger stood from its place; two voices stand side by side. */
export function MissLane({ beads, misses, earlier }: MissLaneProps) {
  const [first] = beads;
  const last = beads.at(-1);
  if (!first || !last) return null;
  const bars = misses.flatMap(({ heard, doubtful, note, due, stop, mm, side }): readonly Bar[] => {
    const bead = beads.find((one) => one.index === note && one.stop === due.stops.indexOf(stop));
    return heard.again || doubtful || mm === null || !bead ? [] : [{ bead, mm, isOff: side !== 'in tune' }];
  });
  const before = beads.flatMap((bead): readonly Bar[] => {
    const mm = earlier?.mmAt(bead.index, bead.stop) ?? null;
    return mm === null ? [] : [{ bead, mm, isOff: false }];
  });
  const furthest = [...bars, ...before].reduce((most, { mm }) => Math.max(most, Math.abs(mm)), LONGEST / LARGEST);
  const pxPerMm = LONGEST / furthest;
  return (
    <g>
      <DrawnText look="remark" x={first.x - 12} y={12} className="fill-dove-dark">
        {earlier === null ? TAKE_PAGE.lane : TAKE_PAGE.laneCompared}
      </DrawnText>
      <line x1={first.x - 12} x2={last.x + 12} y1={PLACE} y2={PLACE} className="stroke-ink" />
      {bars.map((bar) => (
        <MissBar key={`${bar.bead.index} ${bar.bead.stop}`} bar={bar} pxPerMm={pxPerMm} />
      ))}
      {before.map(({ bead, mm }) => (
        <rect
          key={`${bead.index} ${bead.stop}`}
          {...placeOf(bead, mm, pxPerMm)}
          className="fill-none stroke-ink"
          strokeWidth={1.2}
          strokeDasharray="2 2"
        />
      ))}
    </g>
  );
}

/** Gives the place of a bar: up for sharp, down for flat; that of the upper voice to the right of the lower. */
function placeOf({ x, stop, note }: Bead, mm: number, pxPerMm: number) {
  const length = Math.abs(mm) * pxPerMm;
  const beside = note.stops.length > 1 ? (stop - 0.5) * (BAR + 2) : 0;
  return { x: x + beside - BAR / 2, y: mm > 0 ? PLACE - length : PLACE, width: BAR, height: Math.max(1, length) };
}

/** The place of a label along the width of its bar, by its side. */
const LABEL_AT = { middle: 0.5, end: 1, start: 0 } as const;

function MissBar({ bar: { bead, mm, isOff }, pxPerMm }: { readonly bar: Bar; readonly pxPerMm: number }) {
  const place = placeOf(bead, mm, pxPerMm);
  // The labels of two voices stand back to back.
  const anchor = bead.note.stops.length < 2 ? 'middle' : bead.stop === 0 ? 'end' : 'start';
  return (
    <g>
      <rect {...place} className={isOff ? 'fill-ochre' : 'fill-verdigris'} />
      {isOff && (
        <DrawnText
          look="remark"
          x={place.x + LABEL_AT[anchor] * BAR}
          y={mm > 0 ? place.y - 4 : place.y + place.height + 13}
          textAnchor={anchor}
          className="fill-ink"
        >
          {signedMmText(mm).replace(' mm', '')}
        </DrawnText>
      )}
    </g>
  );
}
