import type { ReactNode } from 'react';
import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { noteLabel } from '#core/pitch';
import { DrawnText } from '../../ui/DrawnText.tsx';
import { type BoardScale, boardX, boardY, rulerTicks } from './board-geometry.ts';

/** A mark on a string: a finger, or a note of the key. */
export interface BoardMark {
  /** The key of the mark, unique on the board. */
  readonly id: string;
  /** The string, counted from 0, the highest first. */
  readonly stringIndex: number;
  /** The distance from the nut, mm. */
  readonly mm: number;
  /** The text in the bead: a finger, or a note name. */
  readonly text: string;
  /** The text above the bead. */
  readonly name?: string;
  /** The look. chosen: the selected note; plays: a finger at work; rests: a finger where the frame puts it; key: a note of the key. */
  readonly look: 'chosen' | 'plays' | 'rests' | 'key';
  readonly rings: boolean;
  /** Whether it was pressed: it has a ring around it. */
  readonly picked?: boolean;
  /** The radius of a ground under the bead, which tells a number by its size, px; with 0 there is a dot for the bead. */
  readonly ground?: number;
}

/** The second place of a mark, in another system: a tick across the string, and its distance. */
export interface BoardTick {
  /** The key of the tick, unique on the board. */
  readonly id: string;
  /** The string, counted from 0, the highest first. */
  readonly stringIndex: number;
  /** The place of the mark, mm from the nut. */
  readonly fromMm: number;
  /** The place in the other system, mm from the nut. */
  readonly toMm: number;
  readonly text: string;
  /** The place of the next tick on the string, mm; the text is left out where it would run into it. */
  readonly nextMm: number;
}

/** Two places that touch: a semitone apart on one string. */
export interface BoardTouch {
  /** The string, counted from 0, the highest first. */
  readonly stringIndex: number;
  /** The lower place, mm from the nut. */
  readonly fromMm: number;
  /** The higher place, mm from the nut. */
  readonly toMm: number;
}

/** The extent of the hand, mm from the nut. */
export interface BoardBand {
  /** The lower end of the hand. */
  readonly fromMm: number;
  /** The higher end of the hand. */
  readonly toMm: number;
}

interface BoardDrawingProps {
  readonly instrument: Instrument;
  readonly scale: BoardScale;
  readonly label: string;
  readonly marks: readonly BoardMark[];
  readonly touches: readonly BoardTouch[];
  readonly ticks: readonly BoardTick[];
  readonly band: BoardBand | null;
  /** The indexes of the open strings that sound along. */
  readonly ringing: ReadonlySet<number>;
  /** Receives a place that was pointed at: the index of its string, and the semitones above it; 0 for the open string. */
  readonly onPlace?: (stringIndex: number, semitones: number) => void;
}

/** Draws the fingerboard in true proportion, and the marks on it. */
export function BoardDrawing({ instrument, scale, label, marks, touches, ticks, band, ringing, onPlace }: BoardDrawingProps) {
  return (
    <svg width={scale.width} height={scale.height} role="img" aria-label={label}>
      <Board instrument={instrument} scale={scale} />
      {band && <Band band={band} scale={scale} />}
      {instrument.strings.map((string, index) => (
        <StringLine key={string.name} instrument={instrument} scale={scale} index={index} rings={ringing.has(index)} />
      ))}
      {touches.map((touch) => (
        <line
          key={`${touch.stringIndex} ${touch.fromMm}`}
          x1={boardX(scale, touch.fromMm)}
          y1={boardY(scale, instrument, touch.stringIndex, touch.fromMm)}
          x2={boardX(scale, touch.toMm)}
          y2={boardY(scale, instrument, touch.stringIndex, touch.toMm)}
          className="stroke-dove"
          strokeWidth={9}
          strokeLinecap="round"
        />
      ))}
      {marks.map((mark) => (
        <Mark key={mark.id} mark={mark} x={boardX(scale, mark.mm)} y={boardY(scale, instrument, mark.stringIndex, mark.mm)} />
      ))}
      {ticks.map((tick) => (
        <Tick key={tick.id} tick={tick} scale={scale} instrument={instrument} />
      ))}
      {onPlace && <Places instrument={instrument} scale={scale} onPlace={onPlace} />}
    </svg>
  );
}

