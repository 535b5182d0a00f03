import { useMemo } from 'react';
import type { Brief } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import { type Engraving, engravingOf, type Measure } from '#core/notation';
import { layoutStaff, lineMarks, systemsOf } from '../../engraving/index.ts';
import { DrawnMark } from './DrawnMark.tsx';
import { ScoreFrame, windowOf } from './ScoreFrame.tsx';

/** The width of the preview, px. */
const WIDTH = 620;

/** The number of lines of music shown. */
const LINES = 2;

/** Shows the beginning of a line as it will be read, without fingers. */
export function LinePreview({ brief }: { readonly brief: Brief }) {
  const engraving = useMemo(() => {
    const line = readMaterial(brief.material, brief.rhythm);
    return line.ok ? engravingOf(brief.instrument.kind, line.value, { clefs: brief.marks }) : null;
  }, [brief]);
  const systems = useMemo(() => (engraving ? systemsOf(engraving, WIDTH) : []), [engraving]);
  if (!engraving) return null;
  return (
    <div
      role="img"
      aria-label="The beginning of the music"
      className="light-paper overflow-x-auto border border-line bg-white px-3 pt-1 text-ink"
    >
      {systems.slice(0, LINES).map((measures, order) => (
        <PreviewLine key={measures[0]?.number} engraving={engraving} measures={measures} first={order === 0} />
      ))}
      {systems.length > LINES && <p className="pb-2 text-sm text-dove-dark">… and so on.</p>}
    </div>
  );
}

interface PreviewLineProps {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly first: boolean;
}

function PreviewLine({ engraving, measures, first }: PreviewLineProps) {
  const layout = useMemo(() => layoutStaff(engraving, measures, { available: 0, first }), [engraving, measures, first]);
  const { width } = windowOf(layout, { from: 0, to: measures.length });
  return (
    <div className="relative -mt-5" style={{ width, height: layout.height }}>
      <ScoreFrame engraving={engraving} measures={measures} layout={layout} first={first}>
        {(heads) => (
          <>
            {lineMarks(heads, layout).map((mark) => (
              <DrawnMark key={mark.key} mark={mark} />
            ))}
          </>
        )}
      </ScoreFrame>
    </div>
  );
}
