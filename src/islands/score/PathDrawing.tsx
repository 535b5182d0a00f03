import type { MouseEvent, PointerEvent } from 'react';
import type { AboutPath } from '#core/drill/hot-spots';
import { pitchLabel } from '#core/pitch';
import type { Plan, Stop } from '#core/plan/describe';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { mmText, noteText, shiftSpeed } from '../../words/plan-words.ts';
import { HotSpotMarks, Overlaid, Landmarks } from './PathMarks.tsx';
import {
  type Band,
  bandNames,
  bandsOf,
  type Bead,
  BEAD_RADIUS,
  LANES,
  type Link,
  linksOf,
  type PathLabel,
  type PathScale,
  type Slope,
  type SlopeLabel,
  slopeCurve,
  slopeLabels,
  slopesOf,
  type Stretch,
  stretchesOf,
  stringStroke,
} from '../../path/index.ts';

/** The facts of the notes beyond their fingering. */
export interface PathNotes {
  /** The stops that ring with an open string. */
  readonly ringing: AboutPath['ringing'];
  /** The hardest places, the hardest first. */
  readonly hotSpots: AboutPath['hotSpots'];
  /** The notes that the engine has just fingered differently. */
  readonly refingered: readonly number[];
  /** Whether the notes on the way of the shifts are shown. */
  readonly slides: boolean;
}

interface PathDrawingProps {
  readonly plan: Plan;
  readonly beads: readonly Bead[];
  readonly scale: PathScale;
  /** Selects a note; `extend` selects the passage from the note selected before. */
  readonly left: number;
  readonly selected: number | null;
  readonly notes: PathNotes;
  /** Another fingering of the line, overlaid on this one where they differ. */
  readonly over: { readonly plan: Plan; readonly beads: readonly Bead[]; readonly differsAt: readonly number[] } | null;
  /** The handler of a selection; `extend` selects the passage from the note selected before. */
  readonly onSelect: (index: number, extend: boolean) => void;
  readonly onGrab?: (bead: Bead, event: PointerEvent<SVGGElement>) => void;
  /** Asks how a label is meant or calculated. */
  readonly onAsk?: (label: PathLabel, at: SVGElement) => void;
}

/** Draws the left hand travelling along the string: bands are where it rests, beads are fingers, red slopes are shifts. */
export function PathDrawing({ plan, beads, scale, left, selected, notes, over, onSelect, onGrab, onAsk }: PathDrawingProps) {
  const bands = bandsOf(plan, beads, scale);
  const names = bandNames(bands);
  const slopes = slopesOf(plan, beads, scale);
  const refingered = new Set(notes.refingered);
  return (
    <g>
      {bands.map((band) => (
        <rect key={band.stay.from} x={band.x} y={band.top} width={band.width} height={band.height} rx={6} className="fill-band" />
      ))}
      {bands.map((band, order) => (
        <BandName key={band.stay.from} band={band} name={names[order] ?? null} onAsk={onAsk} />
      ))}
      <Reticle bead={beads.find((bead) => bead.index === selected)} left={left} />
      <Landmarks plan={plan} beads={beads} scale={scale} />
      {stretchesOf(plan, beads, scale).map((stretch) => (
        <StretchMark key={stretch.index} stretch={stretch} onAsk={onAsk} />
      ))}
      {linksOf(beads).map((link) => (
        <LinkStroke key={link.to.index} link={link} />
      ))}
      {slopes.map((slope) => (
        <SlopeStroke key={slope.shift.to} slope={slope} slides={notes.slides} />
      ))}
      {slopeLabels(slopes.map(slopeLabel)).map((label, order) => {
        const shift = slopes[order]?.shift;
        return label && shift && <TravelLabel key={shift.to} label={label} shift={shift} y={scale.nutY + LANES.shifts} onAsk={onAsk} />;
      })}
      {over && <Overlaid plan={over.plan} beads={beads} others={over.beads} differsAt={over.differsAt} scale={scale} />}
      {beads.map((bead) => (
        <BeadShape
          key={`${bead.index} ${bead.stop}`}
          bead={bead}
          selected={bead.index === selected}
          rings={notes.ringing.get(bead.index)?.includes(bead.stop) ?? false}
          refingered={refingered.has(bead.index)}
          onSelect={onSelect}
          onGrab={onGrab}
        />
      ))}
      <HotSpotMarks plan={plan} beads={beads} hotSpots={notes.hotSpots} scale={scale} />
    </g>
  );
}

