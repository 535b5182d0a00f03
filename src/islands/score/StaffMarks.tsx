import type { Bow } from '#core/bow';
import { semitoneStepAt } from '#core/fit';
import { positionMark, positionShort } from '#core/messages';
import { fingerMark, type FingerMark } from '#core/notation';
import type { PositionName } from '#core/hand';
import type { Plan } from '#core/plan/describe';
import {
  ARTICULATION_REACH,
  articulationY,
  type Curve,
  curvePath,
  curvesOf,
  curveYAt,
  type DrawnTuplet,
  type Head,
  ORNAMENT_ROW,
  slideLinesOf,
  type StaffLayout,
  systemEnds,
  tupletsOf,
  writtenMarks,
  type WrittenMarks,
} from '../../engraving/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { AccentSign, ArticulationSign } from './HeadSigns.tsx';
import { NAME_LETTER, nameThatFits } from './geometry/names-that-fit.ts';

interface StaffMarksProps {
  readonly plan: Plan;
  readonly marks: readonly (FingerMark | null)[];
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
  /** Whether the notes are a system of a page: slurs and ties go on over its ends. */
  readonly isSystem?: boolean;
  /** The line index of the selected note. */
  readonly selected: number | null;
  /** The bows that show their signs; those the teacher wrote stand anyway. */
  readonly bows?: readonly Bow[] | undefined;
  /** Whether it is for the stand: larger fingers, without the names of positions and strings. */
  readonly fingersOnly?: boolean;
  /** Selects a note; `extend` selects the passage from the note selected before. */
  readonly onSelect?: (index: number, extend: boolean) => void;
}

/** Lists the notes to which a finger is heard or seen sliding: expressive shifts, and semitone steps with one finger. */
function slidingTo(plan: Plan): ReadonlySet<number> {
  const steps = plan.notes.flatMap((_, index) => (semitoneStepAt(plan, index)?.by === 'slide' ? [index] : []));
  return new Set([...plan.shifts.filter(({ expressive }) => expressive).map(({ to }) => to), ...steps]);
}

/** Draws the signs on and around the engraved notes: slurs and ties, fingers, strings, positions. */
export function StaffMarks({
  plan,
  marks,
  heads,
  layout,
  isSystem = false,
  selected,
  bows,
  fingersOnly = false,
  onSelect,
}: StaffMarksProps) {
  const curves = curvesOf(heads, isSystem ? systemEnds(layout) : null);
  const begins = heads.filter((head) => startsStay(plan, head)).map((head) => head.x);
  const written = writtenMarks(plan.brief, bows);
  const marked = heads.filter((head) => !head.rest && !head.tiedFromBefore);
  return (
    <g className="on-staff">
      {curves.map((curve) => (
        <path key={`${curve.kind} ${curve.fromX}`} d={curvePath(curve)} className="fill-ink" />
      ))}
      {slideLinesOf(heads, slidingTo(plan)).map(({ to, fromX, fromY, toX, toY }) => (
        <line key={to} data-slide={to} x1={fromX} y1={fromY} x2={toX} y2={toY} strokeWidth={1.2} className="stroke-ink" />
      ))}
      {octaveLinesOf(heads).map(({ from, to }) => (
        <OctaveLine key={from} from={from} to={to} y={layout.octaveRowY} />
      ))}
      {tupletsOf(heads, layout).map((tuplet) => (
        <TupletSign key={`tuplet ${tuplet.left}`} {...tuplet} />
      ))}
      {marked.map((head) => (
        <NoteMarks
          key={head.index}
          head={head}
          plan={plan}
          mark={marks[head.index] ?? null}
          layout={layout}
          curves={curves}
          written={written}
          selected={selected === head.index}
          fingersOnly={fingersOnly}
          room={Math.min(...begins.filter((x) => x > head.x), Infinity) - head.x}
        />
      ))}
      {onSelect &&
        marked.map((head) => (
          <rect
            key={head.index}
            x={head.x - 12}
            y={layout.positionRowY + 8}
            width={24}
            height={layout.height - layout.positionRowY - 8}
            className="cursor-pointer fill-transparent"
            data-staff-note={head.index}
            data-head-x={head.x}
            onClick={(event) => onSelect(head.index, event.shiftKey)}
          />
        ))}
    </g>
  );
}

