import type { InstrumentKind } from '#core/instrument';
import { parsePitch, type Pitch, respell, stepsOf } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';

/**
 * The rule of one hand as a teacher says it, stated a second time and differently from the engine: by places and letters alone, from
 * nothing but the fingers printed over the notes and the list of shifts.
 */

/**
 * A finger on a string: its place in semitones above the open string, and the letters above it as which the note is spelled; a doubly
 * altered note is read as its plain neighbour too.
 */
export interface Down {
  readonly string: string;
  readonly finger: string;
  readonly place: number;
  readonly letters: readonly number[];
}

/** The fingers of one note, or of two together. */
export type Together = readonly Down[];

/** The hands of the instruments. */
export type HandKind =
  'violin' | 'viola' | 'cello' | 'bass' | 'bass of four fingers' | 'bass with pivots' | 'bass of four fingers with pivots';

/** Names the hand of a player. */
export function handKindOf(instrument: InstrumentKind, school: string | undefined, pivots = false): HandKind {
  if (instrument !== 'bass') return instrument;
  const hand = school === '1234' ? 'bass of four fingers' : 'bass';
  return pivots ? `${hand} with pivots` : hand;
}

/** Finds the faults of the notes of one stay, in words; empty where one hand plays them. */
export function handFaults(kind: HandKind, stay: readonly Together[]): readonly string[] {
  const stopped = stay.map((notes) => notes.filter(({ finger }) => finger !== '0')).filter((notes) => notes.length > 0);
  switch (kind) {
    case 'violin':
    case 'viola':
      return fiddleFaults(stopped);
    case 'cello':
      return bestOf([neckFaults(stopped.flat()), toneFaults(stopped, 8), thumbFaults(stopped)]);
    case 'bass':
    case 'bass with pivots':
    case 'bass of four fingers':
    case 'bass of four fingers with pivots': {
      const rolls = kind.endsWith('pivots') ? 1 : 0;
      const offsets = kind.startsWith('bass of four') ? FOUR_FINGERS : ONE_TWO_FOUR;
      return bestOf([semitoneFaults(stopped.flat(), offsets, rolls), highBassFaults(stopped.flat()), thumbFaults(stopped)]);
    }
  }
}

const ONE_TWO_FOUR: Readonly<Record<string, number>> = { '1': 0, '2': 1, '4': 2 };
const FOUR_FINGERS: Readonly<Record<string, number>> = { '1': 0, '2': 1, '3': 2, '4': 3 };

/** Chooses the hand with the fewest faults: a stay is one hand if any of the hands plays it. */
function bestOf(readings: readonly (readonly string[])[]): readonly string[] {
  return readings.toSorted((one, other) => one.length - other.length)[0] ?? [];
}

const rank = (finger: string): number => (finger === 'T' ? 0 : Number(finger));

/** Walks a stay: every finger newly placed is compared with the last places of the others on its string. */
function walkStay(stay: readonly Together[], fault: (standing: Down, placed: Down) => string | null): readonly string[] {
  const last = new Map<string, Down>();
  return stay.flatMap((notes) => {
    const faults = notes.flatMap((placed) =>
      [...last.values()].flatMap((standing) => {
        if (standing.string !== placed.string || standing.finger === placed.finger) return [];
        const found = fault(standing, placed);
        return found === null ? [] : [`${found}: ${inWords(standing)}, ${inWords(placed)}`];
      }),
    );
    for (const down of notes) last.set(`${down.string}${down.finger}`, down);
    return faults;
  });
}

function inWords({ string, finger, place }: Down): string {
  return `${string}${finger} at ${place}`;
}

/** The distances of violin and viola by fingers apart, in first position. */
const WIDEST_APART = [0, 2, 4, 6];

/** The place from which a semitone more is no wider than at first position (mm(n) = L(1 − 2^(−n/12)), calculated by hand). */
const HIGH_ENOUGH = [Infinity, 9, 6, 5];

