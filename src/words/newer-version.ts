/** A newer version of the application is there, or what this one needs is gone with an older. */
export const NEWER_VERSION = { said: 'A newer version of Dove Path is ready. Nothing you entered is lost.', use: 'Update' } as const;
