import { lazy, useEffect, useState } from 'react';
import { useWork } from '../../state/bench/index.ts';
import { Part } from '../../ui/states/index.ts';

/** The top line of the staff, the distance of its lines, and the nut, px: about where they will be once there is a plan. */
const STAFF_TOP = 112;
const LINE_APART = 10;
const NUT = 402;

/** The length of the string whose semitone lines are drawn, px. */
const STRING = 520;
const SEMITONES = 7;

/** The time after which the line is shown without fingers, ms: most plans are there before. */
const SHOWN_AFTER_MS = 350;

/** The engraver comes with the plan, or earlier where that takes long. */
const LineToPlan = lazy(async () => ({ default: (await import('./score/LineToPlan.tsx')).LineToPlan }));

/** Tells whether some time has gone by since the component was shown. */
function useLater(ms: number): boolean {
  const [isLater, setLater] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLater(true), ms);
    return () => clearTimeout(timer);
  }, [ms]);
  return isLater;
}

/** Shows the five lines of the staff and the ground of the path, still empty, while a plan is made; where that takes long, the notes without fingers. */
export function EmptyScore() {
  const brief = useWork((work) => work.brief);
  const takesLong = useLater(SHOWN_AFTER_MS);
  return (
    <div aria-hidden="true" className="relative mt-1 grid gap-x-5 lg:grid-cols-[minmax(0,1fr)_288px]">
      {takesLong && (
        <div className="absolute top-0 left-0 max-w-full overflow-hidden bg-paper sm:left-32">
          <Part>
            <LineToPlan brief={brief} />
          </Part>
        </div>
      )}
      <svg className="w-full" height={NUT + 40}>
        <g className="stroke-line sm:translate-x-32">
          {Array.from({ length: 5 }, (_, line) => STAFF_TOP + line * LINE_APART).map((y) => (
            <line key={y} x2="100%" y1={y} y2={y} className="stroke-dove-light" />
          ))}
          {Array.from({ length: SEMITONES }, (_, below) => NUT - STRING * (1 - 2 ** (-(below + 1) / 12))).map((y) => (
            <line key={y} x2="100%" y1={y} y2={y} />
          ))}
          <line x2="100%" y1={NUT} y2={NUT} className="stroke-dove" strokeWidth={2} />
        </g>
      </svg>
    </div>
  );
}