function fiddleFaults(stay: readonly Together[]): readonly string[] {
  const position = usualLetter(stay.flat());
  const off = ({ finger, letters }: Down): number => Math.min(...letters.map((above) => above - (position + rank(finger) - 1)));
  const inFrame = stay.filter((notes) => notes.length === 1 || Math.max(...placesOf(notes)) - Math.min(...placesOf(notes)) <= 6);
  const places = placesOf(inFrame.flat());
  const wide = Math.max(...places) - Math.min(...places) > (Math.min(...places) >= 5 ? 8 : 7);
  const fingers = inFrame.flat();
  const both = fingers.some((one) => one.finger === '1' && off(one) < 0) && fingers.some((one) => one.finger === '4' && off(one) > 0);
  const beside = walkStay(stay, (standing, placed) => {
    const [low, high] = rank(standing.finger) < rank(placed.finger) ? [standing, placed] : [placed, standing];
    const fingersApart = rank(high.finger) - rank(low.finger);
    const apart = high.place - low.place;
    if (apart < fingersApart) return 'out of order';
    const wider = Math.min(low.place, high.place) >= (HIGH_ENOUGH[fingersApart] ?? Infinity) ? 1 : 0;
    if (apart <= (WIDEST_APART[fingersApart] ?? 0) + wider) return null;
    const augmentedSecond = fingersApart === 1 && apart === 3 && areNeighbours(low, high);
    const reaches = fingersApart < 3 && apart === (WIDEST_APART[fingersApart] ?? 0) + 1 && high.finger === '4' && off(high) > 0;
    return augmentedSecond || reaches ? null : 'wide apart';
  });
  return [
    ...(wide ? [`covers ${Math.min(...places)} to ${Math.max(...places)}`] : []),
    ...(both ? ['reaches back and out'] : []),
    ...beside,
  ];
}

/** Tells whether two notes are spelled on neighbouring letters. */
function areNeighbours(low: Down, high: Down): boolean {
  return low.letters.some((below) => high.letters.some((above) => above - below === 1));
}

/** Finds the letter under finger 1 on which most fingers agree. */
function usualLetter(fingers: readonly Down[]): number {
  const letters = fingers.flatMap(({ finger, letters: readings }) => readings.map((above) => above - rank(finger) + 1));
  const times = (letter: number): number => letters.filter((other) => other === letter).length;
  return letters.toSorted((one, other) => times(other) - times(one))[0] ?? 0;
}

function placesOf(fingers: readonly Down[]): readonly number[] {
  return fingers.map(({ place }) => place);
}

/** Finds faults on the cello's neck: of finger 1 and the block of 2-3-4 one stays, the other may move by a semitone. */
function neckFaults(fingers: readonly Down[]): readonly string[] {
  if (fingers.some(({ finger }) => finger === 'T')) return ['the thumb is no finger of a hand without thumb position'];
  const firsts = [...new Set(fingers.filter(({ finger }) => finger === '1').map(({ place }) => place))];
  const blocks = [...new Set(fingers.filter(({ finger }) => finger !== '1').map(({ finger, place }) => place - (rank(finger) - 2)))];
  if (firsts.length > 1 && blocks.length > 1) return ['first finger and block have both moved'];
  if (Math.max(...firsts, -1) - Math.min(...firsts, 99) > 1 || Math.max(...blocks, -1) - Math.min(...blocks, 99) > 1)
    return ['moved by more than a semitone'];
  const open = firsts.flatMap((first) => blocks.map((block) => block - first));
  return open.every((apart) => apart === 1 || apart === 2) ? [] : [`block ${open.join(' and ')} semitones above finger 1`];
}

/** Finds faults in tones and semitones between neighbours, a major third from 1 to 3, with finger 1 in its place. */
function toneFaults(stay: readonly Together[], lowest: number): readonly string[] {
  const fingers = stay.flat();
  if (fingers.some(({ finger }) => finger === 'T' || finger === '4')) return ['only 1, 2 and 3 take tones'];
  if (fingers.some(({ place }) => place < lowest)) return ['tones lie above the neck'];
  const firsts = new Set(fingers.filter(({ finger }) => finger === '1').map(({ place }) => place));
  if (firsts.size > 1) return ['finger 1 has moved'];
  const [anchor] = firsts;
  const frame = anchor === undefined ? [] : fingers.filter(({ place }) => place - anchor > 4 || place < anchor).map(inWords);
  return [...frame, ...walkStay(stay, (standing, placed) => (toneApart(standing, placed) ? null : 'wide apart or out of order'))];
}

function toneApart(standing: Down, placed: Down): boolean {
  const [low, high] = rank(standing.finger) < rank(placed.finger) ? [standing, placed] : [placed, standing];
  const count = rank(high.finger) - rank(low.finger);
  const apart = high.place - low.place;
  if (apart < count) return false;
  if (count === 1) return apart <= 2 || (apart === 3 && areNeighbours(low, high));
  return apart <= (low.finger === 'T' ? 7 : 4);
}