/** Finds runs of heads under one octave line, from the first to the last, px. */
function octaveLinesOf(heads: readonly Head[]): readonly { readonly from: number; readonly to: number }[] {
  const lines: { from: number; to: number }[] = [];
  for (const [order, head] of heads.entries()) {
    const last = lines[lines.length - 1];
    if (!head.octaveLine) continue;
    if (last && heads[order - 1]?.octaveLine === true) last.to = head.right;
    else lines.push({ from: head.left, to: head.right });
  }
  return lines;
}

function OctaveLine({ from, to, y }: { readonly from: number; readonly to: number; readonly y: number }) {
  return (
    <g data-octave-line>
      <DrawnText x={from - 4} y={y} look="position" className="fill-ink">
        8va
      </DrawnText>
      <path d={`M${from + 22} ${y - 4}H${to + 4}v7`} className="fill-none stroke-ink" strokeDasharray="4 3" />
    </g>
  );
}

/** Draws the number of a tuplet below its notes, in a bracket where they share no beam. */
function TupletSign({ notes, left, right, y, bracketed }: DrawnTuplet) {
  const middle = (left + right) / 2;
  return (
    <g data-tuplet={notes}>
      {bracketed && <path d={`M${left} ${y - 9}v5H${middle - 7}M${middle + 7} ${y - 4}H${right}v-5`} className="fill-none stroke-ink" />}
      <DrawnText x={middle} y={y} textAnchor="middle" look="position" className="fill-ink">
        {notes}
      </DrawnText>
    </g>
  );
}

function startsStay(plan: Plan, head: Head): boolean {
  const note = plan.notes[head.index];
  return !head.rest && !head.tiedFromBefore && note?.kind === 'note' && note.beginsStay;
}

interface NoteMarksProps {
  readonly head: Head;
  readonly plan: Plan;
  readonly mark: FingerMark | null;
  readonly layout: StaffLayout;
  readonly curves: readonly Curve[];
  readonly written: WrittenMarks;
  readonly selected: boolean;
  readonly fingersOnly: boolean;
  /** The room until the next position is named, px. */
  readonly room: number;
}

function NoteMarks({ head, plan, mark, layout, curves, written, selected, fingersOnly, room }: NoteMarksProps) {
  const note = plan.notes[head.index];
  if (!mark || note?.kind !== 'note') return null;
  const y = fingerY(head, layout, curves);
  const look = FINGERS[fingersOnly ? 'stand' : 'desk'];
  return (
    <>
      {selected && <rect x={head.x - 12} y={y - 15} width={24} height={head.y - y + 22} rx={4} className="fill-dove/20" />}
      <FingerText x={head.x} y={y} mark={mark} look={look.finger} />
      {mark.ornament && <OrnamentSign head={head} y={y - look.height} ornament={mark.ornament} />}
      <Written head={head} written={written} fingerTopY={y - look.height - (mark.ornament ? ORNAMENT_ROW : 0)} cueRowY={layout.cueRowY} />
      <ArticulationSign head={head} layout={layout} />
      <AccentSign head={head} layout={layout} />
      {!fingersOnly && (
        <PlaceMarks head={head} layout={layout} room={room} string={mark.string} position={note.beginsStay ? note.position : null} />
      )}
    </>
  );
}

interface FingerTextProps {
  readonly x: number;
  readonly y: number;
  readonly mark: FingerMark;
  readonly look: (typeof FINGERS)[keyof typeof FINGERS]['finger'];
}

/** Writes a finger: small where it only reminds, in red where the hand has shifted. */
function FingerText({ x, y, mark, look }: FingerTextProps) {
  return (
    <DrawnText x={x} y={y} textAnchor="middle" look={mark.small ? 'small' : look} className={mark.shifted ? 'fill-madder' : 'fill-ink'}>
      {fingerMark(mark)}
    </DrawnText>
  );
}

interface PlaceMarksProps extends Pick<NoteMarksProps, 'head' | 'layout' | 'room'> {
  /** The number of the string; null where it stays as it was. */
  readonly string: string | null;
  /** The position that begins with this note; null where none does. */
  readonly position: PositionName | null;
}

