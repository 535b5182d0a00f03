import { checkpointsOf } from '#core/fit/intoned';
import { hotSpotsOf, type KnownOfPlayer } from '#core/drill/hot-spots';
import { mmFromNut } from '#core/instrument/geometry';
import { positionMark } from '#core/messages';
import type { SheetPart } from '#core/paper/choices';
import { noteLabel, parsePitch, pitchLabel, displayPitchClass } from '#core/pitch';
import { type FingerPattern, patternKey, type Plan } from '#core/plan/describe';
import { writtenMarks } from '../../engraving/index.ts';
import { hotSpotText, hotSpotWhy } from '../../words/explain/hot-spots.ts';
import { PATTERN_WAYS, patternText } from '../../words/hand/patterns.ts';
import { shiftsOnce } from '../../words/hand/shifts-once.ts';
import { checkpointText, exactMmText } from '../../words/intonation/intonation.ts';
import { momentAtText, passageText, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { namesByMeasure } from '../../words/names/names-by-measure.ts';
import { SHEET_HEADINGS } from '../../words/paper/sheet.ts';
import { heading, numberedBlocks, paragraph, type PrintedBlock, type SetFrame, SIZES, table } from './blocks.ts';
import { patternRow } from './pattern-row.ts';

/** The source of the parts of a sheet. */
export interface SheetSource {
  readonly plan: Plan;
  /** The positions and tries of the player, for the hot spots. */
  readonly known: KnownOfPlayer;
}

/** The parts that stand below the music, each made of blocks; a part that has nothing to say is empty. */
export const PARTS_BELOW: Readonly<
  Record<
    Extract<SheetPart, 'names' | 'remarks' | 'shifts' | 'patterns' | 'distances' | 'landmarks' | 'checks' | 'hotSpots' | 'tempi'>,
    (source: SheetSource, frame: SetFrame) => readonly PrintedBlock[]
  >
> = {
  names: namesBlocks,
  remarks: remarkBlocks,
  shifts: shiftBlocks,
  patterns: patternBlocks,
  distances: distanceBlocks,
  landmarks: landmarkBlocks,
  checks: checkBlocks,
  hotSpots: hotSpotBlocks,
  tempi: tempoBlocks,
};

/** Sets a part under its heading; nothing where it has no blocks. */
function under(title: string, blocks: readonly PrintedBlock[], frame: SetFrame): readonly PrintedBlock[] {
  return blocks.length === 0 ? [] : [heading(title, frame), ...blocks];
}

function namesBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const rows = namesByMeasure(plan).map(({ number, notes }) =>
    paragraph(
      { text: notes.join('  ·  '), sizePt: SIZES.heading, face: 'sans', insetMm: 9 * frame.scale, label: String(number), gapMm: 0.8 },
      frame,
    ),
  );
  return under(SHEET_HEADINGS.names, rows, frame);
}

function remarkBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const { at, letters } = writtenMarks(plan.brief);
  const rows = [...letters].map(([note, letter]) =>
    paragraph({ text: at.get(note)?.remark ?? '', sizePt: SIZES.text, insetMm: 6 * frame.scale, label: `${letter})`, gapMm: 0.6 }, frame),
  );
  return under(SHEET_HEADINGS.remarks, rows, frame);
}

function shiftBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const told = shiftsOnce(plan).map(({ told: sentence, at }) => `${sentence} (${at})`);
  return told.length === 0
    ? [paragraph({ text: 'No shifts: the hand stays in one position.', sizePt: SIZES.text, gapMm: 3 }, frame)]
    : under(SHEET_HEADINGS.shifts, numberedBlocks(told, frame), frame);
}

/** Shows each pattern of each position once, in the order of the line. */
function patternBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const seen = new Set<string>();
  const rows = plan.stays.flatMap(({ position, patterns }) =>
    patterns.flatMap((pattern) => {
      const key = `${positionMark(position)} ${pattern.string} ${patternKey(pattern)} ${pattern.way} ${pattern.places[0]?.semitonesAboveOpen ?? 0}`;
      if (seen.has(key) || pattern.places.length === 0) return [];
      seen.add(key);
      const words = `${positionMark(position)}, ${pattern.string} (${noteLabel(pattern.open)})${PATTERN_WAYS[pattern.way]}: ${patternText(pattern, plan.brief.school)}`;
      return [patternRow(pattern, words, plan.stringLengthMm, frame)];
    }),
  );
  return under(SHEET_HEADINGS.patterns, rows, frame);
}