interface Asks {
  readonly onAsk: PathDrawingProps['onAsk'];
}

/** Makes a label answer to a click where somebody can be asked; on paper nobody can. */
function asking(label: PathLabel, onAsk: Asks['onAsk']) {
  return onAsk && { cursor: 'help', onClick: (event: MouseEvent<SVGTextElement>) => onAsk(label, event.currentTarget) };
}

/** Marks the selected note with lines up to the staff and across to the fingerboard. */
function Reticle({ bead, left }: { readonly bead: Bead | undefined; readonly left: number }) {
  if (!bead) return null;
  return (
    <>
      <line x1={bead.x} x2={bead.x} y1={bead.y} y2={-6} className="stroke-dove-dark" strokeDasharray="1 3" />
      <line x1={left} x2={bead.x} y1={bead.y} y2={bead.y} className="stroke-ink" strokeWidth={0.8} />
    </>
  );
}

function BandName({ band, name, onAsk }: Asks & { readonly band: Band; readonly name: string | null }) {
  if (name === null) return null;
  return (
    <DrawnText
      x={band.x + 4}
      y={band.top - 5}
      look="position"
      className="fill-dove-dark"
      {...asking({ kind: 'position', stay: band.stay }, onAsk)}
    >
      {name}
    </DrawnText>
  );
}

/** Marks a reach from the lowest to the highest finger that must stand at once, where it is more than this hand’s comfortable span. */
function StretchMark({ stretch, onAsk }: Asks & { readonly stretch: Stretch }) {
  const { x, top, bottom, needMm, beyond, first } = stretch;
  return (
    <>
      <path
        d={`M${x - 5} ${bottom}h10M${x} ${bottom}V${top}M${x - 5} ${top}h10`}
        className="fill-none stroke-ochre"
        strokeWidth={2}
        strokeDasharray={beyond ? '3 2.5' : undefined}
      />
      {first && (
        <DrawnText
          x={x}
          y={top - BEAD_RADIUS - 5}
          textAnchor="middle"
          look="remark"
          className="fill-ochre"
          {...asking({ kind: 'reach', note: stretch.index }, onAsk)}
        >
          {mmText(needMm)}
        </DrawnText>
      )}
    </>
  );
}

function LinkStroke({ link }: { readonly link: Link }) {
  const { from, to, width, crossesString } = link;
  return (
    <line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      strokeWidth={crossesString ? 1 : width}
      strokeDasharray={crossesString ? '1.5 4' : undefined}
      className="stroke-dove"
    />
  );
}

interface SlopeStrokeProps {
  readonly slope: Slope;
  readonly slides: boolean;
}

/** Writes the label of a slope, below the nut: the way and, with a tempo, the speed. */
function slopeLabel(slope: Slope): SlopeLabel {
  const speed = shiftSpeed(slope.shift);
  const { handMm } = slope.shift;
  return {
    x: slopeCurve(slope).middleX,
    lines: [...(handMm > 0 ? [mmText(handMm)] : []), ...(speed === null ? [] : [`${Math.round(speed)} mm/s`])],
  };
}

interface TravelLabelProps extends Asks {
  readonly label: SlopeLabel;
  readonly shift: Slope['shift'];
  readonly y: number;
}

function TravelLabel({ label: { x, lines }, shift, y, onAsk }: TravelLabelProps) {
  return (
    <DrawnText x={x} y={y} textAnchor="middle" look="remark" className="fill-madder" {...asking({ kind: 'travel', shift }, onAsk)}>
      {lines.map((line, order) => (
        <tspan key={line} x={x} dy={order === 0 ? 0 : 13}>
          {line}
        </tspan>
      ))}
    </DrawnText>
  );
}

