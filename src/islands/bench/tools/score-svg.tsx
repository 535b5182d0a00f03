import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import type { AboutPath } from '#core/drill/hot-spots';
import { engravingOfPlan, fingerMarks, type Measure } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { drawMeasures, type Head, layoutStaff, musicFontReady, type StaffLayout, writtenMarks } from '../../../engraving/index.ts';
import { pageFontStyles, type StandaloneSvg } from '../../../printing/index.ts';
import { DrawnText } from '../../../ui/DrawnText.tsx';
import { plainText } from '../../../words/plain-text.ts';
import { Fingerboard, FINGERBOARD_WIDTH, PathDrawing, SemitoneLines, StaffMarks } from '../../score/index.ts';
import { beadsOf, pathScale } from '../../../path/index.ts';

const PATH_HEIGHT = 320;
const TITLE_HEIGHT = 30;
const MARGIN = 12;

/** The number of notes in one drawing; the rest become further ones, because picture viewers do not open larger ones. */
const NOTES_A_PAGE = 600;

/** Lists the pages of a plan, each as the measures on it: whole measures, most lines on one page. */
export function scorePagesOf(plan: Plan): readonly (readonly Measure[])[] {
  const { measures } = engravingOfPlan(plan);
  const pages: Measure[][] = [];
  for (const measure of measures) {
    const page = pages[pages.length - 1];
    const notes = page?.reduce((sum, { symbols }) => sum + symbols.length, measure.symbols.length) ?? Infinity;
    if (page && notes <= NOTES_A_PAGE) page.push(measure);
    else pages.push([measure]);
  }
  return pages;
}

/** The title of a drawing, its content, and its ground. */
interface DrawingChoice {
  readonly title: string;
  readonly about: AboutPath;
  /** Whether it is on white, to be printed; else on the paper of the application. */
  readonly onWhite?: boolean;
}

/** Draws staff and path of one page of a plan so that it stands by itself, always on light paper. */
export async function scoreSvg(
  plan: Plan,
  measures: readonly Measure[],
  { title, about, onWhite = false }: DrawingChoice,
): Promise<StandaloneSvg> {
  await musicFontReady();
  const engraving = engravingOfPlan(plan);
  const first = measures[0] === undefined || measures[0].symbols[0]?.index === engraving.measures[0]?.symbols[0]?.index;
  const layout = layoutStaff(engraving, measures, { available: 0, first, written: writtenMarks(plan.brief).rows });
  const staff = document.createElement('div');
  const heads = drawMeasures(staff, { engraving, measures, layout, first }, { from: 0, to: measures.length });
  const width = FINGERBOARD_WIDTH + (layout.offsets[measures.length] ?? 0) + 2 * MARGIN;
  const height = TITLE_HEIGHT + layout.height + PATH_HEIGHT + MARGIN;
  const page = document.createElement('div');
  page.className = `light-paper ${onWhite ? 'white-paper' : ''}`;
  document.body.append(page);
  const root = createRoot(page);
  try {
    flushSync(() =>
      root.render(<Drawing plan={plan} title={title} about={about} heads={heads} layout={layout} width={width} height={height} />),
    );
    const svg = page.querySelector('svg');
    svg?.querySelector('[data-engraved]')?.append(...(staff.querySelector('svg')?.childNodes ?? []));
    if (svg) inlineStyles(svg);
    const fonts = await pageFontStyles();
    // The styles go into the text and not the page, which allows no styles but its own.
    const text = plainText(new XMLSerializer().serializeToString(svg ?? page));
    return {
      text: text.replace(/^<svg[^>]*>/, (head) => `${head}<style>${fonts}</style>`),
      width,
      height,
    };
  } finally {
    root.unmount();
    page.remove();
  }
}

interface DrawingProps {
  readonly plan: Plan;
  readonly title: string;
  readonly about: AboutPath;
  readonly heads: readonly Head[];
  readonly layout: StaffLayout;
  readonly width: number;
  readonly height: number;
}

function Drawing({ plan, title, about, heads, layout, width, height }: DrawingProps) {
  const scale = pathScale(plan, PATH_HEIGHT);
  const beads = beadsOf(plan, heads, scale);
  const notes = { ...about, refingered: [], slides: true };
  const right = layout.offsets[layout.offsets.length - 1] ?? 0;
  return (
    <svg xmlns="http://www.w3.org/2000/svg" width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <rect width={width} height={height} className="fill-paper" />
      <g data-engraved className="engraving" transform={`translate(${MARGIN + FINGERBOARD_WIDTH} ${TITLE_HEIGHT})`} />
      <DrawnText x={MARGIN} y={20} look="title" className="fill-ink">
        {title}
      </DrawnText>
      <g transform={`translate(${MARGIN} ${TITLE_HEIGHT + layout.height})`}>
        <Fingerboard plan={plan} scale={scale} selected={null} />
      </g>
      <g transform={`translate(${MARGIN + FINGERBOARD_WIDTH} ${TITLE_HEIGHT})`}>
        <StaffMarks plan={plan} marks={fingerMarks(plan)} heads={heads} layout={layout} selected={null} />
        <g transform={`translate(0 ${layout.height})`}>
          <SemitoneLines plan={plan} scale={scale} from={0} to={right} />
          <PathDrawing
            plan={plan}
            beads={beads}
            scale={scale}
            left={0}
            selected={null}
            notes={notes}
            over={null}
            onSelect={() => undefined}
          />
        </g>
      </g>
    </svg>
  );
}

/** The properties of the page's style sheets that a drawing takes along. */
const DRAWN_PROPERTIES = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'paint-order',
  'opacity',
  'font-family',
  'font-size',
  'font-style',
  'font-weight',
  'letter-spacing',
  'text-anchor',
] as const;

/** Writes the values of the style sheets into the elements themselves. */
function inlineStyles(svg: SVGSVGElement): void {
  for (const element of svg.querySelectorAll<SVGElement>('rect, path, line, circle, text, tspan')) {
    const computed = getComputedStyle(element);
    for (const name of DRAWN_PROPERTIES) element.setAttribute(name, computed.getPropertyValue(name));
    element.removeAttribute('class');
  }
}
