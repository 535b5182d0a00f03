import { centsOfRatio } from '#core/intonation';
import type { Heard } from '../../audio/index.ts';
import { Figure } from '../../ui/Figure.tsx';
import { useWidth } from '../../ui/use-width.ts';
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

/** The range of the meter on either side, cents. */
const REACH = 50;

/** Shows how far the string is from its target: a mark on a rule of cents. */
export function Meter({ how, heard, targetHz, otherString }: MeterProps) {
  const cents = heard.kind === 'pitch' ? centsOfRatio({ p: heard.hz, q: targetHz }) : null;
  const [into, width] = useWidth();
  const x = cents === null ? null : xOf(Math.max(-REACH, Math.min(REACH, cents)), width);
  const inTune = cents !== null && Math.abs(cents) <= IN_TUNE_CENTS;
  return (
    <div ref={into}>
      <svg width={width} height={HEIGHT} className="block" aria-hidden="true">
        <Rule width={width} />
        {x !== null && (
          <path
            d={`M${x} 28l-14 -20h28Z M${x} 28V${LINE}`}
            className={inTune ? 'fill-verdigris stroke-verdigris' : 'fill-ink stroke-ink'}
            strokeWidth={2}
          />
        )}
      </svg>
      <p role="status" aria-label="Heard">
        {heard.kind === 'pitch' ? (
          <>
            <strong className={`block text-[clamp(40px,7vw,88px)] leading-[1.15] tabular-nums ${inTune ? 'text-verdigris' : ''}`}>
              <Figure how={deviationDerivation(heard.hz, targetHz)}>{deviationText(cents ?? 0)}</Figure>
            </strong>
            <Figure how={heardDerivation()}>{hzText(heard.hz)}</Figure>; it should sound <Figure how={how}>{hzText(targetHz)}</Figure>.
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
function xOf(cents: number, width: number): number {
  return width / 2 + (cents / REACH) * (width / 2 - SIDE);
}

/** The height of the meter, and the y of its rule, px. */
const HEIGHT = 112;
const LINE = 76;

/** The room on either side of the rule, px. */
const SIDE = 24;

/** The deviations that are written, cents: all tens where there is room. */
const TENS = [-50, -40, -30, -20, -10, 0, 10, 20, 30, 40, 50];
const FEW = [-50, -25, 0, 25, 50];
const WIDE_FROM = 560;

function Rule({ width }: { readonly width: number }) {
  const isWide = width >= WIDE_FROM;
  const [from, to] = [xOf(-IN_TUNE_CENTS, width), xOf(IN_TUNE_CENTS, width)];
  return (
    <g>
      <rect x={from} y={LINE - 30} width={Math.max(0, to - from)} height={30} className="fill-verdigris/25" />
      <line x1={xOf(-REACH, width)} x2={xOf(REACH, width)} y1={LINE} y2={LINE} className="stroke-ink" strokeWidth={2.5} />
      {(isWide ? TENS : FEW).map((cents) => (
        <g key={cents}>
          <line x1={xOf(cents, width)} x2={xOf(cents, width)} y1={cents === 0 ? LINE - 30 : LINE - 13} y2={LINE} className="stroke-ink" />
          <text
            x={xOf(cents, width)}
            y={LINE + 26}
            textAnchor="middle"
            className={`fill-dove-dark font-sans ${isWide ? 'text-[20px]' : 'text-[14px]'}`}
          >
            {cents === 0 ? '0 cents' : cents > 0 ? `+${cents}` : String(cents).replace('-', '−')}
          </text>
        </g>
      ))}
    </g>
  );
}
