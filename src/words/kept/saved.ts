/** Whether all that was changed on a page is saved. */
export const SAVED_WORDS = { saved: 'Saved', saving: 'Saving', failed: 'Not saved' } as const;