/** Draws every place of the board, to point at. */
function Places({ instrument, scale, onPlace }: Required<Pick<BoardDrawingProps, 'instrument' | 'scale' | 'onPlace'>>) {
  const at = (semitones: number): number => boardX(scale, mmFromNut(instrument.stringLengthMm, semitones));
  const semitones = Array.from({ length: instrument.highestSemitone + 1 }, (_, index) => index);
  return instrument.strings.flatMap((_, stringIndex) =>
    semitones.map((semitone) => {
      const from = semitone === 0 ? at(0) - BEAD : (at(semitone - 1) + at(semitone)) / 2;
      const to = (at(semitone) + at(semitone + 1)) / 2;
      const y = boardY(scale, instrument, stringIndex, mmFromNut(instrument.stringLengthMm, semitone));
      return (
        <rect
          key={`${stringIndex} ${semitone}`}
          x={from}
          y={y - 2 * BEAD + 2}
          width={to - from}
          height={4 * BEAD - 4}
          data-place={`${stringIndex} ${semitone}`}
          className="cursor-pointer fill-transparent"
          onClick={() => onPlace(stringIndex, semitone)}
        />
      );
    }),
  );
}

const BEAD = 11;

/** The radius of a bead on a ground, and of a dot, px. */
const SMALL_BEAD = 8;
const DOT = 3;

function radiusOf({ ground }: BoardMark): number {
  if (ground === undefined) return BEAD;
  return ground === 0 ? DOT : SMALL_BEAD;
}

/** Draws wood, nut, a line for each semitone, and the ruler below. */
function Board({ instrument, scale }: { readonly instrument: Instrument; readonly scale: BoardScale }) {
  const last = instrument.strings.length - 1;
  const edge = (index: number, mm: number, out: number): string => `${boardX(scale, mm)} ${boardY(scale, instrument, index, mm) + out}`;
  const bottom = boardY(scale, instrument, last, scale.endMm) + 12;
  const semitones = Array.from({ length: instrument.highestSemitone }, (_, index) => index + 1);
  return (
    <>
      <path
        d={`M${edge(0, 0, -12)}L${edge(0, scale.endMm, -12)}L${edge(last, scale.endMm, 12)}L${edge(last, 0, 12)}Z`}
        className="fill-board stroke-board-edge"
      />
      {semitones.map((semitone) => {
        const mm = mmFromNut(instrument.stringLengthMm, semitone);
        return (
          <line
            key={semitone}
            x1={boardX(scale, mm)}
            x2={boardX(scale, mm)}
            y1={boardY(scale, instrument, 0, mm) - 12}
            y2={boardY(scale, instrument, last, mm) + 12}
            className="stroke-board-edge"
          />
        );
      })}
      <line
        x1={scale.nutX}
        x2={scale.nutX}
        y1={boardY(scale, instrument, 0, 0) - 13}
        y2={boardY(scale, instrument, last, 0) + 13}
        strokeWidth={5}
        className="stroke-ink"
      />
      <Ruler scale={scale} y={bottom + 8} />
    </>
  );
}

function Ruler({ scale, y }: { readonly scale: BoardScale; readonly y: number }) {
  return (
    <g>
      <line x1={scale.nutX} x2={boardX(scale, scale.endMm)} y1={y} y2={y} className="stroke-dove" />
      {rulerTicks(scale).map((mm) => (
        <g key={mm}>
          <line x1={boardX(scale, mm)} x2={boardX(scale, mm)} y1={y} y2={y + 5} className="stroke-dove" />
          <DrawnText x={boardX(scale, mm)} y={y + 18} textAnchor="middle" look="scale" className="fill-dove-dark">
            {mm === 0 ? '0 mm' : mm}
          </DrawnText>
        </g>
      ))}
    </g>
  );
}

