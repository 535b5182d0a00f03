import type { HandsEvent } from '#core/drill/apart';
import type { InstrumentKind } from '#core/instrument';
import { Heading } from '../../ui/Heading.tsx';
import { handsText, LANE_WORDS } from '../../words/drills/hands.ts';

interface HandsTimelineProps {
  readonly hands: readonly HandsEvent[];
  readonly kind: InstrumentKind;
  /** The length of the note that is left, seconds; null without a tempo. */
  readonly seconds: number | null;
}

/** The ends of the axis: late in the note that is left, and when the weight is back. */
const AXIS = { from: 0.4, to: 1.2 } as const;

/** Shows the acts of both hands, in the order of time, each with its place on one time axis. */
export function HandsTimeline({ hands, kind, seconds }: HandsTimelineProps) {
  const inTime = hands.toSorted((one, other) => one.from - other.from || one.to - other.to);
  const begin = Math.min(AXIS.from, ...hands.filter(({ lane }) => lane !== 'bow').map(({ from }) => from));
  const share = (at: number): number => (100 * (Math.max(begin, Math.min(AXIS.to, at)) - begin)) / (AXIS.to - begin);
  return (
    <section aria-label="Both hands in time" className="mt-5">
      <Heading as="h3">Both hands in time</Heading>
      <p className="text-[14px] text-dove-dark">
        From the end of the note that is left{seconds === null ? '' : ` (${seconds.toFixed(2)} s)`} to the weight on the new finger; the
        line is the arrival.
      </p>
      <ol className="mt-2 grid gap-1 text-[15px] leading-snug">
        {inTime.map((event) => (
          <li key={`${event.lane} ${event.what} ${event.from}`} className="grid items-center gap-x-4 sm:grid-cols-[6.5rem_15rem_1fr]">
            <span className="text-dove-dark">{LANE_WORDS[event.lane]}</span>
            <span aria-hidden="true" className="relative hidden h-4 border-b border-line sm:block">
              <span
                className={`absolute top-1 h-2 rounded-full ${event.lane === 'hand' || event.what === 'passes' ? 'bg-madder' : 'bg-dove'}`}
                style={{ left: `${share(event.from)}%`, width: `max(5px, ${share(event.to) - share(event.from)}%)` }}
              />
              <span className="absolute top-0 h-4 w-px bg-ink" style={{ left: `${share(1)}%` }} />
            </span>
            <span>{handsText(event, kind)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