/** Finds faults on the thumb: it stays where it is; the others above it take tones and semitones. */
function thumbFaults(stay: readonly Together[]): readonly string[] {
  const fingers = stay.flat();
  const thumbs = [...new Set(fingers.filter(({ finger }) => finger === 'T').map(({ place }) => place))];
  if (thumbs.length > 1) return ['the thumb has moved'];
  if (fingers.some(({ finger }) => finger === '4')) return ['no fourth finger in thumb position'];
  if (fingers.some(({ place }) => place < 7)) return ['too low for the thumb'];
  const bounds: Readonly<Record<string, readonly [number, number]>> = { T: [0, 0], '1': [1, 2], '2': [2, 4], '3': [3, 7] };
  const at = Array.from({ length: 30 }, (_, thumb) => thumb).filter((thumb) =>
    fingers.every(({ finger, place }) => {
      const [least, most] = bounds[finger] ?? [0, 0];
      return place - thumb >= least && place - thumb <= most;
    }),
  );
  const frame = at.length === 0 || (thumbs[0] !== undefined && !at.includes(thumbs[0])) ? ['no place of the thumb fits'] : [];
  return [...frame, ...walkStay(stay, (standing, placed) => (toneApart(standing, placed) ? null : 'wide apart or out of order'))];
}

/** Finds faults where every finger is a semitone from the next; rolled around the thumb the whole hand stands one higher. */
function semitoneFaults(fingers: readonly Down[], offsets: Readonly<Record<string, number>>, rolls: number): readonly string[] {
  const anchors = fingers.map(({ finger, place }) => place - (offsets[finger] ?? NaN));
  if (anchors.some(Number.isNaN)) return ['a finger the school does not set'];
  return Math.max(...anchors) - Math.min(...anchors) <= rolls ? [] : [`finger 1 at ${[...new Set(anchors)].join(' and ')}`];
}

/** Finds faults high on the bass with 1-2-3: a tone, from seventh up to a minor third. */
function highBassFaults(fingers: readonly Down[]): readonly string[] {
  if (fingers.some(({ finger, place }) => finger === '4' || finger === 'T' || place < 10)) return ['not the high hand'];
  const anchors = Array.from({ length: 20 }, (_, anchor) => anchor).filter((anchor) =>
    fingers.every(({ finger, place }) => {
      const most = rank(finger) - 1 + (anchor >= 12 && finger !== '1' ? 1 : 0);
      return place - anchor >= rank(finger) - 1 && place - anchor <= most;
    }),
  );
  return anchors.length > 0 ? [] : ['no place of finger 1 fits'];
}

/** Cuts the notes of a plan where its list of shifts says; the finger of a stop is the one printed. */
export function staysByShifts(plan: Plan): readonly (readonly Together[])[] {
  const arrivals = new Set(plan.shifts.map(({ to }) => to));
  const stays: Together[][] = [[]];
  for (const [index, note] of plan.notes.entries()) {
    if (arrivals.has(index)) stays.push([]);
    if (note.kind === 'note') stays[stays.length - 1]?.push(downsOf(note));
  }
  return stays;
}

function downsOf({ stops }: PlannedSound): Together {
  return stops.map(({ pitch, open, string, finger, semitonesAboveOpen, harmonic }) => ({
    string,
    finger,
    place: semitonesAboveOpen,
    letters: harmonic ? [lettersOfNode(semitonesAboveOpen)] : lettersAbove(open, pitch),
  }));
}

/** Gives the letters from an open string to a note, as it is spelled and, where it is doubly altered, as its plain neighbour. */
export function lettersAbove(open: string, pitch: string): readonly number[] {
  const [from, to] = [pitchOf(open), pitchOf(pitch)];
  const plain = Math.abs(to.alteration) < 2 ? null : respell(to, to.alteration > 0 ? 1 : -1);
  return [to, ...(plain ? [plain] : [])].map((reading) => stepsOf(reading) - stepsOf(from));
}

function pitchOf(text: string): Pitch {
  const pitch = parsePitch(text);
  if (!pitch.ok) throw new Error(`${text} is no pitch`);
  return pitch.value;
}

/** A harmonic is touched where the node is, whatever sounds. */
function lettersOfNode(semitones: number): number {
  return Math.round((semitones * 7) / 12);
}
