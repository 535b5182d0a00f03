import { useMemo } from 'react';
import type { NoteGroup } from '#core/practice/item';
import { type Engraving, engravingOfPlan, fingerMarks, type Measure } from '#core/notation';
import { noteLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { type Head, layoutStaff, type StaffLayout, systemsOf } from '../../../engraving/index.ts';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { ScoreFrame, StaffMarks, windowOf } from '../../score/index.ts';
import { useWidth } from '../../../ui/use-width.ts';

/** The scales against the desk, of which the largest that fits is taken: it is read from the stand. */
const SCALES = [2.4, 2.1, 1.8, 1.5, 1.3, 1.1] as const;

/** The room below the notes, px; names of strings are left out. */
const UNDER_NOTES = 6;

/** The part that moves is a little higher than the notes may be. */
const LOW = 'max-h-[60dvh] overflow-auto sm:max-h-[44dvh]';
const TALL = 'max-h-[76dvh] overflow-auto';

/** The largest share of the height that the notes take. */
const SHARE_OF_HEIGHT = 0.4;

interface StandStaffProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
  /** The notes whose measures are shown; those in hand where this is left out. */
  readonly shown?: NoteGroup;
  /** The largest scale against the desk; that of the stand where this is left out. */
  readonly largest?: number;
  /** The note that was pointed at. */
  readonly selected?: number | null;
  readonly onSelect?: (note: number) => void;
  /** The largest share of the window's height that the notes take; that of the stand where this is left out. */
  readonly share?: number;
  /** Whether every system is shown, and the page moves; else they move in a part of it. */
  readonly whole?: boolean;
  /** Whether fingers have their numbers. */
  readonly numbers?: boolean;
  /** Whether notes have their names, below. */
  readonly names?: boolean;
}

/** The room for names below the notes, px. */
const NAME_ROW = 18;

/** Shows the notes in hand, large, with their fingers, in as many systems as there is room for. */
export function StandStaff({
  plan,
  group,
  shown = group,
  largest = SCALES[0],
  share = SHARE_OF_HEIGHT,
  selected = null,
  onSelect,
  whole = false,
  numbers = true,
  names = false,
}: StandStaffProps) {
  const [box, width] = useWidth();
  const engraving = useMemo(() => {
    const whole = engravingOfPlan(plan);
    const isMeant = ({ symbols }: Measure): boolean => symbols.some(({ index }) => index >= shown.from && index <= shown.to);
    return { ...whole, measures: whole.measures.filter(isMeant) };
  }, [plan, shown.from, shown.to]);
  const fitting = useMemo(
    () => (width === 0 ? null : fittingIn(engraving, width, { height: window.innerHeight * share, below: names ? NAME_ROW : 0, largest })),
    [engraving, width, names, largest, share],
  );
  return (
    <div
      ref={box}
      className={`min-w-0 ${whole ? 'overflow-x-auto overflow-y-hidden' : share > SHARE_OF_HEIGHT ? TALL : LOW}`}
      role="group"
      tabIndex={0}
      aria-label="The notes"
    >
      {fitting?.systems.map((measures, order) => (
        <System
          key={measures[0]?.number}
          plan={plan}
          engraving={engraving}
          measures={measures}
          first={order === 0}
          scale={fitting.scale}
          available={order + 1 < fitting.systems.length ? width / fitting.scale - 4 : 0}
          group={group}
          selected={selected}
          numbers={numbers}
          names={names}
          {...(onSelect ? { onSelect } : {})}
        />
      ))}
    </div>
  );
}

interface Fitting {
  readonly scale: number;
  readonly systems: readonly (readonly Measure[])[];
}

/** The room for the systems, px: their height, and what stands below each; and the largest scale that is wanted. */
interface Room {
  readonly height: number;
  readonly below: number;
  readonly largest: number;
}

