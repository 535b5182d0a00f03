import { Rows4 } from '../../../ui/icons.ts';
import { lazy, type PointerEvent, useMemo, useState } from 'react';
import { Part } from '../../../ui/states/index.ts';
import { type Engraving, engravingOfPlan, fingerMarks } from '#core/notation';
import type { BowPlan } from '#core/bow';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { type Head, layoutStaff, type StaffLayout } from '../../../engraving/index.ts';
import { overlaidOf, usePlanning } from '../../../state/planning.ts';
import { select, selectTo, passageOf, useSelection } from '../../../state/selection.ts';
import { useSound } from '../../../state/sound/index.ts';
import { useEntering } from '../../../state/entering.ts';
import { showUnderStaff, useUnderStaff } from '../../../state/under-staff.ts';
import { useWork } from '../../../state/bench/index.ts';
import { UNDER_STAFF_WORDS } from '../../../words/hand/under-staff.ts';
import { noteText } from '../../../words/plan-words.ts';
import {
  Fingerboard,
  FINGERBOARD_WIDTH,
  measuresInView,
  onPaper,
  PathDrawing,
  type PathNotes,
  ScoreFrame,
  ScoreWindow,
  SemitoneLines,
  StaffMarks,
  useKeepInView,
  useScroller,
  windowOf,
} from '../../score/index.ts';
import { type Bead, beadsOf, type PathLabel, pathScale, type PathScale } from '../../../path/index.ts';
import { useBowPlan } from '../../score/under-staff/index.ts';
import { rowsOf } from '../../../under-staff/index.ts';
import { Opening } from '../../../ui/Opening.tsx';
import { DragTargets } from './DragTargets.tsx';
import { useBeadDrag } from './use-bead-drag.ts';
import { usePathHeight } from './use-path-height.ts';

/**
 * Tells whether the brief has moved on to one that cannot be planned. Only that redraws the score: a new brief by itself changes nothing of
 * it.
 */
function useStale(): boolean {
  const plannedBrief = usePlanning((planning) => planning.plannedBrief);
  const unplanned = usePlanning(({ issues, relaxed }) => issues.length > 0 && relaxed === null);
  return useWork(({ brief }) => unplanned && brief !== plannedBrief);
}

interface ScoreProps {
  readonly plan: Plan;
  readonly notes: PathNotes;
}

/** Draws staff and path over one another on the same x, and the fingerboard beside the path on the same y. */
export function Score({ plan, notes }: ScoreProps) {
  const selected = useSelection((selection) => selection.selected);
  const playing = useSound((sound) => sound.note);
  const stale = useStale();
  const over = usePlanning(overlaidOf)?.plan ?? null;
  const engraving = engravingFor(plan);
  const under = useUnderStaff();
  const { scroller, width, left, onScroll } = useScroller();
  const layout = useMemo(
    () => layoutStaff(engraving, engraving.measures, { available: width - 4, first: true, written: rowsOf(plan, under) }),
    [plan, engraving, width, under],
  );
  const { place, pathHeight } = usePathHeight(layout.height);
  const scale = useMemo(() => pathScale(plan, pathHeight, over), [plan, pathHeight, over]);
  const range = measuresInView(layout, left, width);
  useKeepInView(scroller, engraving, layout, playing ?? selected);
  const sound = soundAt(plan, playing ?? selected);
  const view = windowOf(layout, range);
  const [asked, ask] = useState<AskedOf | null>(null);
  return (
    <section
      ref={place}
      aria-label="Staff and path"
      className={`to-paper flex ${stale ? 'opacity-60' : ''}`}
      style={{ '--on-paper': onPaper(layout) }}
    >
      <Announcement sound={sound} playing={playing !== null} />
      <Beside plan={plan} scale={scale} sound={sound} top={layout.height} />
      <ScoreWindow
        label="Staff and path of the hand; arrow keys go from note to note"
        into={scroller}
        onScroll={onScroll}
        layout={layout}
        view={view}
        height={layout.height + pathHeight}
      >
        <ScoreFrame
          engraving={engraving}
          measures={engraving.measures}
          layout={layout}
          range={range}
          first
          height={layout.height + scale.height}
          className="select-none"
          testId="overlay"
        >
          {(heads) => <Overlay {...{ plan, notes, engraving, heads, layout, scale }} {...view} onAsk={ask} />}
        </ScoreFrame>
        {asked && (
          <Part>
            <AskedLabel plan={plan} {...asked} onClose={() => ask(null)} />
          </Part>
        )}
      </ScoreWindow>
    </section>
  );
}