/** Draws the slope between the two notes. */
function SlopeStroke({ slope, slides }: SlopeStrokeProps) {
  const { shift, inBetween } = slope;
  return (
    <>
      <path d={slopeCurve(slope).d} className="fill-none stroke-madder" strokeWidth={2.4} strokeLinecap="round" />
      {slides && inBetween && (
        <g data-in-between={shift.to}>
          <title>{`On the way: ${pitchLabel(inBetween.note.written)}, ${inBetween.note.finger} on ${inBetween.note.string}`}</title>
          <path
            d={`M${inBetween.x - 4.5} ${inBetween.y}l4.5 -4.5l4.5 4.5l-4.5 4.5Z`}
            className="fill-paper stroke-madder"
            strokeWidth={1.5}
          />
        </g>
      )}
    </>
  );
}

interface BeadShapeProps {
  readonly bead: Bead;
  readonly selected: boolean;
  readonly rings: boolean;
  readonly refingered: boolean;
  readonly onSelect: PathDrawingProps['onSelect'];
  readonly onGrab: PathDrawingProps['onGrab'];
}

function BeadShape({ bead, selected, rings, refingered, onSelect, onGrab }: BeadShapeProps) {
  const { x, y, note, index } = bead;
  const stop = note.stops[bead.stop] ?? note.stops[0];
  return (
    <g
      className="cursor-pointer"
      data-bead={index}
      onClick={(event) => onSelect(index, event.shiftKey)}
      onPointerDown={(event) => onGrab?.(bead, event)}
    >
      <title>{`${noteText(note)}${rings ? ', rings with an open string' : ''}`}</title>
      {refingered && <circle data-refingered cx={x} cy={y} r={BEAD_RADIUS + 6} className="refingered fill-dove/35" />}
      {rings && stop.finger !== '0' && (
        <circle data-ring cx={x} cy={y} r={BEAD_RADIUS + 3.5} className="fill-none stroke-verdigris" strokeWidth={1.6} />
      )}
      <FingerInRing bead={bead} stop={stop} selected={selected} />
      {note.partner && bead.partnerY !== null && <PartnerMark bead={bead} y={bead.partnerY} finger={note.partner.finger} />}
      {note.locked && <LockMark x={x + BEAD_RADIUS} y={y - BEAD_RADIUS} />}
    </g>
  );
}

interface FingerInRingProps {
  readonly bead: Bead;
  readonly stop: Stop;
  readonly selected: boolean;
}

/** Draws the finger in its ring: dashed for a harmonic, filled where the note is selected. */
function FingerInRing({ bead: { x, y, radius, note, stop: order }, stop, selected }: FingerInRingProps) {
  return (
    <>
      <circle
        cx={x}
        cy={y}
        r={radius}
        strokeWidth={stringStroke(note, order)}
        strokeDasharray={stop.harmonic ? '2.5 2' : undefined}
        className={selected ? 'fill-ink stroke-ink' : 'fill-paper stroke-ink'}
      />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className={selected ? 'fill-paper' : 'fill-ink'}>
        {stop.finger}
      </DrawnText>
    </>
  );
}

interface PartnerMarkProps {
  readonly bead: Bead;
  readonly y: number;
  readonly finger: string;
}

/** Marks the finger that plays an ornament with a note, or touches a harmonic: a small ring beside the bead, at its own place. */
function PartnerMark({ bead, y, finger }: PartnerMarkProps) {
  const x = bead.x + BEAD_RADIUS + 7;
  return (
    <g data-partner={bead.index}>
      <line x1={bead.x} y1={bead.y} x2={x} y2={y} className="stroke-ink" strokeWidth={0.8} strokeDasharray="2 2" />
      <circle cx={x} cy={y} r={6.5} className="fill-paper stroke-ink" strokeWidth={1} />
      <DrawnText x={x} y={y + 3.5} textAnchor="middle" look="small" className="fill-ink">
        {finger}
      </DrawnText>
    </g>
  );
}

/** Draws a small padlock: the teacher has locked this note. */
function LockMark({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g transform={`translate(${x - 3} ${y - 5})`} className="stroke-ink">
      <path d="M1.5 4V2.6a2 2 0 0 1 4 0V4" className="fill-none" strokeWidth={1.2} />
      <rect x={0} y={4} width={7} height={5.4} rx={1} className="fill-ink" strokeWidth={0} />
    </g>
  );
}
