import { issuesAbout } from '../issue.ts';

/** Two notes played together. */
interface Pair {
  /** The lower note, as people read it. */
  readonly low: string;
  /** The higher note, as people read it. */
  readonly high: string;
}

/** Reports notes that the instrument or the school does not have. */
export const rangeIssue = issuesAbout('range', {
  /** Notes below the lowest string: the lowest of them, their number, and the octaves by which the line would have to rise. */
  'below-strings': (below: {
    readonly pitch: string;
    readonly count: number;
    readonly lowest: string;
    readonly kind: string;
    readonly octavesUp: number;
  }) => ({
    expected: `${below.lowest} or higher`,
    came: below.pitch,
    message: `${below.pitch}${below.count > 1 ? ` (the lowest of ${below.count} such notes)` : ''} lies below the lowest string of this ${below.kind}, ${below.lowest}.`,
    hint: `${below.octavesUp === 1 ? 'An octave' : `${below.octavesUp} octaves`} higher it fits.`,
  }),

  /** A note that no finger of the school reaches; `octavesDown` is 0 where no octave helps. */
  'above-school': (above: { readonly pitch: string; readonly highest: string; readonly kind: string; readonly octavesDown: number }) => ({
    expected: `${above.highest} or lower`,
    came: above.pitch,
    message: `${above.pitch} is higher than this hand reaches on the ${above.kind}: it goes up to ${above.highest}.`,
    hint:
      above.octavesDown > 0
        ? `${above.octavesDown === 1 ? 'An octave' : `${above.octavesDown} octaves`} lower it fits.`
        : 'Choose fewer octaves.',
  }),

  /** A pitch that is no natural harmonic of any string. */
  'no-harmonic': ({ pitch }: { readonly pitch: string }) => ({
    expected: 'a harmonic of an open string',
    came: pitch,
    message: `${pitch} is no natural harmonic on this instrument.`,
    hint: 'Stop the note, or write a harmonic of an open string.',
  }),

  /** A pitch that cannot be played as a stopped harmonic. */
  'no-stopped-harmonic': ({ pitch, thumb }: { readonly pitch: string; readonly thumb: boolean }) => ({
    expected: 'a note stopped two octaves below, and another finger a fourth above it',
    came: pitch,
    message: `${pitch} cannot be played as a stopped harmonic here: no hand stops the note two octaves below and touches a fourth above it.`,
    hint: thumb
      ? 'On cello and double bass the thumb stops it and 3 touches: allow thumb position, and lower if need be, or write the harmonic higher.'
      : 'The first finger stops it and 4 touches, from the first semitone of the lowest string up: write the harmonic higher or lower.',
  }),

  /** A double stop that the thumb alone holds, in a school that does not set it. */
  'needs-thumb': ({ low, high }: Pair) => ({
    expected: 'two notes that a hand holds without the thumb',
    came: `${low} and ${high}`,
    message: `${low} and ${high} together need the thumb on the string.`,
    hint: 'Choose a player with thumb position, or play them one after the other.',
  }),

  /** A double stop that the thumb holds only lower than the school sets it. */
  'below-thumb': ({ low, high }: Pair) => ({
    expected: 'two notes that the thumb holds where this player sets it',
    came: `${low} and ${high}`,
    message: `${low} and ${high} together need the thumb lower on the string than this player sets it.`,
    hint: 'Let this player set the thumb lower on the string, or play them one after the other.',
  }),

  /** A double stop for which neighbouring strings would have to be skipped. */
  'double-stop-skips': ({ low, high }: Pair) => ({
    expected: 'two notes on neighbouring strings',
    came: `${low} and ${high}`,
    message: `${low} and ${high} together would skip a string: neighbouring strings lie a fourth apart here.`,
    hint: 'Play them one after the other, or a smaller interval.',
  }),

  /** A chord no three neighbouring strings hold. */
  'no-chord': ({ low, middle, high }: Pair & { readonly middle: string }) => ({
    expected: 'three notes on three neighbouring strings',
    came: `${low}, ${middle} and ${high}`,
    message: `No three neighbouring strings hold ${low}, ${middle} and ${high} together in one hand.`,
    hint: 'Leave one of the notes out, move one by an octave, or play them one after the other.',
  }),

  /** A double stop no two neighbouring strings hold. */
  'no-double-stop': ({ low, high }: Pair) => ({
    expected: 'two notes on neighbouring strings',
    came: `${low} and ${high}`,
    message: `No two neighbouring strings hold ${low} and ${high} together in one hand.`,
    hint: 'Move one of the notes by an octave, or play them one after the other.',
  }),
});
