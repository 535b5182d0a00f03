import type { WishPart } from '#core/brief/parts';

/** Fewest shifts: below full strength a shift costs three times as much; at full strength the search counts shifts first. */
export const fewestShifts: WishPart = {
  label: 'fewest shifts',
  hint: 'At full strength the number of shifts goes before everything else.',
  weights: ({ shift }) => ({ shift: shift * 3 }),
  countsShiftsFirst: true,
  mayGoHigh: true,
};
