import type { Caution } from '#core/fit';

/** The words for each thing that may hurt. */
const CARE: Readonly<Record<Caution, string>> = {
  opens: 'The hand opens here: open it only as far as it goes easily, and close it again.',
  'double-stops': 'Two strings are stopped together: press no harder than for one.',
  chords: 'Fingers stand on three strings: set them down one after the other, and lift them between tries.',
  thumb:
    'The thumb lies on the string: on the side of its tip, with the weight of the arm and not with pressure. The skin takes weeks to harden.',
  repetition: 'It is repeated: warm up, and play short sets with rests.',
};

/** The sentence at the end of every caution. */
const STOP_AT_PAIN = 'Stop at pain, numbness or tingling, and ask your teacher; a doctor or physiotherapist who knows musicians can help.';

/** Writes the cautions in a few sentences; null where there are none. */
export function cautionText(cautions: readonly Caution[]): string | null {
  return cautions.length === 0 ? null : [...cautions.map((caution) => CARE[caution]), STOP_AT_PAIN].join(' ');
}
