/** Writes why a write failed; `name` is the database's name for it. */
export function storageFailureText(name: string): string {
  const why = WHY_NOT_SAVED[name] ?? `The last change could not be saved (${name === '' ? 'unknown error' : name}).`;
  return `${why} It is still here.`;
}

const WHY_NOT_SAVED: Readonly<Record<string, string>> = {
  QuotaExceededError:
    'The browser’s storage is full, so the last change is not saved. Delete pieces you no longer need, or make room on the disk.',
  SilentStorage:
    'The browser’s storage does not answer, so the last change is not saved yet. If another tab of Dove Path is open, close it.',
  NotLoaded:
    'The part of Dove Path that saves could not be loaded, so the last change is not saved yet. Check the connection; if that does not help, reload this page.',
  VersionError: 'A newer version of Dove Path is open in another tab, so this one can no longer save. Reload this page.',
  WrittenByNewer:
    'A newer version of Dove Path has changed this, so this one does not write over it. Reload this page to get the newer version; it takes your change along.',
  DatabaseClosedError: 'The browser has closed its storage, so the last change is not saved. Reload this page.',
};
