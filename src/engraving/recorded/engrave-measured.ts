import { Element, Font, Metrics, MetricsDefaults } from 'vexflow/core';
import type { Head, LaidOutStaff } from '../draw-measures.ts';
import { drawTogether } from '../draw-measures.ts';
import { MUSIC_FONT } from '../music-font.ts';
import { type EngravedShape, Recorder, sizeInPx } from './recorder.ts';

/** A sign of the music font: its outline, and its measures in thousandths of the font's size, y upward. */
export interface SignOutline {
  /** The outline in the notation of SVG, y downward from the baseline. */
  readonly d: string;
  /** The distance to the next sign. */
  readonly width: number;
  /** The left edge of its ink. */
  readonly left: number;
  /** The right edge of its ink. */
  readonly right: number;
  /** The upper edge of its ink. */
  readonly top: number;
  /** The lower edge of its ink. */
  readonly bottom: number;
}

/** The signs of the music font by their code points. */
export type SignOutlines = Readonly<Record<number, SignOutline>>;

/** A staff as it is engraved without a browser. */
export interface RecordedStaff {
  readonly heads: readonly Head[];
  readonly recorded: readonly EngravedShape[];
}

/**
 * Engraves laid-out staffs into shapes, as in a browser, with the measures of the signs handed in: what sounds together stands one above the
 * other.
 */
export function engraveScore(staffs: readonly LaidOutStaff[], signs: SignOutlines): readonly RecordedStaff[] {
  measureBy(signs);
  const widthOf = (text: string, size: number): number => (measuresOf(text, signs).width * size) / 1000;
  const recorders = staffs.map(() => new Recorder(widthOf));
  const heads: (readonly Head[])[][] = staffs.map(() => []);
  for (const index of staffs[0]?.measures.keys() ?? []) {
    const drawn = staffs.flatMap((staff, order) => {
      const [measure, context] = [staff.measures[index], recorders[order]];
      return measure && context ? [{ staff, measure, context }] : [];
    });
    drawTogether(drawn, index).forEach((ofMeasure, order) => heads[order]?.push(ofMeasure));
  }
  return recorders.map(({ recorded }, order) => ({ heads: heads[order]?.flat() ?? [], recorded }));
}

let measured: SignOutlines | null = null;

/** Makes the engraver measure its signs by their outlines. It asks of a canvas nothing but the measures of text. */
function measureBy(signs: SignOutlines): void {
  if (measured === signs) return;
  measured = signs;
  let size = 0;
  const context = {
    set font(font: string) {
      size = sizeInPx(sizeIn(font));
    },
    measureText: (text: string) => textMetrics(measuresOf(text, signs), size),
  };
  // A canvas has far more than the engraver uses, so that its type cannot be met by anything but a browser.
  Reflect.apply(Element.setTextMeasurementCanvas, Element, [{ getContext: () => context }]);
  // It reads the names of fonts by an element of a page; all of its signs are of one font.
  Font.fromCSSString = (text) => ({ family: MUSIC_FONT, size: sizeIn(text), weight: 'normal', style: 'normal' });
  MetricsDefaults['fontFamily'] = MUSIC_FONT;
  Metrics.clear();
}

/** Finds the size in the description of a font. */
function sizeIn(font: string): string {
  return /[\d.]+(?:pt|px)/.exec(font)?.[0] ?? '0px';
}

/** Joins the measures of signs side by side. */
function measuresOf(text: string, signs: SignOutlines): Omit<SignOutline, 'd'> {
  const joined = { width: 0, left: 0, right: 0, top: 0, bottom: 0 };
  for (const sign of text) {
    const outline = signs[sign.codePointAt(0) ?? 0];
    if (!outline) continue;
    joined.left = joined.width === 0 ? outline.left : joined.left;
    joined.right = joined.width + outline.right;
    joined.top = Math.max(joined.top, outline.top);
    joined.bottom = Math.min(joined.bottom, outline.bottom);
    joined.width += outline.width;
  }
  return joined;
}

function textMetrics({ width, left, right, top, bottom }: Omit<SignOutline, 'd'>, size: number) {
  const px = (thousandths: number): number => (thousandths * size) / 1000;
  return {
    width: px(width),
    actualBoundingBoxLeft: -px(left),
    actualBoundingBoxRight: px(right),
    actualBoundingBoxAscent: px(top),
    actualBoundingBoxDescent: -px(bottom),
    fontBoundingBoxAscent: px(1000),
    fontBoundingBoxDescent: px(200),
  };
}
