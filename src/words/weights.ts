import type { WeightUnit } from '#core/search';

/** How a weight is counted, in words. */
export const UNIT_LABELS: Readonly<Record<WeightUnit, string>> = {
  'thousandths each': 'each time',
  'thousandths by finger': 'by finger: T · 1 · 2 · 3 · 4',
  'thousandths by position': 'by position, from half position up',
  'thousandths per mm': 'for each mm',
  'thousandths per mm/s': 'for each mm/s above an easy speed',
  'thousandths per semitone': 'for each semitone',
  share: 'as a share',
  semitones: 'in semitones above the open string',
};

/** "Shift per mm": the name of a weight in documents, as words. */
export function weightName(name: string): string {
  const words = name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
