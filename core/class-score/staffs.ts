import { areFingeredAlike } from '#core/plan/describe';
import type { ClassPart } from './class-score.ts';

/** Groups the parts that are the same on the same instrument, note by note and finger by finger: they share a staff of the score. */
export function sharedStaffs(parts: readonly ClassPart[]): readonly (readonly ClassPart[])[] {
  const staffs: ClassPart[][] = [];
  for (const part of parts) {
    const alike = staffs.find(([first]) => first && areFingeredAlike(first.plan, part.plan));
    if (alike) alike.push(part);
    else staffs.push([part]);
  }
  return staffs;
}
