/** Where the lines of the staff and the nut stand in the drawing below, px, about as they will once there is a plan. */
const STAFF_TOP = 112;
const LINE_APART = 10;
const NUT = 402;

/** A string as long as this, px, has its semitones where the ground of a path has them. */
const STRING = 520;
const SEMITONES = 7;

/** Five lines and the ground of the path, with nothing on them yet: what is seen while a plan is made. */
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
