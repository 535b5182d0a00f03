/** Where the lines of the staff and the nut stand in the drawing below, px, about as they will once there is a plan. */
const STAFF_TOP = 112;
const LINE_APART = 10;
const NUT = 402;
const SEMITONES_FROM_NUT = [16, 48, 78, 106, 132, 157, 180];

/** Five lines and the ground of the path, with nothing on them yet: what is seen while a plan is made. */
export function EmptyScore() {
  return (
    <div aria-hidden="true" className="mt-1 grid gap-x-5 lg:grid-cols-[minmax(0,1fr)_288px]">
      <svg className="w-full" height={NUT + 40}>
        <g className="stroke-line sm:translate-x-32">
          {Array.from({ length: 5 }, (_, line) => STAFF_TOP + line * LINE_APART).map((y) => (
            <line key={y} x2="100%" y1={y} y2={y} className="stroke-dove-light" />
          ))}
          {SEMITONES_FROM_NUT.map((height) => (
            <line key={height} x2="100%" y1={NUT - height} y2={NUT - height} />
          ))}
          <line x2="100%" y1={NUT} y2={NUT} className="stroke-dove" strokeWidth={2} />
        </g>
      </svg>
    </div>
  );
}
