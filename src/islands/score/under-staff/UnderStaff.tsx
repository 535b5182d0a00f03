import { fingerWork } from '#core/fit';
import { scaleSteps } from '#core/fit/intoned';
import type { Plan } from '#core/plan/describe';
import { FINGER_LANE, type Head, type StaffLayout } from '../../../engraving/index.ts';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { stringWidth } from '../index.ts';
import { type LanePart, lanePartsOf, stepMarksOf, tetrachordLinesOf } from './under-staff-geometry.ts';
import { lanesOf } from './under-staff-rows.ts';

interface UnderStaffProps {
  readonly plan: Plan;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
}

/** Draws tones and semitones from note to note, the way to the first from an open string, and a line under each tetrachord. */
export function StepRow({ plan, heads, layout }: UnderStaffProps) {
  const steps = scaleSteps(plan);
  const y = layout.stepRowY + 4;
  const first = heads.find(({ index }) => index === 0);
  return (
    <g data-steps>
      {first && steps.start && steps.start.steps.length > 0 && (
        <DrawnText x={first.x - 12} y={y + 8} textAnchor="end" look="small" className="fill-dove-dark">
          {fromOpenText(steps.start)}
        </DrawnText>
      )}
      {stepMarksOf(steps, heads, y).map(({ key, path, wide, x }) => (
        <g key={key}>
          <path d={path} strokeWidth={1.2} className="fill-none stroke-ink" />
          {wide && (
            <DrawnText x={x} y={y + 16} textAnchor="middle" look="small" className="fill-ink">
              1½
            </DrawnText>
          )}
        </g>
      ))}
      {tetrachordLinesOf(steps, heads).map(({ from, to }) => (
        <path key={from} d={`M${from} ${y + 12}v4H${to}v-4`} className="fill-none stroke-dove" />
      ))}
    </g>
  );
}

/** Draws a lane for every finger: dark where it plays, light where it stays down, dashed where it hovers. */
export function FingerLanes({ plan, heads, layout }: UnderStaffProps) {
  const fingers = lanesOf(plan);
  const parts = lanePartsOf(fingerWork(plan), heads, fingers);
  const yOf = (lane: number): number => layout.fingerLanesY + FINGER_LANE * (lane + 0.5);
  const left = Math.min(...heads.map(({ x }) => x)) - 26;
  return (
    <g data-finger-lanes>
      {heads.length > 0 &&
        fingers.map((finger, lane) => (
          <DrawnText key={finger} x={left} y={yOf(lane) + 3.5} textAnchor="middle" look="small" className="fill-dove-dark">
            {finger}
          </DrawnText>
        ))}
      {parts.map((part) => (
        <line
          key={`${part.lane} ${part.note} ${part.does}`}
          data-finger-does={part.does}
          x1={part.from}
          x2={part.to}
          y1={yOf(part.lane)}
          y2={yOf(part.lane)}
          strokeWidth={part.does === 'hovers' ? 1 : stringWidth(part.string) + 1}
          {...(part.does === 'hovers' ? { strokeDasharray: '3 2.5' } : {})}
          className={LOOKS[part.does]}
        />
      ))}
    </g>
  );
}

const LOOKS: Readonly<Record<LanePart['does'], string>> = { plays: 'stroke-ink', stays: 'stroke-dove', hovers: 'stroke-dove-dark' };

function fromOpenText({ open, steps }: { readonly open: string; readonly steps: readonly number[] }): string {
  return `${open.replace(/\d/, '')} ${steps.map((semitones) => (semitones === 1 ? '∨' : semitones === 2 ? '⊔' : '1½')).join(' ')}`;
}
