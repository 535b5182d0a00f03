import type { DueNote } from '#core/listening';
import type { Slip } from './simulated-player.ts';

/**
 * Gives one wrong note, one left out, one repeated, one late and a new start, by chance and at places apart. A slip that cannot be heard
 * as one is none: a wrong note differs from its neighbours, and what is repeated or left out stands beside no note of its own pitch. In a
 * short line some may find no place.
 */
export function slipsAmong(due: readonly DueNote[], next: () => number): readonly Slip[] {
  const part = Math.floor(due.length / 6);
  const semitoneOf = (order: number): number => Math.round(12 * Math.log2((due[order]?.hz[0] ?? 1) / 440));
  const isApart = (order: number, by: number): boolean =>
    [order - 1, order + 1].every((other) => semitoneOf(other) !== semitoneOf(order) + by && semitoneOf(other) !== semitoneOf(order));
  const placeIn = (place: number, by: number): number => {
    const orders = Array.from({ length: Math.max(1, part - 1) }, (_, step) => 1 + place * part + step);
    const fit = orders.filter((order) => order < due.length && isApart(order, by));
    return fit[Math.floor(next() * fit.length)] ?? -1;
  };
  const by = next() < 0.5 ? 1 : -1;
  const slips: readonly Slip[] = [
    { kind: 'wrong', order: placeIn(0, by), semitones: by },
    { kind: 'left-out', order: placeIn(1, 0) },
    { kind: 'repeated', order: placeIn(2, 0) },
    { kind: 'late', order: placeIn(3, 0), seconds: 0.4 },
    { kind: 'restart', order: placeIn(4, 0), back: 3 },
  ];
  return slips.filter(({ order }) => order >= 0);
}
