import { countText } from '../counted.ts';
import { issuesAbout } from '../issue.ts';

/** A note, the teacher's wish for it (null for none), and what stands against it. */
interface Excluded {
  /** The note, as people read it. */
  readonly pitch: string;
  /** The wish for it; null for none. */
  readonly wish: string | null;
}

/** A limit, and what it would take to play a note all the same. */
interface OneLimit {
  readonly other?: string | null;
  readonly limit: string;
  readonly need: string;
}

/** Reports a wish that no fingering keeps, or that names something unknown. */
export const limitIssue = issuesAbout('limit', {
  /** A limit or lock that names a string the instrument does not have. */
  'unknown-string': ({ name, known }: { readonly name: string; readonly known: readonly string[] }) => ({
    expected: known.join(', '),
    came: name,
    message: `This instrument has no string ${name}.`,
    hint: `Its strings are ${known.join(', ')}.`,
  }),

  /** A passage whose notes the line does not have. */
  'passage-outside-line': ({ from, to, count }: { readonly from: number; readonly to: number; readonly count: number }) => ({
    expected: `notes 1 to ${count}`,
    came: `${from + 1} to ${to + 1}`,
    message: `Something is asked of notes ${from + 1} to ${to + 1}, but the line has ${countText(count, 'note', 'notes')}.`,
    hint: 'Name notes of the line, the earlier one first.',
  }),

  /** A position label the school does not use. */
  'unknown-position': ({ label, known }: { readonly label: string; readonly known: readonly string[] }) => ({
    expected: known.join(', '),
    came: label,
    message: `This school has no position “${label}”.`,
    hint: `Its positions are ${known.join(', ')}.`,
  }),

  /** A highest note below the open string it is to limit. */
  'highest-below-string': ({ pitch, string }: { readonly pitch: string; readonly string: string }) => ({
    expected: `a note on the ${string} string`,
    came: pitch,
    message: `${pitch} lies below the open ${string} string, so it cannot be its highest note.`,
    hint: 'Name a note on that string.',
  }),

  /**
   * A note, or two together (`other` is the second), that one limit alone excludes: `need` is what playing it would take ("third position
   * on the D string").
   */
  'excluded-by-one': ({ pitch, other = null, wish, limit, need }: Excluded & OneLimit) => ({
    expected: need,
    came: limit,
    message: other
      ? `${pitch} and ${other} together need ${need}, which this brief leaves out (${limit}).`
      : `${wish === null ? pitch : `${pitch} with ${wish}`} needs ${need}, which this brief leaves out (${limit}).`,
    hint: other ? `Play them one after the other, or allow ${need}.` : `Allow ${need}, and it can be played.`,
  }),

  /** A note that several limits together exclude. */
  'excluded-by-several': ({ pitch, wish, limits }: Excluded & { readonly limits: readonly string[] }) => ({
    expected: 'limits within which it can be played',
    came: limits.join('; '),
    message: `${wish === null ? pitch : `${pitch} with ${wish}`} cannot be played within these limits together: ${limits.join('; ')}.`,
    hint: 'Relax more than one of them.',
  }),

  /** A note or double stop beyond this hand's reach; `assumed` means that no hand was measured. */
  'beyond-reach': (reach: { readonly pitch: string; readonly needMm: number; readonly maxMm: number; readonly assumed: boolean }) => ({
    expected: `at most ${Math.floor(reach.maxMm)} mm`,
    came: `${Math.ceil(reach.needMm)} mm`,
    message: `${reach.pitch} asks for a reach of ${Math.ceil(reach.needMm)} mm; ${reach.assumed ? 'a large hand' : 'this hand'} spans ${Math.floor(reach.maxMm)} mm at most.`,
    hint: 'Higher on the string or on a smaller instrument the same is within reach; never force it.',
  }),

  /** One pattern for every octave asked of material that has no octaves. */
  'pattern-needs-scale': ({ kind }: { readonly kind: string }) => ({
    expected: 'a scale or an arpeggio',
    came: kind,
    message: 'The same pattern in every octave can be asked of scales and arpeggios only.',
    hint: 'Leave it out for this material.',
  }),

  /** A line in which every note can be played, but no whole line keeps what is asked. */
  'no-way-at-all': ({ notes }: { readonly notes: number }) => ({
    expected: 'a fingering of the whole line',
    came: `none for ${notes} notes`,
    message: 'No fingering of the whole line meets everything that is asked.',
    hint: 'Allow one position more, or let the way down be its own, or the octaves differ.',
  }),

  /** A count of shifts that is impossible; `counts` are those that are possible. */
  'no-way-with-shifts': ({ shifts, counts }: { readonly shifts: number; readonly counts: readonly number[] }) => {
    const [nearest] = [...counts].sort((one, other) => Math.abs(one - shifts) - Math.abs(other - shifts));
    return {
      expected: nearest === undefined ? 'any number of shifts' : shiftsText(nearest),
      came: shiftsText(shifts),
      message: `There is no fingering with exactly ${shiftsText(shifts)} within these limits.`,
      hint: nearest === undefined ? 'Leave the number of shifts open.' : `The nearest possible is ${shiftsText(nearest)}.`,
    };
  },

  /** A weight outside its range. */
  'weight-out-of-range': (weight: { readonly name: string; readonly value: number; readonly least: number; readonly most: number }) => ({
    expected: `${weight.least} to ${weight.most}`,
    came: String(weight.value),
    message: `The weight “${weight.name}” cannot be ${weight.value}.`,
    hint: `It lies between ${weight.least} and ${weight.most}.`,
  }),

  /** A weight with too many or too few values. */
  'weight-of-other-shape': ({ name, values }: { readonly name: string; readonly values: number }) => ({
    expected: countText(values, 'value', 'values'),
    came: name,
    message: `The weight “${name}” has ${countText(values, 'value', 'values')}.`,
    hint: 'Give as many as the table of weights has.',
  }),
});

function shiftsText(count: number): string {
  return countText(count, 'shift', 'shifts');
}
