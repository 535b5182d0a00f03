import type { Announcements } from '@dnd-kit/core';
import { liftedText, overText, PUT_DOWN } from '../../words/practice/in-time.ts';

/** Makes what a screen reader says while something is moved; both functions get the id of a thing. */
export function spokenMoves(nameOf: (id: string) => string, placeOf: (id: string) => string | null): Announcements {
  return {
    onDragStart: ({ active }) => liftedText(nameOf(String(active.id))),
    onDragOver: ({ over }) => overText(over && placeOf(String(over.id))),
    onDragEnd: () => PUT_DOWN.there,
    onDragCancel: () => PUT_DOWN.back,
  };
}
