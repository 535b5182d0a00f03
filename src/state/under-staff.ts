import { create } from 'zustand';
import { keepBeside, textBeside } from '../storage/beside/beside.ts';

/** What stands under the staff besides the strings, on asking. */
export interface UnderStaff {
  /** What the fingers do: down, lifted, hovering. */
  readonly fingers: boolean;
  /** Tones and semitones. */
  readonly steps: boolean;
  /** Which way and at which part the bow is. */
  readonly bow: boolean;
}

/** Where the choice is kept: the sheet is another page and prints the same. */
const KEY = 'dove-path/under-staff';

function kept(): UnderStaff {
  const text = textBeside(KEY) ?? '';
  return { fingers: text.includes('fingers'), steps: text.includes('steps'), bow: text.includes('bow') };
}

/** What is shown under the staff. */
export const underStaffStore = create<UnderStaff>()(kept);

/** Reads in a component what is shown under the staff. */
export function useUnderStaff(): UnderStaff {
  return underStaffStore();
}

/** Shows something under the staff, or no longer. */
export function showUnderStaff(change: Partial<UnderStaff>): void {
  underStaffStore.setState(change);
  const { fingers, steps, bow } = underStaffStore.getState();
  keepBeside(KEY, [fingers ? 'fingers' : '', steps ? 'steps' : '', bow ? 'bow' : ''].join(' ').trim());
}
