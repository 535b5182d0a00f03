import type { Engraving, Measure } from '#core/notation';
import { layoutStaff } from './layout.ts';

/** Breaks an engraving into systems that fit a width: as many measures to a line as go in naturally, at least one. */
export function systemsOf(engraving: Engraving, width: number): readonly (readonly Measure[])[] {
  const systems: Measure[][] = [];
  for (const measure of engraving.measures) {
    const last = systems[systems.length - 1];
    const first = systems.length <= 1;
    if (last && naturalWidth(engraving, [...last, measure], first) <= width) last.push(measure);
    else systems.push([measure]);
  }
  return systems;
}

function naturalWidth(engraving: Engraving, measures: readonly Measure[], first: boolean): number {
  const { offsets } = layoutStaff(engraving, measures, { available: 0, first });
  return offsets[offsets.length - 1] ?? 0;
}
