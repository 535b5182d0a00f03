import { mmOfCents } from '#core/intonation';
import type { PitchTrace } from '#core/listening/reading';
import type { NoteMiss } from '#core/listening/report';
import { type Bead, type PathScale, yOfMm } from '../../path/index.ts';

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
    const bead = beads.find(({ index, stop }) => index === miss.note && stop === miss.due.stops.indexOf(miss.stop));
    if (!bead || miss.mm === null || miss.heard.again) return [];
    return [{ bead, miss, untilX: beads.find(({ x }) => x > bead.x)?.x ?? bead.x + LAST_WIDTH }];
  });
  return (
    <g aria-hidden="true">
      {traced.map((one) => (
        <polyline
          key={`${one.miss.note} ${one.bead.stop}`}
          points={pointsOf(one, { scale, stringLengthMm, heard: pitchesOf(one.miss, trace) }).join(' ')}
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

/** A pitch at a moment of a take. */
interface HeardPitch {
  /** The moment, seconds from the beginning of the take. */
  readonly at: number;
  /** The distance from the aim, cents. */
  readonly off: number;
}

/** Lists the pitches of a note over time: of a double stop those of its own voice, of a single note with the slide into it. */
function pitchesOf({ heard, due, voice }: NoteMiss, trace: PitchTrace): readonly HeardPitch[] {
  const { at, until, arrival } = heard;
  if (due.stops.length > 1) return (voice.track?.times ?? []).map((time, part) => ({ at: time, off: voice.track?.cents[part] ?? 0 }));
  const aimCents = 1200 * Math.log2((due.hz[0] ?? 440) / 440);
  const slideFrom = arrival ? at - arrival.slideSeconds : at;
  const [first, last] = [Math.ceil(slideFrom / trace.every), Math.floor((until - END) / trace.every)];
  return Array.from({ length: Math.max(0, last - first) }, (_, step) => first + step).map((frame) => ({
    at: frame * trace.every,
    off: (trace.cents[frame] ?? NaN) - aimCents,
  }));
}

interface Drawing extends Pick<PitchTracesProps, 'scale' | 'stringLengthMm'> {
  readonly heard: readonly HeardPitch[];
}

function pointsOf({ bead, miss, untilX }: Traced, { scale, stringLengthMm, heard }: Drawing): readonly string[] {
  const { at: from, until } = miss.heard;
  return heard.flatMap(({ at, off }) => {
    const share = (at - from) / Math.max(0.01, until - from);
    if (Number.isNaN(off) || Math.abs(off) > (share < 0 ? FURTHEST.slide : FURTHEST.note)) return [];
    const y = yOfMm(scale, miss.stop.mmFromNut + mmOfCents(stringLengthMm, miss.stop.semitonesAboveOpen, off));
    return [`${(bead.x + share * (untilX - bead.x)).toFixed(1)},${y.toFixed(1)}`];
  });
}
