import { useCallback, useMemo, useState } from 'react';
import useMeasure from 'react-use-measure';
import type { NoteGroup } from '#core/practice';
import { asFingered, engravingOf, fingerMarks } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import type { Head } from '../../../engraving/draw-measures.ts';
import { layoutStaff } from '../../../engraving/layout.ts';
import { type Engraved, Staff } from '../../score/Staff.tsx';
import { StaffMarks } from '../../score/StaffMarks.tsx';

/** So much larger than on the desk at most: it is read from the stand. */
const LARGEST = 2.2;

/** Not smaller than this: what does not fit is scrolled to. */
const SMALLEST = 1.1;

/** The notes in hand, large, with their fingers. */
export function StandStaff({ plan, group }: { readonly plan: Plan; readonly group: NoteGroup }) {
  const [box, { width }] = useMeasure();
  const engraving = useMemo(() => engravingOf(plan.brief.instrument.kind, plan.line, asFingered(plan)), [plan]);
  const measures = useMemo(
    () => engraving.measures.filter(({ symbols }) => symbols.some(({ index }) => index >= group.from && index <= group.to)),
    [engraving, group.from, group.to],
  );
  const layout = useMemo(() => layoutStaff(engraving, measures, { available: 0, first: true }), [engraving, measures]);
  const marks = useMemo(() => fingerMarks(plan), [plan]);
  const [engraved, setEngraved] = useState<Engraved | null>(null);
  const keep = useCallback((next: Engraved) => setEngraved(next), []);
  const natural = (layout.offsets[measures.length] ?? 0) + 2;
  const scale = Math.max(SMALLEST, Math.min(LARGEST, width / natural));
  return (
    <div ref={box} className="min-w-0 overflow-x-auto" role="group" tabIndex={0} aria-label="The notes">
      <div style={{ width: natural * scale, height: (layout.height + 6) * scale }}>
        <div className="relative origin-top-left" style={{ width: natural, transform: `scale(${scale})` }}>
          <Staff
            engraving={engraving}
            measures={measures}
            layout={layout}
            range={{ from: 0, to: measures.length }}
            first
            onEngraved={keep}
          />
          <svg className="absolute top-0 left-0" width={natural} height={layout.height} aria-hidden="true">
            <InHand heads={engraved?.heads ?? []} group={group} y={layout.height - 2} />
            <StaffMarks plan={plan} marks={marks} heads={engraved?.heads ?? []} layout={layout} selected={null} />
          </svg>
        </div>
      </div>
    </div>
  );
}

interface InHandProps {
  readonly heads: readonly Head[];
  readonly group: NoteGroup;
  readonly y: number;
}

/** A line under the notes that are meant, where their measures hold others too. */
function InHand({ heads, group, y }: InHandProps) {
  const meant = heads.filter(({ index }) => index >= group.from && index <= group.to);
  const [first, last] = [meant[0], meant.at(-1)];
  if (!first || !last || meant.length === heads.length) return null;
  return <line x1={first.left - 3} x2={last.right + 3} y1={y} y2={y} strokeWidth={3} className="stroke-ink" />;
}
