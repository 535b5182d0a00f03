import { RenderContext } from 'vexflow/core';
import { circleOutline } from '../staff-mark.ts';

/** A sign of the music font as the engraver sets it, px. */
export interface RecordedSign {
  readonly kind: 'sign';
  readonly sign: string;
  /** The left edge, px. */
  readonly x: number;
  /** The baseline, px. */
  readonly y: number;
  /** The size of the font, px. */
  readonly size: number;
}

/** An outline as the engraver draws it: absolute, in the notation of SVG, px. */
export interface RecordedOutline {
  readonly kind: 'outline';
  readonly d: string;
  /** The thickness of its line, px; null where it is filled. */
  readonly thick: number | null;
}

/** Anything that the engraver draws. */
export type EngravedShape = RecordedSign | RecordedOutline;

/** The states that are kept while the engraver changes them. */
interface DrawingState {
  lineWidth: number;
  size: number;
  fill: string;
  stroke: string;
}

/** The pixels of a point. */
const PX_PER_POINT = 4 / 3;

/** Records what the engraver draws, instead of drawing it, so that paper needs no browser and screen and print get the same. */
export class Recorder extends RenderContext {
  readonly recorded: EngravedShape[] = [];
  private path = '';
  private state: DrawingState = { lineWidth: 1, size: 30 * PX_PER_POINT, fill: 'black', stroke: 'black' };
  private readonly kept: DrawingState[] = [];

  override get fillStyle(): string {
    return this.state.fill;
  }

  override set fillStyle(style: string | CanvasGradient | CanvasPattern) {
    this.state.fill = String(style);
  }

  override get strokeStyle(): string {
    return this.state.stroke;
  }

  override set strokeStyle(style: string | CanvasGradient | CanvasPattern) {
    this.state.stroke = String(style);
  }

  clear(): void {
    this.recorded.length = 0;
  }

  setFillStyle(style: string): this {
    this.state.fill = style;
    return this;
  }

  setStrokeStyle(style: string): this {
    this.state.stroke = style;
    return this;
  }

  setBackgroundFillStyle(): this {
    return this;
  }

  setShadowColor(): this {
    return this;
  }

  setShadowBlur(): this {
    return this;
  }

  setLineWidth(width: number): this {
    this.state.lineWidth = width;
    return this;
  }

  setLineCap(): this {
    return this;
  }

  setLineDash(): this {
    return this;
  }

  scale(): this {
    return this;
  }

  resize(): this {
    return this;
  }

  clearRect(): this {
    return this;
  }

  pointerRect(): this {
    return this;
  }

  rect(x: number, y: number, width: number, height: number): this {
    this.path += rectangle(x, y, width, height);
    return this;
  }

  fillRect(x: number, y: number, width: number, height: number): this {
    this.recorded.push({ kind: 'outline', d: rectangle(x, y, width, height), thick: null });
    return this;
  }

  beginPath(): this {
    this.path = '';
    return this;
  }

  closePath(): this {
    this.path += 'Z';
    return this;
  }

  moveTo(x: number, y: number): this {
    this.path += `M${x} ${y}`;
    return this;
  }

  lineTo(x: number, y: number): this {
    this.path += `L${x} ${y}`;
    return this;
  }

  bezierCurveTo(...points: readonly number[]): this {
    this.path += `C${points.join(' ')}`;
    return this;
  }

  quadraticCurveTo(controlX: number, controlY: number, x: number, y: number): this {
    this.path += `Q${controlX} ${controlY} ${x} ${y}`;
    return this;
  }

  /** The engraver draws only whole circles: dots. */
  arc(x: number, y: number, radius: number): this {
    this.path += circleOutline(x, y, radius);
    return this;
  }

  fill(): this {
    this.recorded.push({ kind: 'outline', d: this.path, thick: null });
    return this;
  }

  stroke(): this {
    this.recorded.push({ kind: 'outline', d: this.path, thick: this.state.lineWidth });
    return this;
  }

  fillText(text: string, x: number, y: number): this {
    let left = x;
    for (const sign of text) {
      this.recorded.push({ kind: 'sign', sign, x: left, y, size: this.state.size });
      left += this.measureText(sign).width;
    }
    return this;
  }

  save(): this {
    this.kept.push({ ...this.state });
    return this;
  }

  restore(): this {
    this.state = this.kept.pop() ?? this.state;
    return this;
  }

  openGroup(): null {
    return null;
  }

  closeGroup(): void {
    this.path = '';
  }

  openRotation(): void {
    this.path = '';
  }

  closeRotation(): void {
    this.path = '';
  }

  add(): void {
    this.path = '';
  }

  measureText(text: string) {
    return { x: 0, y: 0, width: this.widthOf(text, this.state.size), height: this.state.size };
  }

  setFont(font?: string | { readonly size?: string | number }, size?: string | number): this {
    const asked = typeof font === 'object' ? font.size : size;
    if (asked !== undefined) this.state.size = typeof asked === 'number' ? asked * PX_PER_POINT : sizeInPx(asked);
    return this;
  }

  getFont(): string {
    return `${this.state.size}px music`;
  }

  constructor(private readonly widthOf: (text: string, size: number) => number) {
    super();
  }
}

/** Reads a size of type as style sheets write it: "30pt", "12px"; px. */
export function sizeInPx(text: string): number {
  const size = Number.parseFloat(text);
  return text.includes('pt') ? size * PX_PER_POINT : size;
}

function rectangle(x: number, y: number, width: number, height: number): string {
  return `M${x} ${y}H${x + width}V${y + height}H${x}Z`;
}
