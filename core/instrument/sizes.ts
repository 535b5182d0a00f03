/** The four instruments of the family, high to low. */
export const INSTRUMENT_KINDS = ['violin', 'viola', 'cello', 'bass'] as const;

/** The tunings of the open strings to each other, the A first: in pure fifths or fourths, or as an equal tuner shows. */
export const OPEN_TUNINGS = ['pure', 'equal'] as const;

type Kind = (typeof INSTRUMENT_KINDS)[number];

/** One size of an instrument: its name as makers say it and its typical vibrating string length. */
export interface SizeEntry {
  /** The size as makers name it. */
  readonly size: string;
  /** The length from nut to bridge, mm. */
  readonly stringLengthMm: number;
}

/**
 * The typical vibrating lengths in mm, full size first. Makers differ: a brief may carry the measured length instead. Viola sizes are body
 * lengths in inches. Source: the usual tables of string and instrument makers, rounded.
 */
export const SIZES: Readonly<Record<Kind, readonly SizeEntry[]>> = {
  violin: sizes({ '4/4': 328, '7/8': 317, '3/4': 307, '1/2': 283, '1/4': 252, '1/8': 227, '1/10': 213, '1/16': 196, '1/32': 180 }),
  viola: sizes({ '17"': 388, '16.5"': 380, '16"': 370, '15.5"': 360, '15"': 350, '14"': 330, '13"': 310, '12"': 285 }),
  cello: sizes({ '4/4': 690, '7/8': 655, '3/4': 620, '1/2': 560, '1/4': 510, '1/8': 440, '1/10': 400 }),
  bass: sizes({ '4/4': 1110, '7/8': 1080, '3/4': 1050, '1/2': 970, '1/4': 900, '1/8': 830 }),
};

/** Gives the size an adult plays unless something else is said: the double bass is usually a three-quarter. */
export function defaultSize(kind: Kind): string {
  return { violin: '4/4', viola: '16"', cello: '4/4', bass: '3/4' }[kind];
}

/** The A4 that strings are tuned to, Hz: as usual, lowest and highest. */
export const REFERENCE_A = { usual: 440, lowest: 415, highest: 445 } as const;

/**
 * Gives the shortest and longest vibrating length that an instrument of this kind can have, mm: a tenth beyond its smallest and largest
 * usual size, in whole centimetres.
 */
export function saneLengthsMm(kind: Kind): readonly [number, number] {
  const lengths = SIZES[kind].map((entry) => entry.stringLengthMm);
  return [Math.floor((Math.min(...lengths) * 0.9) / 10) * 10, Math.ceil((Math.max(...lengths) * 1.1) / 10) * 10];
}

/** The open strings as usually tuned, highest (I) first, sounding, in documents' form. */
export const TUNINGS: Readonly<Record<Kind, readonly string[]>> = {
  violin: ['E5', 'A4', 'D4', 'G3'],
  viola: ['A4', 'D4', 'G3', 'C3'],
  cello: ['A3', 'D3', 'G2', 'C2'],
  bass: ['G2', 'D2', 'A1', 'E1'],
};

/** The end of the fingerboard, as a share of the vibrating length from the nut: nothing is planned beyond it. */
export const FINGERBOARD_END_SHARE: Readonly<Record<Kind, number>> = { violin: 0.82, viola: 0.82, cello: 0.84, bass: 0.8 };

/**
 * The distance of the outer strings at nut and bridge on a full-size instrument, mm, for its usual number of strings; smaller instruments
 * in proportion to their string length. Source: usual makers' measures, rounded.
 */
export const OUTER_SPACING_MM: Readonly<Record<Kind, { readonly nut: number; readonly bridge: number }>> = {
  violin: { nut: 16.5, bridge: 34 },
  viola: { nut: 18, bridge: 37 },
  cello: { nut: 22, bridge: 47 },
  bass: { nut: 30, bridge: 81 },
};

/** The octaves by which the written note lies above the sounding one: the double bass reads an octave higher. */
export const WRITTEN_OCTAVES_ABOVE: Readonly<Record<Kind, 0 | 1>> = { violin: 0, viola: 0, cello: 0, bass: 1 };

function sizes(lengths: Readonly<Record<string, number>>): readonly SizeEntry[] {
  return Object.entries(lengths).map(([size, stringLengthMm]) => ({ size, stringLengthMm }));
}
