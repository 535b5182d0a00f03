/** The words for a newer version of the application, or files that this one needs and that are gone from the server. */
export const NEWER_VERSION = { said: 'A newer version of Dove Path is ready. Nothing you entered is lost.', use: 'Update' } as const;
