import type { ShiftApart } from '#core/drill/apart';
import { mmFromNut } from '#core/instrument/geometry';
import { pitchLabel } from '#core/pitch';
import type { InBetweenNote, Plan, Stay } from '#core/plan/describe';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { mmText } from '../../words/plan-words.ts';

const WIDTH = 420;
const HEIGHT = 300;

/** The x of the hand before, passing, and arriving; px. */
const COLUMNS = { before: 110, between: 215, after: 320 } as const;

/** The room above and below the part the hand covers, mm. */
const ROOM_MM = 14;

/** A function that gives the y of a place on the string, px. */
type YOf = (mm: number) => number;

/** Draws one shift close up: the hand before, on the way and after, along the string in true millimetres; the nut is at the bottom. */
export function HandCloseUp({ plan, apart }: { readonly plan: Plan; readonly apart: ShiftApart }) {
  const { shift, from, to } = apart;
  const [before, after] = [stayAt(plan, shift.from), stayAt(plan, shift.to)];
  if (!before || !after) return null;
  const [firstFrom, firstTo] = shift.firstFingerMm;
  const lowest = Math.max(0, Math.min(before.lowestMm, after.lowestMm) - ROOM_MM);
  const highest = Math.max(before.highestMm, after.highestMm) + ROOM_MM;
  const yOf: YOf = (mm) => HEIGHT - 24 - ((mm - lowest) / (highest - lowest)) * (HEIGHT - 48);
  const label = `The hand goes ${mmText(shift.handMm)} ${shift.handSemitones > 0 ? 'up' : 'down'} the string, from ${noteOf(from)} with ${shift.fromFinger} to ${noteOf(to)} with ${shift.toFinger}`;
  return (
    <svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="max-w-full">
      {semitonesBetween(plan, lowest, highest).map((mm) => (
        <line key={mm} x1={62} x2={WIDTH - 8} y1={yOf(mm)} y2={yOf(mm)} className="stroke-line" />
      ))}
      <Hand stay={before} x={COLUMNS.before} yOf={yOf} name="before" />
      <Hand stay={after} x={COLUMNS.after} yOf={yOf} name="after" />
      <WayOfHand apart={apart} yOf={yOf} firstFrom={yOf(firstFrom)} firstTo={yOf(firstTo)} />
      <FirstFinger y={yOf(firstFrom)} x={COLUMNS.before} playing={shift.fromFinger === '1'} />
      <FirstFinger y={yOf(firstTo)} x={COLUMNS.after} playing={shift.toFinger === '1'} />
      <Finger x={COLUMNS.before} y={yOf(from.stops[0].mmFromNut)} finger={shift.fromFinger} />
      <Finger x={COLUMNS.after} y={yOf(to.stops[0].mmFromNut)} finger={shift.toFinger} />
      <NoteName y={yOf(from.stops[0].mmFromNut)} x={COLUMNS.before - 46} name={noteOf(from)} />
      <NoteName y={yOf(to.stops[0].mmFromNut)} x={COLUMNS.after + 46} name={noteOf(to)} />
    </svg>
  );
}

interface HandProps {
  readonly stay: Stay;
  readonly x: number;
  readonly yOf: YOf;
  readonly name: string;
}

function Hand({ stay, x, yOf, name }: HandProps) {
  const top = yOf(stay.highestMm) - 12;
  return (
    <>
      <rect x={x - 26} width={52} y={top} height={yOf(stay.lowestMm) + 12 - top} rx={6} className="fill-band" />
      <DrawnText x={x} y={HEIGHT - 6} textAnchor="middle" look="position" className="fill-dove-dark">
        {name}
      </DrawnText>
    </>
  );
}

interface WayOfHandProps {
  readonly apart: ShiftApart;
  readonly yOf: YOf;
  readonly firstFrom: number;
  readonly firstTo: number;
}