interface BesideProps {
  readonly plan: Plan;
  readonly scale: PathScale;
  readonly sound: PlannedSound | null;
  /** The height of the staff, px: the fingerboard begins below it, where the path does. */
  readonly top: number;
}

/** Shows the fingerboard beside the path, and above it the choice of what stands under the staff. */
function Beside({ plan, scale, sound, top }: BesideProps) {
  return (
    <div style={{ width: FINGERBOARD_WIDTH, paddingTop: top }} className="relative shrink-0 max-sm:hidden">
      <div className="no-print absolute top-1 left-0 flex flex-col items-start gap-1">
        <Opening label="Under the staff" icon={Rows4} Content={UnderStaffMenu} />
        <RowToggles />
      </div>
      <Fingerboard plan={plan} scale={scale} selected={sound} />
    </div>
  );
}

/** The rows under the staff, each with its name: beside the place where they stand. */
const ROWS = [
  ['bow', 'Bow'],
  ['fingers', 'Fingers'],
  ['steps', 'Steps'],
] as const;

/** Shows and hides the rows under the staff. */
function RowToggles() {
  const under = useUnderStaff();
  return ROWS.map(([row, name]) => (
    <button
      key={row}
      type="button"
      aria-pressed={under[row]}
      aria-label={`Show ${name}`}
      title={UNDER_STAFF_WORDS[row]}
      className="min-h-6 min-w-16 border-l-2 border-dove-light px-1.5 text-left text-[13px] text-dove-dark hover:bg-paper-deep aria-pressed:border-ink aria-pressed:text-ink"
      onClick={() => showUnderStaff({ [row]: !under[row] })}
    >
      {name}
    </button>
  ));
}

/** A long line is drawn in small steps and may be started over several times, so its engraving is kept. */
const engravings = new WeakMap<Plan, Engraving>();

function engravingFor(plan: Plan): Engraving {
  const engraving = engravings.get(plan) ?? engravingOfPlan(plan);
  engravings.set(plan, engraving);
  return engraving;
}

/** Gives the note at an index; null for none, and for a rest. */
function soundAt({ notes }: Plan, index: number | null): PlannedSound | null {
  const note = notes[index ?? -1];
  return note?.kind === 'note' ? note : null;
}

/** Announces the selection to a screen reader; while the line sounds, only the line. */
function Announcement({ sound, playing }: { readonly sound: PlannedSound | null; readonly playing: boolean }) {
  const words = sound ? `Selected: ${noteText(sound)}` : 'No note selected. Press the right arrow for the first note.';
  return (
    <p className="sr-only" aria-live="polite">
      {playing ? '' : words}
    </p>
  );
}

interface OverlayProps extends ScoreProps {
  readonly engraving: Engraving;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
  readonly scale: PathScale;
  readonly left: number;
  readonly width: number;
  readonly onAsk: (asked: AskedOf) => void;
}

/** Draws everything over the engraved staff, and the path below it. */
function Overlay({ plan, notes, engraving, heads, layout, scale, left, width, onAsk }: OverlayProps) {
  const selected = useSelection((selection) => selection.selected);
  const playing = useSound((sound) => sound.note);
  const overlaid = usePlanning(overlaidOf);
  const beads = beadsOf(plan, heads, scale);
  const over = overlaid && { plan: overlaid.plan, beads: beadsOf(overlaid.plan, heads, scale), differsAt: overlaid.differsAt };
  const { drag, grab, dragged } = useBeadDrag(plan, scale);
  const pick = (index: number, extend: boolean): void => {
    if (dragged()) return;
    if (extend) selectTo(index);
    else select(index);
  };
  const grabBead = (bead: Bead, event: PointerEvent<SVGGElement>): void => grab(bead, event);
  return (
    <>
      <PassageShade heads={heads} height={layout.height + scale.nutY} />
      <OnStaff {...{ plan, engraving, heads, layout, left, width }} onSelect={pick} />
      <PlayCursor heads={heads} note={playing} height={layout.height + scale.nutY} />
      <g transform={`translate(0 ${layout.height})`} data-px-per-mm={scale.pxPerMm} data-nut-y={scale.nutY}>
        <SemitoneLines plan={plan} scale={scale} from={left} to={left + width} />
        <PathDrawing
          plan={plan}
          beads={beads}
          scale={scale}
          left={left}
          selected={selected}
          notes={notes}
          over={over}
          onSelect={pick}
          onGrab={grabBead}
          onAsk={(label, at) => onAsk({ label, at })}
        />
        {drag && <DragTargets drag={drag} />}
      </g>
    </>
  );
}

