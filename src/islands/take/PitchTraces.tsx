import { mmOfCents } from '#core/intonation';
import type { PitchTrace } from '#core/listening/reading';
import type { NoteMiss } from '#core/listening/report';
import { type Bead, type PathScale, yOfMm } from '../score/index.ts';

interface PitchTracesProps {
  readonly beads: readonly Bead[];
  readonly scale: PathScale;
  readonly misses: readonly NoteMiss[];
  readonly trace: PitchTrace;
  readonly stringLengthMm: number;
}

/** A stopped note whose trace is drawn: from its bead to the next. */
interface Traced {
  readonly bead: Bead;
  readonly miss: NoteMiss;
  /** The x at which the next note begins, px. */
  readonly untilX: number;
}

/** The distance from its aim beyond which the pitch is that of another note, cents: in a note, and on the way of its slide. */
const FURTHEST = { note: 100, slide: 1200 } as const;

/** The time at the end of a note in which the next may be heard already, seconds. */
const END = 0.03;

/** Draws on the path where along the string the finger sounded, from each note to the next: the way of the finger as it was heard. */
export function PitchTraces({ beads, scale, misses, trace, stringLengthMm }: PitchTracesProps) {
  const traced = misses.flatMap((miss): readonly Traced[] => {
    const order = beads.findIndex(({ index, stop }) => index === miss.note && stop === 0);
    const bead = beads[order];
    // A double stop has no one pitch to follow.
    if (!bead || miss.mm === null || miss.heard.again || miss.due.stops.length > 1) return [];
    return [{ bead, miss, untilX: beads.find(({ x }) => x > bead.x)?.x ?? bead.x + LAST_WIDTH }];
  });
  return (
    <g aria-hidden="true">
      {traced.map((one) => (
        <polyline
          key={one.miss.note}
          points={pointsOf(one, { scale, trace, stringLengthMm }).join(' ')}
          className="fill-none stroke-verdigris"
          strokeWidth={1.6}
          strokeLinejoin="round"
        />
      ))}
    </g>
  );
}

/** The width of the last note, px. */
const LAST_WIDTH = 24;

function pointsOf(
  { bead, miss, untilX }: Traced,
  { scale, trace, stringLengthMm }: Pick<PitchTracesProps, 'scale' | 'trace' | 'stringLengthMm'>,
): readonly string[] {
  const { at, until } = miss.heard;
  const aimCents = 1200 * Math.log2((miss.due.hz[0] ?? 440) / 440);
  const slideFrom = miss.heard.arrival ? at - miss.heard.arrival.slideSeconds : at;
  const [first, last] = [Math.ceil(slideFrom / trace.every), Math.floor((until - END) / trace.every)];
  return Array.from({ length: Math.max(0, last - first) }, (_, step) => first + step).flatMap((frame) => {
    const off = (trace.cents[frame] ?? NaN) - aimCents;
    const share = (frame * trace.every - at) / Math.max(trace.every, until - at);
    if (Number.isNaN(off) || Math.abs(off) > (share < 0 ? FURTHEST.slide : FURTHEST.note)) return [];
    const y = yOfMm(scale, miss.stop.mmFromNut + mmOfCents(stringLengthMm, miss.stop.semitonesAboveOpen, off));
    return [`${(bead.x + share * (untilX - bead.x)).toFixed(1)},${y.toFixed(1)}`];
  });
}