/** Draws the way of the finger that is heard, the note it passes, and the way of finger 1, dotted. */
function WayOfHand({ apart, yOf, firstFrom, firstTo }: WayOfHandProps) {
  const { start, end, passed } = slideOf(apart, yOf);
  const middle = (start.x + end.x) / 2;
  return (
    <>
      <path
        d={`M${COLUMNS.before} ${firstFrom}L${COLUMNS.after} ${firstTo}`}
        className="fill-none stroke-dove"
        strokeDasharray="2 4"
        strokeWidth={1.5}
      />
      <path
        d={`M${start.x} ${start.y}C${middle} ${start.y} ${middle} ${end.y} ${end.x} ${end.y}`}
        className="fill-none stroke-madder"
        strokeWidth={2.4}
      />
      {passed && (
        <>
          <path d={`M${passed.x} ${passed.y}l6 -6l6 6l-6 6Z`} className="fill-paper stroke-madder" strokeWidth={1.6} />
          <DrawnText x={passed.x + 6} y={passed.y - 11} textAnchor="middle" look="remark" className="fill-madder">
            {pitchLabel(passed.note.written)}, {passed.note.finger}
          </DrawnText>
        </>
      )}
    </>
  );
}

/** A point of the drawing, px. */
interface Point {
  readonly x: number;
  readonly y: number;
}

interface Slide {
  readonly start: Point;
  readonly end: Point;
  /** The note that is passed, and its place in the drawing; null where none is. */
  readonly passed: (Point & { readonly note: InBetweenNote }) | null;
}

/** Finds the way of the finger that is heard: an arriving finger slides in from the note between, any other guide comes to it. */
function slideOf({ shift, from, to }: ShiftApart, yOf: YOf): Slide {
  const [guide] = shift.guides;
  const left = { x: COLUMNS.before + 12, y: yOf(from.stops[0].mmFromNut) };
  const reached = { x: COLUMNS.after - 12, y: yOf(to.stops[0].mmFromNut) };
  const note = guide?.inBetween;
  if (!note) return { start: left, end: reached, passed: null };
  const slidesIn = guide.kind === 'new-finger';
  const passed = { x: slidesIn ? COLUMNS.before + 44 : COLUMNS.between + 22, y: yOf(note.mmFromNut), note };
  return slidesIn ? { start: { x: passed.x + 12, y: passed.y }, end: reached, passed } : { start: left, end: passed, passed };
}

interface FirstFingerProps {
  readonly x: number;
  readonly y: number;
  /** Whether it plays, so that its bead is drawn already. */
  readonly playing: boolean;
}

function FirstFinger({ x, y, playing }: FirstFingerProps) {
  if (playing) return null;
  return (
    <>
      <circle cx={x} cy={y} r={9} className="fill-paper stroke-dove" strokeWidth={1.4} strokeDasharray="2 2" />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className="fill-dove-dark">
        1
      </DrawnText>
    </>
  );
}

function Finger({ x, y, finger }: { readonly x: number; readonly y: number; readonly finger: string }) {
  return (
    <>
      <circle cx={x} cy={y} r={10} className="fill-ink stroke-ink" />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className="fill-paper">
        {finger}
      </DrawnText>
    </>
  );
}

function NoteName({ x, y, name }: { readonly x: number; readonly y: number; readonly name: string }) {
  return (
    <DrawnText x={x} y={y + 5} textAnchor="middle" look="finger" className="fill-ink">
      {name}
    </DrawnText>
  );
}

function noteOf(note: ShiftApart['from']): string {
  return pitchLabel(note.stops[0].written);
}

function stayAt({ stays }: Plan, index: number): Stay | undefined {
  return stays.find(({ from, to }) => index >= from && index <= to);
}

/** Lists the places of whole semitones in a part of the string, mm. */
function semitonesBetween({ stringLengthMm }: Plan, lowest: number, highest: number): readonly number[] {
  return Array.from({ length: 48 }, (_, semitone) => mmFromNut(stringLengthMm, semitone)).filter((mm) => mm >= lowest && mm <= highest);
}
