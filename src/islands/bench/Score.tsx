import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { mmFromNut } from '#core/instrument';
import { asFingered, type Engraving, engravingOf, fingerMarks } from '#core/notation';
import type { Plan } from '#core/plan';
import type { MeasureRange } from '../../engraving/draw-measures.ts';
import { layoutStaff, type StaffLayout } from '../../engraving/layout.ts';
import { select } from '../../store/bench-work.ts';
import { useBench } from '../../store/bench-store.ts';
import { noteText } from '../../words/plan-words.ts';
import { Fingerboard, FINGERBOARD_WIDTH } from '../score/Fingerboard.tsx';
import { beadsOf, pathScale, type PathScale, yOfMm } from '../score/path-geometry.ts';
import { PathDrawing } from '../score/PathDrawing.tsx';
import { type Engraved, Staff } from '../score/Staff.tsx';
import { StaffMarks } from '../score/StaffMarks.tsx';
import type { Ringing } from '../../workers/protocol.ts';

const PATH_HEIGHT = 312;

/** Engraved beyond what is in view on either side, px: a measure or so, since every change engraves it anew. */
const OVERSCAN = 200;

interface ScoreProps {
  readonly plan: Plan;
  /** What rings with an open string. */
  readonly ringing: Ringing;
}

/** Staff and path over one another on the same x, and the fingerboard beside the path on the same y. */
export function Score({ plan, ringing }: ScoreProps) {
  const selected = useBench((bench) => bench.selected);
  const stale = useBench((bench) => bench.plannedBrief !== bench.brief && bench.issues.length > 0 && bench.relaxed === null);
  const engraving = useMemo(() => engravingOf(plan.brief.instrument.kind, plan.line, asFingered(plan)), [plan]);
  const scale = useMemo(() => pathScale(plan, PATH_HEIGHT), [plan]);
  const { scroller, width, left, onScroll } = useScroller();
  const layout = useMemo(() => layoutStaff(engraving, engraving.measures, width - 4, true), [engraving, width]);
  const range = measuresInView(layout, left, width);
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  const keep = useCallback((next: Engraved) => setEngraved(next), []);
  useKeepInView(scroller, engraving, layout, selected);
  const chosen = selected === null ? undefined : plan.notes[selected];
  const sound = chosen?.kind === 'note' ? chosen : null;
  const windowLeft = layout.offsets[range.from] ?? 0;
  const windowWidth = (layout.offsets[range.to] ?? 0) - windowLeft + 2;
  return (
    <section aria-label="Staff and path" className={`flex ${stale ? 'opacity-60' : ''}`}>
      <p className="sr-only" aria-live="polite">
        {sound ? `Selected: ${noteText(sound)}` : 'No note selected. Press the right arrow for the first note.'}
      </p>
      <div style={{ width: FINGERBOARD_WIDTH, paddingTop: layout.height }} className="shrink-0">
        <Fingerboard plan={plan} scale={scale} selected={sound} />
      </div>
      <div
        ref={scroller}
        onScroll={onScroll}
        role="group"
        aria-label="Staff and path of the hand; arrow keys go from note to note"
        tabIndex={0}
        className="drawing relative min-w-0 grow overflow-x-auto overflow-y-hidden [scrollbar-width:thin]"
        style={{ height: layout.height + PATH_HEIGHT + 14 }}
      >
        <div style={{ width: layout.offsets[layout.offsets.length - 1] ?? 0, height: 1 }} />
        <div className="absolute top-0" style={{ left: windowLeft, width: windowWidth }}>
          <Staff engraving={engraving} measures={engraving.measures} layout={layout} range={range} first onEngraved={keep} />
          <Overlay
            plan={plan}
            ringing={ringing}
            heads={engraved?.heads ?? NO_HEADS}
            layout={layout}
            scale={scale}
            left={windowLeft}
            width={windowWidth}
            selected={selected}
          />
        </div>
      </div>
    </section>
  );
}

const NO_HEADS: Engraved['heads'] = [];

interface OverlayProps extends ScoreProps {
  /** Until the new staff is engraved, in the same frame, the old heads keep the drawing's elements alive for reuse. */
  readonly heads: Engraved['heads'];
  readonly layout: StaffLayout;
  readonly scale: PathScale;
  readonly left: number;
  readonly width: number;
  readonly selected: number | null;
}

