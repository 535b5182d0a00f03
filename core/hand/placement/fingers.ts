/** The fingers of the left hand as players number them; `0` is the open string, `T` the thumb (cello, double bass). */
export const FINGERS = ['0', 'T', '1', '2', '3', '4'] as const;

/** A finger of the left hand; `0` is the open string, `T` the thumb. */
export type Finger = (typeof FINGERS)[number];

/** Gives the players' order of the fingers from the nut up: the thumb, then 1 to 4; null for the open string. */
export function rankOf(finger: Finger): 0 | 1 | 2 | 3 | 4 | null {
  switch (finger) {
    case '0':
      return null;
    case 'T':
      return 0;
    case '1':
      return 1;
    case '2':
      return 2;
    case '3':
      return 3;
    case '4':
      return 4;
  }
}