function Band({ band, scale }: { readonly band: BoardBand; readonly scale: BoardScale }) {
  const x = boardX(scale, band.fromMm) - BEAD - 4;
  return <rect x={x} width={boardX(scale, band.toMm) + BEAD + 4 - x} y={6} height={scale.height - 46} rx={6} className="fill-band" />;
}

interface StringLineProps {
  readonly instrument: Instrument;
  readonly scale: BoardScale;
  readonly index: number;
  readonly rings: boolean;
}

function StringLine({ instrument, scale, index, rings }: StringLineProps) {
  const string = instrument.strings[index];
  const y = boardY(scale, instrument, index, 0);
  return (
    <>
      <line
        x1={scale.nutX}
        x2={boardX(scale, scale.endMm)}
        y1={y}
        y2={boardY(scale, instrument, index, scale.endMm)}
        strokeWidth={0.8 + index * 0.7}
        className={rings ? 'stroke-verdigris' : 'stroke-ink'}
      />
      <DrawnText x={4} y={y + 4} look="scale" className={rings ? 'fill-verdigris' : 'fill-ink'}>
        {string?.number} {noteLabel(string?.name ?? '')}
      </DrawnText>
    </>
  );
}

const LOOKS: Readonly<Record<BoardMark['look'], { readonly bead: string; readonly text: string; readonly dash?: string }>> = {
  chosen: { bead: 'fill-ink stroke-ink', text: 'fill-paper' },
  plays: { bead: 'fill-paper stroke-ink', text: 'fill-ink' },
  rests: { bead: 'fill-paper-deep stroke-dove', text: 'fill-dove-dark', dash: '2 2' },
  key: { bead: 'fill-paper stroke-dove', text: 'fill-ink' },
};

function Mark({ mark, x, y }: { readonly mark: BoardMark; readonly x: number; readonly y: number }): ReactNode {
  const look = LOOKS[mark.look];
  return (
    <g>
      {mark.ground !== undefined && <circle cx={x} cy={y} r={mark.ground} className="fill-dove" fillOpacity={0.55} />}
      {mark.picked === true && <circle cx={x} cy={y} r={BEAD + 7} className="fill-none stroke-ink" strokeWidth={1.4} />}
      {mark.rings && <circle cx={x} cy={y} r={BEAD + 3} className="fill-none stroke-verdigris" strokeWidth={1.8} />}
      <circle cx={x} cy={y} r={radiusOf(mark)} className={look.bead} strokeWidth={1.4} strokeDasharray={look.dash} />
      <DrawnText x={x} y={y + 4.5} textAnchor="middle" look="bead" className={look.text}>
        {mark.text}
      </DrawnText>
      {mark.name !== undefined && (
        <DrawnText x={x} y={y - BEAD - 4} textAnchor="middle" look="remark" className="fill-dove-dark">
          {mark.name}
        </DrawnText>
      )}
    </g>
  );
}

/** The room that "−1.3 mm" takes, px. */
const TICK_TEXT_WIDTH = 56;

/** Draws a tick above and below the bead, so that the bead can be read; its text stands where there is room. */
function Tick({ tick, scale, instrument }: { readonly tick: BoardTick; readonly scale: BoardScale; readonly instrument: Instrument }) {
  const x = boardX(scale, tick.toMm);
  const y = boardY(scale, instrument, tick.stringIndex, tick.toMm);
  const from = boardX(scale, tick.fromMm);
  return (
    <g>
      <path d={`M${x} ${y - BEAD - 7}v8M${x} ${y + BEAD - 1}v8`} className="stroke-ochre" strokeWidth={2} />
      <line x1={from} x2={x} y1={y + BEAD + 3} y2={y + BEAD + 3} className="stroke-ochre" strokeWidth={1.2} />
      {Math.abs(x - from) >= 3 && boardX(scale, tick.nextMm) - x >= TICK_TEXT_WIDTH && (
        <DrawnText x={x + 3} y={y + BEAD + 14} look="remark" className="fill-ochre">
          {tick.text}
        </DrawnText>
      )}
    </g>
  );
}
