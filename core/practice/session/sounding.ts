import { signatureAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { droneHz, type Performance } from '#core/sound';
import type { Metronome } from '#core/practice/metronome';
import { type NoteGroup, type PracticeItem, modelOf, voicesApart } from '#core/practice/item';
import type { Rung } from '#core/practice/ladder';
import { notesOfPart, runItem } from './run-item.ts';
import type { Step } from './run.ts';

/** The sounds that go along while an item is practised. */
export interface PracticeSound {
  /** The model; null for none. */
  readonly model: Performance | null;
  /** In turns with a silence of the same length, until it is stopped; else once. */
  readonly inTurns: boolean;
  readonly vibrato: boolean;
  readonly countIn: boolean;
  readonly droneHz: number | null;
  readonly metronome: Metronome | null;
}

/** The item that is played now: its plan, how fast, and which of its notes. */
export interface InHand {
  readonly item: PracticeItem;
  readonly plan: Plan;
  readonly rung: Rung;
  readonly group: NoteGroup;
}

/** Nothing sounds along. */
const SILENT = { inTurns: false, countIn: false, droneHz: null, metronome: null } as const;

/** The note of arrival is heard for four beats: long enough to sing it. */
const TARGET_BEATS = 4;

/** Quarters of a whole note. */
const QUARTERS = 4;

/** Gives the sounds of a step of a session; null for silence. A set that goes on begins nothing anew: the caller leaves it alone. */
export function soundingAt(step: Step, here: InHand): PracticeSound | null {
  switch (step.at) {
    case 'prepare':
      return preparing(step.prompt, here);
    case 'play':
      return playing(step.tries.length === 0, here);
    case 'aim':
    case 'miss':
    case 'rest':
    case 'pain':
    case 'end-check':
    case 'done':
      return null;
  }
}

/** All of an item as it is to be: double stops string by string. */
export function heardWhole({ item, plan, rung }: InHand): PracticeSound {
  const model = voicesApart(modelOf(plan, notesOfPart(plan, item.practised.part), rung));
  return { ...SILENT, vibrato: item.along.vibrato, model };
}

/** A set is played with the model before it or in turns with it, with a drone, and with the metronome, as the item has it. */
function playing(isFirst: boolean, here: InHand): PracticeSound {
  const { item, plan, rung, group } = here;
  const { drone, metronome, model: when, vibrato } = item.along;
  const model = when === 'in-turns' || (when === 'before' && isFirst) ? modelOf(plan, group, rung) : null;
  return {
    model,
    inTurns: when === 'in-turns',
    vibrato,
    countIn: model !== null,
    droneHz: drone === 'none' ? null : droneHz(plan, drone === 'tonic' ? 'tonic' : { open: drone }, group.from),
    metronome: metronome ? metronomeOf(here) : null,
  };
}

/** A preparatory step sounds all of the item, the note of arrival alone, or nothing. */
function preparing(prompt: number, here: InHand): PracticeSound | null {
  const { item, plan, rung } = here;
  const asked = runItem(plan, item).prompts[prompt];
  if (asked === 'hear') return heardWhole(here);
  const all = notesOfPart(plan, item.practised.part);
  const shift = plan.shifts.find(({ to }) => to >= all.from && to <= all.to);
  if (asked !== 'target' || !shift) return null;
  const model = modelOf(plan, { from: shift.to, to: shift.to }, { ...rung, beatsPerNote: TARGET_BEATS });
  return { ...SILENT, vibrato: item.along.vibrato, model };
}

/** The set does not begin on the first click: a measure is counted, after a model too. */
function metronomeOf({ item, plan, rung, group }: InHand): Metronome {
  const { meter } = signatureAt(plan.line, group.from);
  const { subdivision, silentMeasures } = item.along;
  return { tempo: rung.tempo * (meter.beatValue / QUARTERS), meter, subdivision, silentMeasures, countIn: true };
}