type OnStaffProps = Pick<OverlayProps, 'plan' | 'engraving' | 'heads' | 'layout' | 'left' | 'width'> & {
  readonly onSelect: (index: number, extend: boolean) => void;
};

/** Draws everything on, over and under the staff, and where it can be written on. */
function OnStaff({ plan, engraving, heads, layout, left, width, onSelect }: OnStaffProps) {
  const selected = useSelection((selection) => selection.selected);
  const { clicking } = useEntering();
  const bow = useBowPlan(plan, useUnderStaff().bow);
  const marks = useMemo(() => fingerMarks(plan), [plan]);
  return (
    <>
      <StaffMarks plan={plan} marks={marks} heads={heads} layout={layout} selected={selected} bows={bow?.bows} onSelect={onSelect} />
      <UnderStaffRows plan={plan} heads={heads} layout={layout} bow={bow} />
      {clicking && (
        <Part>
          <ClickToWrite plan={plan} engraving={engraving} heads={heads} layout={layout} left={left} width={width} />
        </Part>
      )}
    </>
  );
}

/** The label that was asked about, and its place. */
interface AskedOf {
  readonly label: PathLabel;
  readonly at: SVGElement;
}

/** These come when they are first asked for. */
const UnderStaffMenu = lazy(async () => ({ default: (await import('../../score/under-staff/UnderStaffMenu.tsx')).UnderStaffMenu }));
const AskedLabel = lazy(async () => ({ default: (await import('./AskedLabel.tsx')).AskedLabel }));
const StepRow = lazy(async () => ({ default: (await import('../../score/under-staff/UnderStaff.tsx')).StepRow }));
const ClickToWrite = lazy(async () => ({ default: (await import('./ClickToWrite.tsx')).ClickToWrite }));
const BowLane = lazy(async () => ({ default: (await import('../../score/under-staff/UnderStaff.tsx')).BowLane }));
const FingerLanes = lazy(async () => ({ default: (await import('../../score/under-staff/UnderStaff.tsx')).FingerLanes }));

/** Draws the rows under the staff that were asked for. */
function UnderStaffRows({ bow, ...props }: Pick<OverlayProps, 'plan' | 'heads' | 'layout'> & { readonly bow: BowPlan | null }) {
  const { fingers, steps } = useUnderStaff();
  return (
    <Part>
      {steps && <StepRow {...props} />}
      {fingers && <FingerLanes {...props} />}
      {bow && <BowLane bow={bow} heads={props.heads} layout={props.layout} />}
    </Part>
  );
}

/** Shades the selected passage, from its first head to its last. */
function PassageShade({ heads, height }: { readonly heads: readonly Head[]; readonly height: number }) {
  const selected = useSelection((selection) => selection.selected);
  const passageFrom = useSelection((selection) => selection.passageFrom);
  const passage = passageOf({ selected, passageFrom });
  const inside = passage === null ? [] : heads.filter(({ index }) => index >= passage.from && index <= passage.to);
  const [first, last] = [inside[0], inside[inside.length - 1]];
  if (!first || !last) return null;
  return <rect data-passage x={first.x - 14} width={last.x - first.x + 28} y={20} height={height - 20} className="fill-dove/15" />;
}

/** Draws the cursor of the sound. */
function PlayCursor({ heads, note, height }: { readonly heads: readonly Head[]; readonly note: number | null; readonly height: number }) {
  const head = note === null ? undefined : heads.find(({ index }) => index === note);
  if (!head) return null;
  return <rect data-playing={head.index} x={head.x - 13} width={26} y={20} height={height - 20} rx={5} className="fill-verdigris/20" />;
}
