import type { PracticePart } from '#core/practice/item';

/** Puts a part of the piece on the bench into today’s session or the week; without a part what is selected, else all of it. */
export function putInNow(place: 'session' | 'week', part?: PracticePart): void {
  // The code that writes sessions comes with the first that is written from here.
  void import('../../../state/practice/put-work-in.ts').then(async ({ putWorkIn }) => await putWorkIn(place, part));
}