/** Lists the fingers that play on each string, with their notes and their distances from the nut. */
function distanceBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const rows = plan.strings.flatMap(({ number, name }) => {
    const places = new Map<string, string>();
    const sorted = stopsOn(plan, number).toSorted((one, other) => one.semitonesAboveOpen - other.semitonesAboveOpen);
    for (const { finger, written, semitonesAboveOpen } of sorted) {
      const mm = mmFromNut(plan.stringLengthMm, semitonesAboveOpen);
      places.set(`${finger} ${semitonesAboveOpen}`, `${finger} ${noteLabel(written)} ${exactMmText(mm)}`.replaceAll(' ', '\u00a0'));
    }
    return places.size === 0 ? [] : [[`${number} (${noteLabel(name)})`, [...places.values()].join(',  ')]];
  });
  return under(
    SHEET_HEADINGS.distances,
    rows.length === 0 ? [] : table([['String', 'Finger, note, distance'], ...rows], [1, 6], frame),
    frame,
  );
}

function stopsOn(plan: Plan, string: FingerPattern['string']) {
  return plan.notes.flatMap((note) =>
    note.kind === 'note' ? note.stops.filter((stop) => stop.string === string && stop.finger !== '0') : [],
  );
}

function landmarkBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const told = new Set(
    plan.landmarks.map(({ pitch, string, finger, position }) => {
      const tonic = parsePitch(pitch);
      const name = tonic.ok ? displayPitchClass(tonic.value) : pitch;
      return `${name}: ${finger === '0' ? 'open string' : `finger ${finger}`} on ${string}, ${positionMark(position)}`;
    }),
  );
  return under(SHEET_HEADINGS.landmarks, numberedBlocks([...told], frame), frame);
}

function checkBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const tell = tellNotesOfPlan(plan);
  const told = new Map<string, string[]>();
  for (const point of checkpointsOf(plan)) {
    const note = plan.notes[point.note];
    if (note?.kind !== 'note') continue;
    const what = `${note.stops.map(({ written }) => pitchLabel(written)).join('–')}: ${checkpointText(point)}`;
    told.set(what, [...(told.get(what) ?? []), momentAtText(tell(point.note), point.note)]);
  }
  const entries = [...told].map(([what, at]) => `${what} (${at.slice(0, MOST_PLACES).join('; ')}${at.length > MOST_PLACES ? ' …' : ''})`);
  return under(SHEET_HEADINGS.checks, numberedBlocks(entries, frame), frame);
}

/** The most places of one check that are listed, and the most hot spots. */
const MOST_PLACES = 4;
const MOST_HOT_SPOTS = 5;

function hotSpotBlocks({ plan, known }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const tell = tellNotesOfPlan(plan);
  const told = hotSpotsOf(plan, known)
    .slice(0, MOST_HOT_SPOTS)
    .map((spot) => {
      const why = hotSpotWhy(spot);
      const loop = { from: spot.loop[0] ?? spot.note, to: spot.loop.at(-1) ?? spot.note };
      return `${momentAtText(tell(spot.note), spot.note)}: ${hotSpotText(spot, plan)}${why === '' ? '' : ` (${why})`}; loop ${passageText(loop, tell)}`;
    });
  return under(SHEET_HEADINGS.hotSpots, numberedBlocks(told, frame), frame);
}

/** The shares of the goal in a table of tempi, and the days of its week. */
const TEMPO_SHARES = [0.6, 0.7, 0.8, 0.9, 1];
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** The tempo towards which one works where the piece has none. */
const USUAL_GOAL = 80;

function tempoBlocks({ plan }: SheetSource, frame: SetFrame): readonly PrintedBlock[] {
  const goal = plan.brief.tempo ?? USUAL_GOAL;
  const rows = TEMPO_SHARES.map((share) => [`♩ = ${Math.round(goal * share)}`, ...DAYS.map(() => ({ box: true as const }))]);
  return under(SHEET_HEADINGS.tempi, table([['', ...DAYS], ...rows], [1.4, ...DAYS.map(() => 1)], frame), frame);
}
