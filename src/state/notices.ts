import { create } from 'zustand';

interface Notices {
  /** A wish that was not granted, or something the teacher should know, for a moment. */
  readonly notice: string | null;
}

/** The state of what is said; change it through the functions below. */
export const noticeStore = create<Notices>()(() => ({ notice: null }));

/** Says something to the teacher; null takes it away. */
export function say(notice: string | null): void {
  noticeStore.setState({ notice });
}

/** Takes a notice away. */
export function dismissNotice(): void {
  say(null);
}

/** What is said now. */
export function noticeNow(): string | null {
  return noticeStore.getState().notice;
}

/** What is said now, in a component. */
export function useNotice(): string | null {
  return noticeStore(({ notice }) => notice);
}
