import { type ReactNode, useMemo, useState } from 'react';
import { engravingOfPlan, type FingerMark, fingerMarks } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { type Head, layoutStaff } from '../../engraving/index.ts';
import { measuresInView, useScroller } from './use-scroller.ts';
import { ScoreWindow } from './ScoreWindow.tsx';
import { MissTint } from './MissTint.tsx';
import { Fingerboard, FINGERBOARD_WIDTH, onPaper } from './Fingerboard.tsx';
import { PathDrawing } from './PathDrawing.tsx';
import { SemitoneLines } from './SemitoneLines.tsx';
import { StaffMarks } from './StaffMarks.tsx';
import { type Bead, beadsOf, pathScale, type PathScale } from '../../path/index.ts';
import { ScoreFrame, windowOf } from './ScoreFrame.tsx';

interface PathScoreProps {
  readonly plan: Plan;
  /** The name for a screen reader. */
  readonly name: string;
  /** Another fingering of the line, overlaid where they differ. */
  readonly over?: { readonly plan: Plan; readonly differsAt: readonly number[] } | null;
  /** The notes whose fingers were completed, and those whose strings were: they stand in brackets. */
  readonly completed?: { readonly fingers: ReadonlySet<number>; readonly strings: ReadonlySet<number> };
  /** The number of tries that missed at each note, by line index: the notes are tinted by them. */
  readonly missed?: ReadonlyMap<number, number>;
  /** Further drawings. */
  readonly drawn?: DrawnBeside;
}

/** Drawings beside the staff and the path. */
interface DrawnBeside {
  /** A drawing under the path: its height, px, and what is drawn for the beads above it. */
  readonly below: { readonly height: number; readonly draw: (beads: readonly Bead[]) => ReactNode };
  /** A drawing on the path, under its beads. */
  readonly onPath: (beads: readonly Bead[], scale: PathScale) => ReactNode;
  /** A drawing between the strings of the staff and the path. */
  readonly underStaff: (heads: readonly Head[], y: number) => ReactNode;
}

const PATH_HEIGHT = 270;

/** The smallest scale of the drawing on paper: below that the tables tell the same. */
const SMALLEST_ON_PAPER = 0.4;

const NO_NOTES = { ringing: new Map<number, readonly number[]>(), hotSpots: [], refingered: [], slides: false };

/** Gives the fingers over the notes and the strings under them, what was completed in brackets. */
function marksOf(plan: Plan, completed: PathScoreProps['completed']): readonly (FingerMark | null)[] {
  if (!completed) return fingerMarks(plan);
  return fingerMarks(plan).map((mark, index) => {
    if (mark === null) return null;
    const string = mark.string !== null && completed.strings.has(index) ? `(${mark.string})` : mark.string;
    return { ...mark, string, completed: completed.fingers.has(index) };
  });
}

/** Shows the staff and path of a plan, apart from the bench; another may be overlaid. */
export function PathScore({ plan: one, name, over = null, completed, missed, drawn }: PathScoreProps) {
  const engraving = useMemo(() => engravingOfPlan(one), [one]);
  const { scroller, width, left, onScroll } = useScroller();
  const layout = useMemo(() => layoutStaff(engraving, engraving.measures, { available: width - 4, first: true }), [engraving, width]);
  const range = measuresInView(layout, left, width);
  const marks = useMemo(() => marksOf(one, completed), [one, completed]);
  const [chosen, choose] = useState<number | null>(null);
  const scale = pathScale(one, PATH_HEIGHT, over?.plan ?? null);
  const view = windowOf(layout, range);
  const note = chosen === null ? undefined : one.notes[chosen];
  const paper = onPaper(layout);
  const height = layout.height + PATH_HEIGHT + (drawn?.below.height ?? 0);
  return (
    <section
      aria-label={name}
      className={`to-paper mt-1 flex ${paper < SMALLEST_ON_PAPER ? 'no-print' : ''}`}
      style={{ '--on-paper': paper }}
    >
      <div style={{ width: FINGERBOARD_WIDTH, paddingTop: layout.height }} className="shrink-0">
        <Fingerboard plan={one} scale={scale} selected={note?.kind === 'note' ? note : null} />
      </div>
      <ScoreWindow label={`Staff and path: ${name}`} into={scroller} onScroll={onScroll} layout={layout} view={view} height={height}>
        <ScoreFrame engraving={engraving} measures={engraving.measures} layout={layout} range={range} first height={height}>
          {(heads) => (
            <>
              {missed && <MissTint heads={heads} missed={missed} layout={layout} height={layout.height + PATH_HEIGHT} />}
              <StaffMarks plan={one} marks={marks} heads={heads} layout={layout} selected={chosen} onSelect={choose} />
              <g transform={`translate(0 ${layout.height})`}>
                <SemitoneLines plan={one} scale={scale} from={view.left} to={view.left + view.width} />
                {drawn?.onPath(beadsOf(one, heads, scale), scale)}
                <PathDrawing
                  plan={one}
                  beads={beadsOf(one, heads, scale)}
                  scale={scale}
                  left={view.left}
                  selected={chosen}
                  notes={NO_NOTES}
                  over={over && { ...over, beads: beadsOf(over.plan, heads, scale) }}
                  onSelect={choose}
                />
              </g>
              {drawn?.underStaff(heads, layout.stringRowY + 20)}
              {drawn && <g transform={`translate(0 ${layout.height + PATH_HEIGHT})`}>{drawn.below.draw(beadsOf(one, heads, scale))}</g>}
            </>
          )}
        </ScoreFrame>
      </ScoreWindow>
    </section>
  );
}
