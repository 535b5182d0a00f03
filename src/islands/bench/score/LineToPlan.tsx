import { useMemo } from 'react';
import type { Brief } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import { engravingOf } from '#core/notation';
import { layoutStaff } from '../../../engraving/index.ts';
import { ScoreFrame } from '../../score/index.ts';

/** The number of measures shown of a line that is being planned: as many as fit any window. */
const MEASURES = 8;

/** Shows the beginning of a line on its staff, without fingers, while it is planned. */
export function LineToPlan({ brief }: { readonly brief: Brief }) {
  const engraving = useMemo(() => {
    const line = readMaterial(brief.material, brief.rhythm);
    if (!line.ok) return null;
    const whole = engravingOf(brief.instrument.kind, line.value, { clefs: brief.marks });
    return { ...whole, measures: whole.measures.slice(0, MEASURES) };
  }, [brief]);
  const layout = useMemo(() => engraving && layoutStaff(engraving, engraving.measures, { available: 0, first: true }), [engraving]);
  if (!engraving || !layout) return null;
  return (
    <div className="relative" style={{ width: layout.offsets.at(-1) ?? 0, height: layout.height }}>
      <ScoreFrame engraving={engraving} measures={engraving.measures} layout={layout} first>
        {() => null}
      </ScoreFrame>
    </div>
  );
}
