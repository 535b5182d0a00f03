import { create } from 'zustand';
import { keepBeside, textBeside } from '../storage/beside/index.ts';

/** The rows under the staff besides the strings, on asking. */
export interface UnderStaff {
  /** Whether the work of the fingers is shown: down, lifted, hovering. */
  readonly fingers: boolean;
  /** Whether tones and semitones are shown. */
  readonly steps: boolean;
  /** Whether the direction and the part of the bow are shown. */
  readonly bow: boolean;
}

/** The key of the choice: the sheet is another page and prints the same. */
const KEY = 'dove-path/under-staff';

function readKept(): UnderStaff {
  const text = textBeside(KEY) ?? '';
  return { fingers: text.includes('fingers'), steps: text.includes('steps'), bow: text.includes('bow') };
}

/** The store of the rows shown under the staff. */
export const underStaffStore = create<UnderStaff>()(readKept);

/** Reads in a component the rows shown under the staff. */
export function useUnderStaff(): UnderStaff {
  return underStaffStore();
}

/** Shows a row under the staff, or hides it. */
export function showUnderStaff(change: Partial<UnderStaff>): void {
  underStaffStore.setState(change);
  const { fingers, steps, bow } = underStaffStore.getState();
  keepBeside(KEY, [fingers ? 'fingers' : '', steps ? 'steps' : '', bow ? 'bow' : ''].join(' ').trim());
}
