import { frequencyHz, parsePitch } from '#core/pitch';
import { heardInTurn } from '#core/sound';
import type { Instrument } from '#core/instrument';
import { soundPractice } from '../../audio/index.ts';

/** The length of each tone of a question, seconds. */
const EACH = 1.1;

/** Plays tones one after the other, Hz, without vibrato, so that pitch can be judged. */
export async function playTones(tones: readonly number[]): Promise<void> {
  const model = heardInTurn(
    tones.map((hz) => [hz]),
    EACH,
  );
  await soundPractice({ model, inTurns: false, vibrato: false, countIn: false, droneHz: null, metronome: null });
}

/** Gives the frequency of a pitch (documents' form), Hz, at the A of an instrument. */
export function toneOf(text: string, { a4Hz }: Pick<Instrument, 'a4Hz'>): number {
  const pitch = parsePitch(text);
  return pitch.ok ? frequencyHz(pitch.value, a4Hz) : a4Hz;
}
