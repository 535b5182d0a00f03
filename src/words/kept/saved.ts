/** Whether all that was changed on a page is saved. */
export const SAVED_WORDS = {
  saved: 'Saved',
  saving: 'Saving',
  failed: 'Not saved',
  again: 'It is tried again every few seconds. A file of it can be brought in on the page “Backup”.',
  asFile: 'Save it as a file',
} as const;
