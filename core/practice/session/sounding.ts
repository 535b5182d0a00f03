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
  /** Whether it is repeated in turns with a silence of the same length, until it is stopped; else it sounds once. */
  readonly inTurns: boolean;
  readonly vibrato: boolean;
  readonly countIn: boolean;
  /** The frequency of the drone, Hz; null for none. */
  readonly droneHz: number | null;
  /** The metronome; null for none. */
  readonly metronome: Metronome | null;
}

/** The item that is played now: its plan, its rung, and its notes. */
export interface InHand {
  readonly item: PracticeItem;
  readonly plan: Plan;
  readonly rung: Rung;
  readonly group: NoteGroup;
}

/** The state in which nothing sounds along. */
const SILENT = { inTurns: false, countIn: false, droneHz: null, metronome: null } as const;

/** The number of beats for which the note of arrival is heard: long enough to sing it. */
const TARGET_BEATS = 4;

/** The number of quarters in a whole note. */
const QUARTERS = 4;

/**
 * Gives the sounds of a step of a session; null for silence. A set that goes on does not begin its sounds again: the caller leaves them
 * alone.
 */
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

/** Gives all of an item as it should sound: double stops string by string. */
export function soundOfItem({ item, plan, rung }: InHand): PracticeSound {
  const model = voicesApart(modelOf(plan, notesOfPart(plan, item.practised.part), rung));
  return { ...SILENT, vibrato: item.along.vibrato, model };
}

/** Gives the sounds of a set: the model before it or in turns with it, a drone, and the metronome, as the item has them. */
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

/** Gives the sounds of a preparatory step: all of the item, the note of arrival alone, or nothing. */
function preparing(prompt: number, here: InHand): PracticeSound | null {
  const { item, plan, rung } = here;
  const asked = runItem(plan, item).prompts[prompt];
  if (asked === 'hear') return soundOfItem(here);
  const all = notesOfPart(plan, item.practised.part);
  const shift = plan.shifts.find(({ to }) => to >= all.from && to <= all.to);
  if (asked !== 'target' || !shift) return null;
  const model = modelOf(plan, { from: shift.to, to: shift.to }, { ...rung, beatsPerNote: TARGET_BEATS });
  return { ...SILENT, vibrato: item.along.vibrato, model };
}

/** Starts the metronome with a counted measure, after a model too: the set does not begin on the first click. */
function metronomeOf({ item, plan, rung, group }: InHand): Metronome {
  const { meter } = signatureAt(plan.line, group.from);
  const { subdivision, silentMeasures } = item.along;
  return { tempo: rung.tempo * (meter.beatValue / QUARTERS), meter, subdivision, silentMeasures, countIn: true };
}
