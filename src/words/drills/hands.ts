import type { ArmAct, BowAct, HandsEvent, HandsLane, ThumbAct } from '#core/drill/apart';
import type { InstrumentKind } from '#core/instrument';
import { pitchLabel } from '#core/pitch';

/** The names of the parts of the body in a shift. */
export const LANE_WORDS: Readonly<Record<HandsLane, string>> = {
  fingers: 'Left fingers',
  hand: 'Left hand',
  thumb: 'Left thumb',
  arm: 'Left arm',
  bow: 'Bow',
};

const THUMB: Readonly<Record<ThumbAct, string>> = {
  'with-first-finger': 'The left thumb goes with the first finger.',
  'a-little-ahead': 'The left thumb goes a little ahead of the hand.',
  'stays-at-joint': 'The left thumb stays where the neck meets the body.',
  'met-at-joint': 'The hand meets the left thumb again where the neck meets the body.',
  'behind-second-finger': 'The left thumb stays behind the second finger.',
  'leaves-neck-first': 'The left thumb leaves the neck first.',
  'comes-over-rim': 'The left thumb comes up over the rim and is set on the string.',
  'stays-on-string': 'The left thumb stays on the string and carries the hand.',
  'goes-behind-neck': 'The left thumb goes back behind the neck.',
};

const ARM: Readonly<Record<ArmAct, (instrument: string) => string>> = {
  'elbow-in': (instrument) => `The left elbow swings under the ${instrument}, towards the middle of the body.`,
  'elbow-out': (instrument) => `The left elbow swings back out from under the ${instrument}.`,
  'elbow-still': (instrument) =>
    `The left elbow hardly moves under the ${instrument}: the string takes it one way, the position the other.`,
  'elbow-stays-up': (instrument) => `The left elbow stays up beside the neck of the ${instrument}.`,
  'elbow-rises-forward': (instrument) => `The left elbow rises and comes forward over the ${instrument}.`,
  'elbow-stays-forward': (instrument) => `The left elbow stays up and forward over the ${instrument}.`,
  'elbow-goes-back': (instrument) => `The left elbow goes back to beside the neck of the ${instrument}.`,
  'over-shoulder': (instrument) => `The left arm comes over the shoulder of the ${instrument}.`,
  'stays-over-shoulder': (instrument) => `The left arm stays over the shoulder of the ${instrument}.`,
  'back-from-shoulder': (instrument) => `The left arm goes back behind the shoulder of the ${instrument}.`,
};

const BOW: Readonly<Record<BowAct, string>> = {
  'changes-on-arrival': 'The bow changes with the new finger.',
  'changes-before': 'The bow changes first; the slide is in the new bow.',
  'goes-on': 'The bow goes on, a little lighter while the hand travels.',
  'sounds-open-string': 'The bow sounds the open string while the hand travels.',
  waits: 'The bow waits in the rest.',
};

const SPEED = { even: ' at an even speed', slowing: ', slowing before the goal', both: '' } as const;

const INSTRUMENTS: Readonly<Record<InstrumentKind, string>> = { violin: 'violin', viola: 'viola', cello: 'cello', bass: 'double bass' };

/** Writes in a sentence what one part of the body does at one time. */
export function handsText(event: HandsEvent, kind: InstrumentKind): string {
  switch (event.lane) {
    case 'fingers':
      return fingersText(event);
    case 'hand':
      return `The left hand travels ${event.way}${SPEED[event.speed]}, fingers together.`;
    case 'thumb':
      return THUMB[event.what];
    case 'arm':
      return ARM[event.what](INSTRUMENTS[kind]);
    case 'bow':
      return BOW[event.what];
  }
}

function fingersText(event: Extract<HandsEvent, { lane: 'fingers' }>): string {
  switch (event.what) {
    case 'lightens':
      return `${fingerName(event.finger)} lightens, still touching the string.`;
    case 'passes':
      return `${fingerName(event.note.finger)} passes ${pitchLabel(event.note.written)} on string ${event.note.string}.`;
    case 'is-set':
      return `${fingerName(event.finger)} is set.`;
    case 'takes-weight':
      return `The weight comes back into ${fingerName(event.finger).toLowerCase()}.`;
  }
}

function fingerName(finger: string): string {
  return finger === 'T' ? 'The thumb' : `Finger ${finger}`;
}
