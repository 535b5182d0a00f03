import { readySheet, type SheetChoices } from '#core/paper/choices';

/** The choices of a file that shows what the bench shows: staff and path. */
export const WITH_PATH: SheetChoices = {
  ...readySheet('spare'),
  parts: { staff: true, strings: true, positions: true, remarks: true, path: true },
};
