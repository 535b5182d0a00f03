import type { InstrumentKind } from '#core/instrument';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { Heading } from '../../ui/Heading.tsx';

/** Draws the three spans of a hand and the width of two fingertips, where the ruler lies. */
export function HandGuide({ kind }: { readonly kind: InstrumentKind }) {
  const low = kind === 'cello' || kind === 'bass';
  return (
    <section aria-label="How to measure the hand" className="mt-2">
      <Heading as="h3">How to measure</Heading>
      <p className="text-sm text-dove-dark">
        At the instrument, in first position on one string, with rounded fingers as in playing. Lay the ruler along the string and read from
        the middle of one fingertip to the middle of the other: first as far as goes easily and could be held, then as far as goes at all
        without strain. Never press for more: it is a measurement, not a goal.
      </p>
      <div className="mt-2 grid gap-x-5 sm:grid-cols-2 gap-y-3">
        <RulerLaid title="First to fourth finger" fingers={['1', '2', '3', '4']} from="1" to="4" />
        <RulerLaid title="First to second, opened" fingers={['1', '2']} from="1" to="2" wide />
        {low && <RulerLaid title="Thumb to third finger" fingers={['T', '1', '2', '3']} from="T" to="3" />}
        <RulerLaid title="Two fingers side by side" fingers={['1', '2']} from="1" to="2" />
      </div>
    </section>
  );
}

const WIDTH = 210;
const STRING_Y = 58;

interface RulerLaidProps {
  readonly title: string;
  readonly fingers: readonly string[];
  readonly from: string;
  readonly to: string;
  readonly wide?: boolean;
}

/** Draws a string from the nut, fingertips on it, the ruler below with the distance between two middles. */
function RulerLaid({ title, fingers, from, to, wide = false }: RulerLaidProps) {
  const gap = wide ? 74 : fingers.length === 2 ? 21 : 36;
  const xOf = (finger: string): number => 46 + fingers.indexOf(finger) * gap;
  const [left, right] = [xOf(from), xOf(to)];
  return (
    <figure>
      <svg width={WIDTH} height={108} role="img" aria-label={`${title}: the ruler lies along the string, from middle to middle`}>
        <line x1={14} x2={WIDTH - 4} y1={STRING_Y} y2={STRING_Y} className="stroke-ink" strokeWidth={1.6} />
        <line x1={14} x2={14} y1={STRING_Y - 12} y2={STRING_Y + 12} className="stroke-ink" strokeWidth={4} />
        {fingers.map((finger) => (
          <Fingertip key={finger} finger={finger} x={xOf(finger)} />
        ))}
        {[left, right].map((x) => (
          <line key={x} x1={x} x2={x} y1={STRING_Y + 2} y2={92} className="stroke-madder" strokeDasharray="2 2" />
        ))}
        <path d={`M${left} 84H${right}M${left + 5} 81l-5 3l5 3M${right - 5} 81l5 3l-5 3`} className="fill-none stroke-madder" />
        <Ruler />
      </svg>
      <figcaption className="text-sm">{title}</figcaption>
    </figure>
  );
}

/** Draws a finger coming down from above onto the string: rounded, the tip on the string, the nail line seen from the side. */
function Fingertip({ finger, x }: { readonly finger: string; readonly x: number }) {
  const wide = 10;
  return (
    <g>
      <path
        d={`M${x - wide + 3} 8V${STRING_Y - 12}a${wide - 3} 13 0 0 0 ${2 * (wide - 3)} 0V8`}
        className="fill-paper-deep stroke-dove-dark"
        strokeWidth={1.3}
      />
      <DrawnText x={x} y={26} textAnchor="middle" look="bead" className="fill-ink">
        {finger}
      </DrawnText>
    </g>
  );
}

function Ruler() {
  const marks = Array.from({ length: 20 }, (_, index) => 20 + index * 9.4);
  return (
    <g className="stroke-dove-dark">
      <rect x={14} y={92} width={WIDTH - 18} height={14} className="fill-board" strokeWidth={0.8} />
      {marks.map((x, index) => (
        <line key={x} x1={x} x2={x} y1={92} y2={index % 5 === 0 ? 100 : 96} strokeWidth={0.8} />
      ))}
    </g>
  );
}
