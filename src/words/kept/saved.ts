/** The words for whether all changes of a page are saved. */
export const SAVED_WORDS = {
  saved: 'Saved',
  saving: 'Saving',
  failed: 'Not saved',
  again: 'Saving is tried again every few seconds. You can also save it as a file, and bring that in later under Backup.',
  asFile: 'Save it as a file',
} as const;
