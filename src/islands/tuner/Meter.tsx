import { centsOfRatio } from '#core/intonation';
import type { Heard } from '../../audio/index.ts';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { deviationDerivation, heardDerivation } from '../../words/explain/tuning-derivations.ts';
import { hzText } from '../../words/intonation/intonation.ts';
import { deviationText, IN_TUNE_CENTS, NOT_HEARD } from '../../words/intonation/tuner.ts';

interface MeterProps {
  /** The explanation of how the target is calculated. */
  readonly how: string;
  readonly heard: Heard;
  readonly targetHz: number;
  /** The open string nearest to the sound, when it is not the one to be tuned. */
  readonly otherString: string | null;
}

const WIDTH = 560;
const MIDDLE = WIDTH / 2;
/** The range of the meter on either side, cents. */
const REACH = 50;

/** Shows how far the string is from its target: a mark on a rule of cents. */
export function Meter({ how, heard, targetHz, otherString }: MeterProps) {
  const cents = heard.kind === 'pitch' ? centsOfRatio({ p: heard.hz, q: targetHz }) : null;
  const x = cents === null ? null : xOf(Math.max(-REACH, Math.min(REACH, cents)));
  const inTune = cents !== null && Math.abs(cents) <= IN_TUNE_CENTS;
  return (
    <div>
      <svg width={WIDTH} height={64} viewBox={`0 0 ${WIDTH} 64`} className="max-w-full" aria-hidden="true">
        <Rule />
        {x !== null && (
          <path
            d={`M${x} 12l-7 -10h14Z M${x} 12V40`}
            className={inTune ? 'fill-verdigris stroke-verdigris' : 'fill-ink stroke-ink'}
            strokeWidth={2}
          />
        )}
      </svg>
      <p role="status" aria-label="Heard" className="text-[15px]">
        {heard.kind === 'pitch' ? (
          <>
            <strong className={inTune ? 'text-verdigris' : ''}>
              <Figure how={deviationDerivation(heard.hz, targetHz)}>{deviationText(cents ?? 0)}</Figure>
            </strong>
            , <Figure how={heardDerivation()}>{hzText(heard.hz)}</Figure>; it should sound <Figure how={how}>{hzText(targetHz)}</Figure>.
            {otherString !== null && ` That is nearer to open ${otherString}: choose it on the left.`}
          </>
        ) : (
          NOT_HEARD[heard.kind]
        )}
      </p>
    </div>
  );
}

/** Gives the x of a deviation on the rule, px. */
function xOf(cents: number): number {
  return MIDDLE + (cents / REACH) * (MIDDLE - 14);
}

function Rule() {
  const marks = [-50, -40, -30, -20, -10, 0, 10, 20, 30, 40, 50];
  return (
    <g>
      <rect x={xOf(-IN_TUNE_CENTS)} y={24} width={xOf(IN_TUNE_CENTS) - xOf(-IN_TUNE_CENTS)} height={16} className="fill-verdigris/25" />
      <line x1={xOf(-REACH)} x2={xOf(REACH)} y1={40} y2={40} className="stroke-ink" strokeWidth={1.5} />
      {marks.map((cents) => (
        <g key={cents}>
          <line x1={xOf(cents)} x2={xOf(cents)} y1={cents === 0 ? 24 : 33} y2={40} className="stroke-ink" />
          <DrawnText x={xOf(cents)} y={56} textAnchor="middle" look="scale" className="fill-dove-dark">
            {cents === 0 ? '0 cents' : cents > 0 ? `+${cents}` : String(cents).replace('-', '−')}
          </DrawnText>
        </g>
      ))}
    </g>
  );
}