/** Finds the largest scale at which the systems fit; the smallest where none does. */
function fittingIn(engraving: Engraving, width: number, { height, below, largest }: Room): Fitting {
  const at = (scale: number): Fitting => ({ scale, systems: systemsOf(engraving, width / scale) });
  const tall = ({ scale, systems }: Fitting): number =>
    systems.reduce(
      (sum, measures, order) => sum + (heightOf(layoutStaff(engraving, measures, { available: 0, first: order === 0 })) + below) * scale,
      0,
    );
  return (
    SCALES.filter((scale) => scale <= largest)
      .map(at)
      .find((fitting) => tall(fitting) <= height) ?? at(SCALES[SCALES.length - 1] ?? 1)
  );
}

/** Gives the height without the names of positions above and of strings below, px. */
function heightOf({ stringRowY, positionRowY }: StaffLayout): number {
  return stringRowY - UNDER_NOTES - positionRowY;
}

interface SystemProps
  extends Required<Omit<StandStaffProps, 'onSelect' | 'shown' | 'largest' | 'share' | 'whole'>>, Pick<StandStaffProps, 'onSelect'> {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly first: boolean;
  readonly scale: number;
  readonly available: number;
}

function System({ plan, engraving, measures, first, scale, available, group, selected, onSelect, numbers, names }: SystemProps) {
  const layout = useMemo(() => layoutStaff(engraving, measures, { available, first }), [engraving, measures, available, first]);
  const marks = useMemo(() => fingerMarks(plan).map((mark) => (numbers ? mark : null)), [plan, numbers]);
  const { width } = windowOf(layout, { from: 0, to: measures.length });
  // The row over the staff for the names of positions is not needed here.
  const spare = layout.positionRowY;
  const height = heightOf(layout) + (names ? NAME_ROW : 0);
  return (
    <div style={{ height: height * scale }}>
      <div className="relative" style={{ width, transformOrigin: '0 0', transform: `scale(${scale}) translateY(${-spare}px)` }}>
        <ScoreFrame engraving={engraving} measures={measures} layout={layout} first={first} className="overflow-visible">
          {(heads) => (
            <>
              {names && <NameRow plan={plan} heads={heads} y={layout.stringRowY + NAME_ROW - UNDER_NOTES - 6} />}
              <InHand heads={heads} group={group} y={layout.stringRowY - UNDER_NOTES - 3} />
              <StaffMarks
                plan={plan}
                marks={marks}
                heads={heads}
                layout={layout}
                isSystem
                selected={selected}
                fingersOnly
                {...(onSelect ? { onSelect: (note: number) => onSelect(note) } : {})}
              />
            </>
          )}
        </ScoreFrame>
      </div>
    </div>
  );
}

interface NameRowProps {
  readonly plan: Plan;
  readonly heads: readonly Head[];
  readonly y: number;
}

/** Shows the names of the notes, each below its head. */
function NameRow({ plan, heads, y }: NameRowProps) {
  return heads.map((head) => {
    const note = plan.notes[head.index];
    if (note?.kind !== 'note' || head.tiedFromBefore) return null;
    return (
      <DrawnText
        key={`${head.index} ${head.x}`}
        x={head.x}
        y={y}
        textAnchor="middle"
        look="position"
        className="fill-ink"
        data-name={head.index}
      >
        {note.stops.map(({ written }) => noteLabel(written)).join('+')}
      </DrawnText>
    );
  });
}

interface InHandProps {
  readonly heads: readonly Head[];
  readonly group: NoteGroup;
  readonly y: number;
}

/** Draws a line under the notes in hand, where their measures have others too. */
function InHand({ heads, group, y }: InHandProps) {
  const meant = heads.filter(({ index }) => index >= group.from && index <= group.to);
  const [first, last] = [meant[0], meant.at(-1)];
  if (!first || !last || meant.length === heads.length) return null;
  return <line x1={first.left - 3} x2={last.right + 3} y1={y} y2={y} strokeWidth={3} className="stroke-ink" />;
}
