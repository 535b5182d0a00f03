import type { ItemSchedule } from '#core/practice/session';

/** The lengths that the line of a session can have, minutes: the shortest that holds it is taken. */
const LENGTHS = [5, 10, 15, 20, 30, 40, 50, 60, 80, 100, 120, 150, 180, 240, 300, 360] as const;

/** The smallest distance between two labelled minutes, px. */
const BETWEEN_LABELS = 36;

/** The distances between labelled minutes, minutes. */
const LABELLED = [1, 5, 10, 30, 60] as const;

/** A line of minutes. */
export interface TimeScale {
  /** The minutes at its right end. */
  readonly minutes: number;
  /** The width of a minute, px. */
  readonly pxPerMinute: number;
}

/** Finds the scale on which some minutes fit a width, px. */
export function timeScale(minutes: number, width: number): TimeScale {
  const length = LENGTHS.find((length) => length >= minutes) ?? minutes;
  return { minutes: length, pxPerMinute: width / length };
}

/** Lists the minutes that have a label. */
export function labelledMinutes({ minutes, pxPerMinute }: TimeScale): readonly number[] {
  const step = LABELLED.find((step) => step * pxPerMinute >= BETWEEN_LABELS) ?? minutes;
  return Array.from({ length: Math.floor(minutes / step) + 1 }, (_, order) => order * step);
}

/** A set drawn as a bar: its height tells the tempo. */
export interface TempoBar {
  /** Its left edge, px. */
  readonly x: number;
  /** Its width, px. */
  readonly width: number;
  /** Its height, px. */
  readonly height: number;
  /** The tempo, where it is another than that of the bar before it and there is room for it; null where it is not written. */
  readonly label: string | null;
  /** Whether the hand is opened wide in it. */
  readonly wide: boolean;
}

/** The room that a written tempo takes, px. */
const TEMPO_LABEL = 22;

/** Places the sets of an item as bars, all heights in proportion to their tempos; those after the end of its minutes are cut there. */
export function tempoBars({ sets, seconds }: ItemSchedule, pxPerMinute: number, height: number): readonly TempoBar[] {
  const [px, fastest] = [pxPerMinute / 60, Math.max(1, ...sets.map(({ tempo }) => tempo))];
  const bars: TempoBar[] = [];
  let labelled = { tempo: 0, right: -Infinity };
  for (const { tempo, from, to, wideReaches } of sets) {
    const x = from * px;
    const isWritten = tempo !== labelled.tempo && x >= labelled.right && seconds * px - x >= TEMPO_LABEL;
    if (isWritten) labelled = { tempo, right: x + TEMPO_LABEL };
    bars.push({
      x,
      width: Math.max(1, (Math.min(to, seconds) - from) * px),
      height: (tempo / fastest) * height,
      label: isWritten ? String(tempo) : null,
      wide: wideReaches > 0,
    });
  }
  return bars;
}
