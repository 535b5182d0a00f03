export { Addressed } from './Addressed.tsx';
export { BackupReminder } from './BackupReminder.tsx';
export { Header } from './Header.tsx';
export { KeptNotices } from './KeptNotices.tsx';
export { PageShell } from './PageShell.tsx';
export { SavedState } from './SavedState.tsx';
export { type PageName, PIECE_PAGES, ROOMS } from './rooms.ts';
export { usePageTitle } from './use-page-title.ts';
