import { SVGContext } from 'vexflow/core';
import type { Measure } from '#core/notation';
import { drawMeasure, type Head, type LaidOutStaff, type MeasureRange } from './draw-measures.ts';

/** Engraves a laid-out staff, all of it or some measures, into an empty element and returns the places of the heads. */
export function drawMeasures(into: HTMLDivElement, staff: LaidOutStaff, range: MeasureRange): readonly Head[] {
  return new StaffDrawing(into, staff).show(range);
}

/** A measure that is engraved: its element, and the places of its heads. */
interface DrawnMeasure {
  readonly element: SVGGElement;
  readonly heads: readonly Head[];
}

/** The engraving of one laid-out staff in an element: a measure that stays in view is not engraved again when others come. */
export class StaffDrawing {
  private readonly context: SVGContext;
  private readonly drawn = new Map<number, DrawnMeasure>();

  constructor(
    into: HTMLDivElement,
    readonly staff: LaidOutStaff,
  ) {
    into.replaceChildren();
    this.context = new SVGContext(into);
  }

  /** Shows these measures and no others, the left edge of the first at the left edge of the element; returns the places of the heads. */
  show({ from, to }: MeasureRange): readonly Head[] {
    const { offsets, height } = this.staff.layout;
    const left = offsets[from] ?? 0;
    const width = (offsets[to] ?? left) - left + 2;
    this.context.resize(width, height);
    this.context.svg.setAttribute('viewBox', `${left} 0 ${width} ${height}`);
    for (const [index, { element }] of this.drawn) {
      if (index >= from && index < to) continue;
      element.remove();
      this.drawn.delete(index);
    }
    return this.staff.measures.slice(from, to).flatMap((measure, order) => {
      const drawn = this.drawn.get(from + order) ?? this.draw(measure, from + order);
      this.drawn.set(from + order, drawn);
      return drawn.heads;
    });
  }

  private draw(measure: Measure, index: number): DrawnMeasure {
    const element = this.context.openGroup('measure');
    const heads = drawMeasure(this.context, this.staff, measure, index);
    this.context.closeGroup();
    return { element, heads };
  }
}
