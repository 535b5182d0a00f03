import { create } from 'zustand';

interface Notices {
  /** The notice: a wish that was not granted, or something the teacher should know, for a moment. */
  readonly notice: string | null;
}

/** The store of the notice; change it through the functions below. */
const noticeStore = create<Notices>()(() => ({ notice: null }));

/** Shows a notice to the teacher; null removes it. */
export function say(notice: string | null): void {
  noticeStore.setState({ notice });
}

/** Removes a notice. */
export function dismissNotice(): void {
  say(null);
}

/** Gives the notice shown now. */
export function noticeNow(): string | null {
  return noticeStore.getState().notice;
}

/** Reads the notice shown now in a component. */
export function useNotice(): string | null {
  return noticeStore(({ notice }) => notice);
}
