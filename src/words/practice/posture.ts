import type { InstrumentKind } from '#core/instrument';
import type { PosturePoint } from '#core/practice/log';

const BOW: readonly PosturePoint[] = [
  { name: 'Right thumb bent', hint: 'Its tip rests on the stick, and the fingers curve over it.' },
  { name: 'Bow straight', hint: 'Parallel to the bridge from frog to tip; watch it in a mirror from the side.' },
];

const VIOLIN: readonly PosturePoint[] = [
  { name: 'Left thumb loose', hint: 'It can tap the neck while the fingers play.' },
  { name: 'Left wrist straight', hint: 'Seen from the side, forearm and back of the hand make one line in the low positions.' },
  { name: 'Left elbow under the instrument', hint: 'It swings inward for the low strings and back for the high one.' },
  { name: 'Head and shoulders free', hint: 'The head can turn, and no shoulder is pulled up.' },
  ...BOW,
];

const CELLO: readonly PosturePoint[] = [
  { name: 'Both feet on the floor', hint: 'On the front half of the chair; the knees lean on the cello and do not squeeze it.' },
  { name: 'Left thumb loose', hint: 'Behind the second finger, and light enough to slide with the hand.' },
  { name: 'Left elbow up', hint: 'Forearm and back of the hand make one line; the wrist does not hang.' },
  { name: 'Shoulders low', hint: 'Both of them, on long notes too.' },
  ...BOW,
];

const BASS: readonly PosturePoint[] = [
  { name: 'The bass is balanced', hint: 'It stays where it is when the left hand is taken away.' },
  { name: 'Left thumb loose', hint: 'Behind the second finger; the weight of the arm stops the string, not a squeeze.' },
  { name: 'Left elbow up', hint: 'Forearm and back of the hand make one line.' },
  { name: 'Back and knees free', hint: 'The back is long, and no knee is locked.' },
  ...BOW,
];

/** The points of posture with which a teacher may begin, for each instrument, each with what to watch in a mirror or a film. */
export const USUAL_POINTS: Readonly<Record<InstrumentKind, readonly PosturePoint[]>> = {
  violin: VIOLIN,
  viola: VIOLIN,
  cello: CELLO,
  bass: BASS,
};

/** Gives the points that are offered by their names for an instrument; the violin's where it is not known. */
export function pointsOffered(kind: InstrumentKind | null): readonly PosturePoint[] {
  return [...USUAL_POINTS[kind ?? 'violin'], { name: 'Nails of the left hand short' }, { name: 'Right elbow level with the bow' }];
}

/** The sentence beside the points: the teacher's eye comes first. */
export const POSTURE_DEFERS =
  'Points to begin with. Your own eye comes first: change them, or leave them out. Where something hurts, see a doctor.';
