/** The top line of the staff, the distance of its lines, and the nut, px: about where they will be once there is a plan. */
const STAFF_TOP = 112;
const LINE_APART = 10;
const NUT = 402;

/** The length of the string whose semitone lines are drawn, px. */
const STRING = 520;
const SEMITONES = 7;

/** Shows the five lines of the staff and the ground of the path, still empty, while a plan is made. */
export function EmptyScore() {
  return (
    <div aria-hidden="true" className="mt-1 grid gap-x-5 lg:grid-cols-[minmax(0,1fr)_288px]">
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
