import type { Caution } from '#core/fit';

/** What is said of each thing that may hurt. */
const CARE: Readonly<Record<Caution, string>> = {
  opens: 'The hand opens here: open it only as far as it goes easily, and close it again.',
  'double-stops': 'Two strings are stopped together: press no harder than for one.',
  chords: 'Fingers stand on three strings: set them down one after the other, and lift them between tries.',
  thumb:
    'The thumb lies on the string: on the side of its tip, with the weight of the arm and not with pressure. The skin takes weeks to harden.',
  repetition: 'It is repeated: warm up, and play short sets with rests.',
};

/** Said at the end, whatever it is. */
const STOP_AT_PAIN = 'Stop at pain, numbness or tingling, and ask your teacher; a doctor or physiotherapist who knows musicians can help.';

/** What is to be taken care of, in a few sentences; null where nothing is. */
export function cautionText(cautions: readonly Caution[]): string | null {
  return cautions.length === 0 ? null : [...cautions.map((each) => CARE[each]), STOP_AT_PAIN].join(' ');
}
