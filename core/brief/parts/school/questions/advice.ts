import { ALL_STRINGS, LOWER_STRINGS, type Question, UPPER_STRINGS } from '../question.ts';

/** The left thumb in a shift, on violin and viola. */
export const thumbViolin = {
  title: 'The left thumb in a shift',
  kinds: UPPER_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'the thumb either way', gains: '' },
    with: { label: 'the thumb moving with the hand', gains: 'The left hand arrives whole, with its frame unchanged.' },
    ahead: { label: 'the thumb going ahead', gains: 'Coming down, the neck is free before the left hand moves.' },
  },
} as const satisfies Question;

/** The left thumb in a shift, on cello and double bass. */
export const thumbCello = {
  title: 'The left thumb in a shift on cello and bass',
  kinds: LOWER_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'the thumb either way', gains: '' },
    with: {
      label: 'the thumb staying behind the second finger',
      gains: 'The left arm carries one hand, and the neck is felt the same in every position.',
    },
    ahead: {
      label: 'the thumb leaving the neck first',
      gains: 'Near the body of the instrument the left arm can come up and round in time.',
    },
  },
} as const satisfies Question;

/** The left wrist in a shift, on violin and viola. */
export const wrist = {
  title: 'The left wrist in a shift',
  kinds: UPPER_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'the wrist either way', gains: '' },
    straight: { label: 'a straight wrist', gains: 'The forearm moves from the elbow, and the distance is always felt alike.' },
    leads: { label: 'a wrist that gives a little first', gains: 'The left hand starts softly and does not jerk.' },
  },
} as const satisfies Question;

/** The left elbow in a shift, on cello and double bass. */
export const elbow = {
  title: 'The left arm in a shift on cello and bass',
  kinds: LOWER_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'the arm either way', gains: '' },
    whole: { label: 'the whole arm moving at once', gains: 'Upper arm and hand keep their angle, so the fingers fall as before.' },
    elbow: { label: 'the elbow swinging ahead', gains: 'The left arm starts in a curve, and a long way feels shorter.' },
  },
} as const satisfies Question;

/** The speed of the slide. */
export const slideSpeed = {
  title: 'The speed of a slide',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'either speed', gains: '' },
    even: { label: 'an even slide', gains: 'The left hand measures the way by its time.' },
    slowing: { label: 'a slide that slows before the goal', gains: 'The ear has time to meet the note.' },
  },
} as const satisfies Question;

/** The weight of the finger while it moves, and where it arrives. */
export const fingerWeight = {
  title: 'The weight of the finger in a shift',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'either weight', gains: '' },
    light: { label: 'light all the way, full on arrival', gains: 'The finger glides, and the note begins cleanly.' },
    even: { label: 'the same weight all the way', gains: 'The slide is heard, and learnt by ear.' },
  },
} as const satisfies Question;

/** The pad or the tip of the finger where the places are narrow. */
export const padOrTip = {
  title: 'Pad or tip of the left finger',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'high-place',
  sides: {
    both: { label: 'pad or tip', gains: '' },
    tip: { label: 'the tip of the finger', gains: 'It takes least room where semitones are narrower than a finger is wide.' },
    pad: { label: 'the pad of the finger', gains: 'It covers thick strings and sounds rounder.' },
  },
} as const satisfies Question;

/** The bow on two strings at once. */
export const bowOnTwo = {
  title: 'The bow on two strings',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'double-stop',
  sides: {
    both: { label: 'either balance', gains: '' },
    even: { label: 'the same weight on both strings, hair flat', gains: 'The right arm finds one level, and both notes speak.' },
    lower: { label: 'more bow on the lower string', gains: 'The upper note is tuned to a base that is clearly heard.' },
  },
} as const satisfies Question;

/** The correction of double stops that are not in tune. */
export const correcting = {
  title: 'A double stop out of tune',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'double-stop',
  sides: {
    both: { label: 'either way', gains: '' },
    // The name is stored in documents, so it stays whatever the label says.
    anew: { label: 'fingers lifted and set again', gains: 'The left hand learns the right place, not the way to it.' },
    small: { label: 'a small correction allowed', gains: 'The ear leads the finger, as it must on stage.' },
  },
} as const satisfies Question;

/** Vibrato while a shift or a place is learnt. */
export const vibrato = {
  title: 'Vibrato while practising shifts',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'shift',
  sides: {
    both: { label: 'vibrato or none', gains: '' },
    off: { label: 'no vibrato until the place is sure', gains: 'The pitch can be judged.' },
    on: { label: 'vibrato from the start', gains: 'The left hand arrives loose, as it will play.' },
  },
} as const satisfies Question;

/** The tuner while a line is played. */
export const liveTuner = {
  title: 'The tuner while playing',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'check',
  sides: {
    both: { label: 'whenever it is wanted', gains: '' },
    late: { label: 'after the ear has said flat or sharp', gains: 'The ear decides, and then learns how far it can be trusted.' },
    never: { label: 'never', gains: 'Nothing takes the place of listening.' },
  },
} as const satisfies Question;

/** The means by which a note is judged. */
export const judging = {
  title: 'How a note is checked',
  kinds: ALL_STRINGS,
  usual: 'both',
  toldAt: 'check',
  sides: {
    both: { label: 'any of these', gains: '' },
    ear: { label: 'the ear first: sing it, then play', gains: 'The player hears the goal before the hand moves.' },
    'open-strings': { label: 'open strings', gains: 'They are always there, and what rings is in tune with the instrument.' },
    lower: { label: 'the same note in a lower position', gains: 'A place that is sure teaches one that is not.' },
    tuner: { label: 'the tuner', gains: 'It tells how far and which way.' },
  },
} as const satisfies Question;
