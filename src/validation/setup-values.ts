import type { InstrumentSheet, PlayerSheet } from '#core/format';
import type { Reading } from '#core/reading';
import { validate as validateInstrument } from './compiled/instrument.js';
import { validate as validatePlayer } from './compiled/player.js';
import { readValue } from './read-value.ts';

/** Reads a value as an instrument of the studio. */
export function readInstrumentValue(value: unknown): Reading<InstrumentSheet> {
  return readValue(validateInstrument, value);
}

/** Reads a value as a player of the studio. */
export function readPlayerValue(value: unknown): Reading<PlayerSheet> {
  return readValue(validatePlayer, value);
}
