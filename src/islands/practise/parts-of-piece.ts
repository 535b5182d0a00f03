import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { measureIndexAt, measuresOf } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { groupsOf, practisedKey, type PracticePart } from '#core/practice/item';
import { answerOf, engine, useAsked } from '../../engine/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { hotSpotText } from '../../words/explain/hot-spots.ts';
import { noteAtText, passageText, tellNotesOf } from '../../words/line/note-places.ts';

/** A part of a piece that can be put into a session, with its name. */
export interface PartOffered {
  readonly part: PracticePart;
  readonly name: string;
}

/** The parts of a piece, and its plan. */
export interface PartsOfPiece {
  /** The plan; null until it stands, and where no hand plays the piece. */
  readonly plan: Plan | null;
  readonly parts: readonly PartOffered[];
}

/** The part that is always there. */
const WHOLE: PartOffered = { part: { part: 'whole' }, name: 'all of it' };

/** The number of hot spots offered, the hardest first. */
const HOT_SPOTS_OFFERED = 4;

/** Lists the parts of a piece: all of it, its hot spots, its shifts, its measures, and the passages of which the teacher has asked something. */
export function usePartsOf(piece: PieceRecord | undefined): PartsOfPiece {
  const asked = useAsked({
    key: ['parts of', piece?.id, piece?.revision],
    ask: async (signal) => (piece ? await partsOf(piece, signal) : null),
    when: piece !== undefined,
  });
  return answerOf(asked) ?? { plan: null, parts: [WHOLE] };
}

async function partsOf({ document: { brief } }: PieceRecord, signal: AbortSignal): Promise<PartsOfPiece> {
  const outcome = await engine.ask(brief, { kind: 'plan' }, { signal });
  if (!outcome.ok) return { plan: null, parts: [WHOLE] };
  const plan = outcome.value.best;
  const about = await engine.ask(plan.brief, { kind: 'about-path', mostHotSpots: HOT_SPOTS_OFFERED, known: NOTHING_KNOWN }, { signal });
  const tell = tellNotesOf(plan.line, plan.brief.instrument.kind);
  const spots = about.hotSpots.map((spot): PartOffered => {
    const [from = spot.note] = spot.loop;
    const name = `hot spot, ${noteAtText(tell(spot.note), spot.note)}: ${hotSpotText(spot, plan)}`;
    return { part: { part: 'passage', from, to: spot.loop.at(-1) ?? spot.note }, name };
  });
  const shifts = plan.shifts.map(({ from, to }): PartOffered => {
    const name = `shift to ${noteAtText(tell(to), to)}`;
    return { part: { part: 'passage', from: Math.max(0, from - 1), to: Math.min(plan.notes.length - 1, to + 1) }, name };
  });
  const own = (brief.stretches ?? []).map(({ from, to }): PartOffered => {
    const part = { part: 'passage', from, to } as const;
    return { part, name: passageText(part, tell) };
  });
  return { plan, parts: eachOnce([WHOLE, ...spots, ...shifts, ...own, ...measuresIn(plan)]) };
}

function measuresIn(plan: Plan): readonly PartOffered[] {
  const measures = measuresOf(plan.line);
  return groupsOf(plan, { from: 0, to: plan.notes.length - 1 }, 'measure').map(({ from, to }) => {
    const onset = plan.line.notes[from]?.onset;
    const number = onset ? measures[measureIndexAt(measures, onset)]?.number : 0;
    return { part: { part: 'passage', from, to }, name: number === 0 ? 'the pick-up' : `measure ${number}` };
  });
}

/** Leaves out parts that stand in the list already: a hot spot is often a shift. */
function eachOnce(offered: readonly PartOffered[]): readonly PartOffered[] {
  const first = new Map(offered.toReversed().map((one) => [practisedKey({ piece: '', part: one.part }), one]));
  return offered.filter((one) => first.get(practisedKey({ piece: '', part: one.part })) === one);
}
