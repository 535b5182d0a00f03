import { ALL_STRINGS, type Question, type Side } from '../question.ts';
import { type StyleName, USUAL_STYLE } from '../styles.ts';

/** The way down of a scale or arpeggio, unless the piece itself chooses. */
export const down = {
  title: 'The way down',
  kinds: ALL_STRINGS,
  usual: 'own',
  sides: {
    own: { label: 'a separate fingering going down', gains: 'Each way has the shifts that suit it.' },
    'as-up': { label: 'one fingering up and down', gains: 'One fingering to learn, and the landmarks stay.' },
  },
} as const satisfies Question;

/** The tuning that the notes aim at, unless the piece itself chooses. */
export const intonation = {
  title: 'Intonation',
  kinds: ALL_STRINGS,
  usual: 'equal',
  sides: {
    equal: { label: 'equal intonation', gains: 'It agrees with the piano and with every tuner.' },
    linear: { label: 'linear intonation', gains: 'Fifths as pure as the open strings, and leading notes that lead.' },
    pure: { label: 'pure intonation', gains: 'Thirds and sixths that ring in double stops and against a drone.' },
  },
} as const satisfies Question;

/** The bundle of wishes that a teacher works with. */
export const style = {
  title: 'Style',
  kinds: ALL_STRINGS,
  usual: USUAL_STYLE,
  sides: {
    older: { label: 'the older style', gains: 'Low positions and open strings: clear, and easy to check.' },
    plain: { label: 'a plain style', gains: 'No preferences beyond a hand that plays well.' },
    singing: { label: 'a singing style', gains: 'Slides join the notes, and the colour stays on one string.' },
  } satisfies Readonly<Record<StyleName, Side>>,
} as const satisfies Question;
