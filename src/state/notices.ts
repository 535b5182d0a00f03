import { create } from 'zustand';

/** A way from a notice to another page. */
export interface WayOn {
  readonly href: string;
  readonly name: string;
}

interface Notices {
  /** The notice: a wish that was not granted, or something the teacher should know, for a moment. */
  readonly notice: string | null;
  /** The way on from it; null for none. */
  readonly way: WayOn | null;
}

/** The store of the notice; change it through the functions below. */
const noticeStore = create<Notices>()(() => ({ notice: null, way: null }));

/** Shows a notice to the teacher, with a way on from it; null removes it. */
export function say(notice: string | null, way: WayOn | null = null): void {
  noticeStore.setState({ notice, way });
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

/** Reads the way on from the notice shown now in a component. */
export function useWayOn(): WayOn | null {
  return noticeStore(({ way }) => way);
}
