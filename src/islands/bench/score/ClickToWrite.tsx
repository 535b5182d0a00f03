import { keyAfter } from '#core/material/measures';
import { type MouseEvent, useState } from 'react';
import { WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { type Engraving, ownReading, type StaffReading } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { alterationInKey } from '#core/key';
import { displayPitch, type LetterIndex, type Pitch, semitonesOf } from '#core/pitch';
import { type Head, STAFF_HEIGHT, STAFF_SPACE, type StaffLayout } from '../../../engraving/index.ts';
import { writeNote } from '../../../state/edits/index.ts';
import { DrawnText } from '../../../ui/DrawnText.tsx';

interface ClickToWriteProps {
  readonly plan: Plan;
  readonly engraving: Engraving;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
  /** The left edge of the view, px. */
  readonly left: number;
  readonly width: number;
}

/** The distance above and below the staff at which a note can be written, px. */
const BEYOND = 60;

/** Makes the staff a place to write: a head follows the pointer from line to space, and a click writes it after the note before it. */
export function ClickToWrite({ plan, engraving, heads, layout, left, width }: ClickToWriteProps) {
  const [over, setOver] = useState<Place | null>(null);
  const placeOf = (event: MouseEvent<SVGRectElement>): Place => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left + left, event.clientY - box.top + layout.staffTopY - BEYOND];
    const before = heads.filter((head) => head.x < x).at(-1);
    const after = before?.index ?? -1;
    const step = Math.round((layout.staffTopY + STAFF_HEIGHT / 2 - y) / (STAFF_SPACE / 2));
    return { x, step, after, pitch: pitchAtStep(plan, readingAt(engraving, plan, after), { step, after }) };
  };
  return (
    <g>
      <rect
        data-write-on-staff
        x={left}
        y={layout.staffTopY - BEYOND}
        width={width}
        height={STAFF_HEIGHT + 2 * BEYOND}
        className="cursor-crosshair fill-transparent"
        onMouseMove={(event) => setOver(placeOf(event))}
        onMouseLeave={() => setOver(null)}
        onClick={(event) => {
          const { after, pitch } = placeOf(event);
          writeNote(after, semitonesOf(pitch));
        }}
      />
      {over && (
        <g className="pointer-events-none">
          <ellipse
            cx={over.x}
            cy={layout.staffTopY + STAFF_HEIGHT / 2 - (over.step * STAFF_SPACE) / 2}
            rx={6}
            ry={4.4}
            className="fill-dove opacity-70"
          />
          <DrawnText x={over.x + 12} y={layout.staffTopY - 24} look="small" className="fill-ink">
            {displayPitch(over.pitch)}
          </DrawnText>
        </g>
      )}
    </g>
  );
}

/** The place of the pointer on the staff. */
interface Place {
  readonly x: number;
  /** The lines and spaces above the middle line. */
  readonly step: number;
  /** The line index of the note before; −1 for none. */
  readonly after: number;
  /** The sounding pitch there. */
  readonly pitch: Pitch;
}

/** Gives the reading of the staff after a note. */
function readingAt(engraving: Engraving, plan: Plan, index: number): StaffReading {
  const symbol = engraving.measures.flatMap(({ symbols }) => symbols).find((measureSymbol) => measureSymbol.index === Math.max(0, index));
  return symbol?.reading ?? ownReading(plan.brief.instrument.kind);
}

/** Gives the sound of a line or space, with the accidental of the key there. */
function pitchAtStep({ brief, line }: Plan, { clef, octaveLine }: StaffReading, { step, after }: Pick<Place, 'step' | 'after'>): Pitch {
  const steps = clef.middleSteps + step + (octaveLine ? 7 : 0);
  const letter = LETTERS[((steps % 7) + 7) % 7] ?? 0;
  const octave = Math.floor(steps / 7) - WRITTEN_OCTAVES_ABOVE[brief.instrument.kind];
  return { letter, alteration: alterationInKey(keyAfter(line, after), letter), octave };
}

const LETTERS: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];