/** What is drawn over the engraved staff, and the path below it. */
function Overlay({ plan, ringing, heads, layout, scale, left, width, selected }: OverlayProps) {
  const marks = useMemo(() => fingerMarks(plan), [plan]);
  const beads = beadsOf(plan, heads, scale);
  return (
    <svg className="absolute top-0 left-0" width={width} height={layout.height + PATH_HEIGHT} data-testid="overlay" aria-hidden="true">
      <g transform={`translate(${-left} 0)`}>
        <StaffMarks plan={plan} marks={marks} heads={heads} layout={layout} selected={selected} onSelect={select} />
        <g transform={`translate(0 ${layout.height})`} data-px-per-mm={scale.pxPerMm} data-nut-y={scale.nutY}>
          <SemitoneLines plan={plan} scale={scale} from={left} to={left + width} />
          <PathDrawing plan={plan} beads={beads} scale={scale} left={left} selected={selected} ringing={ringing} onSelect={select} />
        </g>
      </g>
    </svg>
  );
}

/** The ground of the path: a line for each semitone, closing up towards the bridge as on the string; the nut below. */
function SemitoneLines({
  plan,
  scale,
  from,
  to,
}: {
  readonly plan: Plan;
  readonly scale: PathScale;
  readonly from: number;
  readonly to: number;
}) {
  const most = plan.stays.reduce((high, stay) => Math.max(high, stay.highestSemitone), 4);
  return Array.from({ length: most + 1 }, (_, semitones) => {
    const y = yOfMm(scale, mmFromNut(plan.stringLengthMm, semitones));
    return (
      <line
        key={semitones}
        x1={from}
        x2={to}
        y1={y}
        y2={y}
        className={semitones === 0 ? 'stroke-ink' : 'stroke-line'}
        strokeWidth={semitones === 0 ? 2 : 1}
      />
    );
  });
}

function measuresInView(layout: StaffLayout, left: number, width: number): MeasureRange {
  const from = layout.offsets.findIndex((_, index) => (layout.offsets[index + 1] ?? Infinity) > left - OVERSCAN);
  const beyond = layout.offsets.findIndex((offset) => offset > left + width + OVERSCAN);
  return { from: Math.max(0, from), to: beyond === -1 ? layout.offsets.length - 1 : beyond };
}

/** Width of the scroller and how far it is scrolled, read in steps so that small moves change nothing. */
function useScroller() {
  const scroller = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  const [left, setLeft] = useState(0);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    setWidth(element.clientWidth);
    return () => observer.disconnect();
  }, []);
  const onScroll = (): void => setLeft(Math.floor((scroller.current?.scrollLeft ?? 0) / 200) * 200);
  return { scroller, width, left, onScroll };
}

/** Room kept on either side of the selected note, px. */
const NOTE_ROOM = 60;

/** Scrolls the measure of the selected note into view, or about the note itself where the measure is wider than the view. */
function useKeepInView(
  scroller: RefObject<HTMLDivElement | null>,
  engraving: Engraving,
  layout: StaffLayout,
  selected: number | null,
): void {
  useEffect(() => {
    const element = scroller.current;
    if (!element || selected === null) return;
    const [from, to] = stretchOf(engraving, layout, selected, element.clientWidth);
    if (from < element.scrollLeft) element.scrollTo({ left: Math.max(0, from - 40) });
    else if (to > element.scrollLeft + element.clientWidth) element.scrollTo({ left: to - element.clientWidth + 40 });
  }, [scroller, engraving, layout, selected]);
}

function stretchOf(engraving: Engraving, layout: StaffLayout, selected: number, width: number): readonly [number, number] {
  const measure = engraving.measures.findIndex((each) => each.symbols.some((symbol) => symbol.index === selected));
  const from = layout.offsets[measure] ?? 0;
  const to = layout.offsets[measure + 1] ?? from;
  if (to - from <= width) return [from, to];
  const symbols = engraving.measures[measure]?.symbols ?? [];
  const notesFrom = from + (measure === 0 ? layout.headWidth : 0);
  const order = symbols.findIndex((symbol) => symbol.index === selected);
  const about = notesFrom + ((to - notesFrom) * (order + 0.5)) / Math.max(1, symbols.length);
  return [about - NOTE_ROOM, about + NOTE_ROOM];
}
