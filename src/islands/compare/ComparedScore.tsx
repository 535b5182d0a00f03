import { useCallback, useMemo, useState } from 'react';
import { asFingered, engravingOf, fingerMarks } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { layoutStaff } from '../../engraving/layout.ts';
import { measuresInView, useScroller } from '../bench/score/use-scroller.ts';
import { Fingerboard, FINGERBOARD_WIDTH, onPaper } from '../score/Fingerboard.tsx';
import { PathDrawing } from '../score/PathDrawing.tsx';
import { SemitoneLines } from '../score/SemitoneLines.tsx';
import { type Engraved, Staff } from '../score/Staff.tsx';
import { StaffMarks } from '../score/StaffMarks.tsx';
import { beadsOf, pathScale } from '../score/path-geometry.ts';

interface ComparedScoreProps {
  readonly one: Plan;
  readonly other: Plan;
  readonly differsAt: readonly number[];
}

const PATH_HEIGHT = 270;

/** How small the drawing may become on paper: beyond that the tables tell the same. */
const SMALLEST_ON_PAPER = 0.4;

const NO_NOTES = { ringing: new Map<number, readonly number[]>(), hotSpots: [], refingered: [], slides: false };

/** The staff and path of one plan with the other overlaid; where they differ the staff has both fingers. */
export function ComparedScore({ one, other, differsAt }: ComparedScoreProps) {
  const engraving = useMemo(() => engravingOf(one.brief.instrument.kind, one.line, asFingered(one)), [one]);
  const { scroller, width, left, onScroll } = useScroller();
  const layout = useMemo(() => layoutStaff(engraving, engraving.measures, { available: width - 4, first: true }), [engraving, width]);
  const range = measuresInView(layout, left, width);
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  const keep = useCallback((next: Engraved) => setEngraved(next), []);
  const marks = useMemo(() => fingerMarks(one), [one]);
  const [chosen, choose] = useState<number | null>(null);
  const scale = pathScale(one, PATH_HEIGHT, other);
  const heads = engraved?.heads ?? [];
  const windowLeft = layout.offsets[range.from] ?? 0;
  const windowWidth = (layout.offsets[range.to] ?? 0) - windowLeft + 2;
  const note = chosen === null ? undefined : one.notes[chosen];
  const paper = onPaper(layout);
  return (
    <section
      aria-label="Both paths"
      className={`to-paper mt-1 flex ${paper < SMALLEST_ON_PAPER ? 'no-print' : ''}`}
      style={{ '--on-paper': paper }}
    >
      <div style={{ width: FINGERBOARD_WIDTH, paddingTop: layout.height }} className="shrink-0">
        <Fingerboard plan={one} scale={scale} selected={note?.kind === 'note' ? note : null} />
      </div>
      <div
        ref={scroller}
        onScroll={onScroll}
        role="group"
        tabIndex={0}
        aria-label="Staff, and both paths of the hand; the table below tells the same"
        className="drawing relative min-w-0 grow overflow-x-auto overflow-y-hidden [scrollbar-width:thin]"
        style={{ height: layout.height + PATH_HEIGHT + 12 }}
      >
        <div style={{ width: layout.offsets[layout.offsets.length - 1] ?? 0, height: 1 }} />
        <div className="absolute top-0" style={{ left: windowLeft, width: windowWidth }}>
          <Staff engraving={engraving} measures={engraving.measures} layout={layout} range={range} first onEngraved={keep} />
          <svg className="absolute top-0 left-0" width={windowWidth} height={layout.height + PATH_HEIGHT} aria-hidden="true">
            <g transform={`translate(${-windowLeft} 0)`}>
              <StaffMarks plan={one} marks={marks} heads={heads} layout={layout} selected={chosen} onSelect={choose} />
              <g transform={`translate(0 ${layout.height})`}>
                <SemitoneLines plan={one} scale={scale} from={windowLeft} to={windowLeft + windowWidth} />
                <PathDrawing
                  plan={one}
                  beads={beadsOf(one, heads, scale)}
                  scale={scale}
                  left={windowLeft}
                  selected={chosen}
                  notes={NO_NOTES}
                  over={{ plan: other, beads: beadsOf(other, heads, scale), differsAt }}
                  onSelect={choose}
                />
              </g>
            </g>
          </svg>
        </div>
      </div>
    </section>
  );
}