/** Names the string and the position of a note, where they begin. */
function PlaceMarks({ head, layout, room, string, position }: PlaceMarksProps) {
  const name = position && nameThatFits([positionMark(position), positionShort(position)], room);
  return (
    <>
      {string !== null && (
        <DrawnText x={head.x} y={layout.stringRowY} textAnchor="middle" look="string" className="fill-dove-dark">
          {string}
        </DrawnText>
      )}
      {name !== null && <PositionMark name={name} x={head.x - 6} layout={layout} />}
    </>
  );
}

/** The sizes of fingers, and the distance above their foot at which signs over them begin, px. */
const FINGERS = { desk: { finger: 'finger', height: 14 }, stand: { finger: 'finger-on-stand', height: 18 } } as const;

/** The signs of a music font for ornaments, and for the accidentals at them. */
const ORNAMENT_SIGNS = { trill: '\uE566', mordent: '\uE56D', 'upper-mordent': '\uE56C' } as const;
const SIGNS = { flat: '♭', natural: '♮', sharp: '♯' } as const;

interface OrnamentSignProps {
  readonly head: Head;
  readonly y: number;
  readonly ornament: NonNullable<FingerMark['ornament']>;
}

/** Draws the ornament over the finger of the note, with the accidental at it and the finger that plays its other note. */
function OrnamentSign({ head, y, ornament }: OrnamentSignProps) {
  return (
    <g data-ornament={head.index}>
      <DrawnText x={head.x - 3} y={y} textAnchor="middle" look="sign" className="fill-ink">
        {ORNAMENT_SIGNS[ornament.kind]}
      </DrawnText>
      <DrawnText x={head.x + 8} y={y} look="small" className="fill-ink">
        {ornament.sign && SIGNS[ornament.sign]}
        {ornament.finger}
      </DrawnText>
    </g>
  );
}

interface PositionMarkProps {
  readonly name: string;
  readonly x: number;
  readonly layout: StaffLayout;
}

/** Draws the name of a position over the note where it begins; at the end of a staff it ends with the staff. */
function PositionMark({ name, x, layout }: PositionMarkProps) {
  const right = layout.offsets[layout.offsets.length - 1] ?? 0;
  const fits = x + name.length * NAME_LETTER <= right;
  return (
    <DrawnText x={fits ? x : right} y={layout.positionRowY} textAnchor={fits ? 'start' : 'end'} look="position" className="fill-dove-dark">
      {name}
    </DrawnText>
  );
}

/** The signs of a music font for the bow. */
const BOW_SIGNS = { down: '\uE610', up: '\uE612' } as const;

interface WrittenProps {
  readonly head: Head;
  readonly written: WrittenMarks;
  readonly fingerTopY: number;
  readonly cueRowY: number;
}

/** Draws what the teacher wrote at a note: the bow over the finger, cue and the letter of a remark below the strings. */
function Written({ head, written, fingerTopY, cueRowY }: WrittenProps) {
  const mark = written.at.get(head.index);
  if (!mark) return null;
  const letter = written.letters.get(head.index);
  return (
    <>
      {mark.bow !== undefined && (
        <DrawnText x={head.x} y={fingerTopY - 2} textAnchor="middle" look="sign" className="fill-ink" data-bow={mark.bow}>
          {BOW_SIGNS[mark.bow]}
        </DrawnText>
      )}
      {(mark.cue !== undefined || letter !== undefined) && (
        <DrawnText x={head.x - 6} y={cueRowY} look="position" className="fill-ink" data-cue={head.index}>
          {mark.cue}
          {letter !== undefined && <tspan className="font-semibold">{` ${letter})`}</tspan>}
        </DrawnText>
      )}
    </>
  );
}

/** Half the width of a finger mark, px. */
const HALF_MARK = 8;

/** Gives the y of a number: in its row, or higher where head, stem or slur come up to it. */
function fingerY(head: Head, layout: StaffLayout, curves: readonly Curve[]): number {
  const near = [head.x - HALF_MARK, head.x, head.x + HALF_MARK];
  const over = curves
    .filter((curve) => curve.above)
    .flatMap((curve) => near.filter((x) => x >= curve.fromX && x <= curve.toX).map((x) => curveYAt(curve, x)));
  const top =
    head.articulation && !head.stemUp
      ? Math.min(head.top, articulationY(head, layout.staffTopY) - ARTICULATION_REACH[head.articulation])
      : head.top;
  return Math.min(layout.fingerRowY, top - (head.accidental ? 13 : 5), ...over.map((y) => y - 4));
}
