/** Whether all that was changed on a page is saved. */
export const SAVED_WORDS = {
  saved: 'Saved',
  saving: 'Saving',
  failed: 'Not saved',
  again: 'Saving is tried again every few seconds. You can also save it as a file, and bring that in later under Backup.',
  asFile: 'Save it as a file',
} as const;
