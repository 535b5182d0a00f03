import { INSTRUMENT_FORMAT, INSTRUMENT_VERSION, type InstrumentSheet, PLAYER_FORMAT, PLAYER_VERSION, type PlayerSheet } from '#core/format';
import type { InstrumentSpec } from '#core/instrument';
import type { PlayerProfile } from '#core/plan';
import type { InstrumentRecord, PlayerRecord } from './database.ts';

/** An instrument as a document. */
export function instrumentSheet(name: string, instrument: InstrumentSpec): InstrumentSheet {
  return { format: INSTRUMENT_FORMAT, version: INSTRUMENT_VERSION, name, instrument };
}

/** A player as a document. */
export function playerSheet(name: string, profile: PlayerProfile): PlayerSheet {
  return { format: PLAYER_FORMAT, version: PLAYER_VERSION, name, profile };
}

/** A new record of the studio. */
export function newInstrument(sheet: InstrumentSheet, demo = false): InstrumentRecord {
  return { ...fresh(demo), sheet };
}

/** A new record of the studio. */
export function newPlayer(sheet: PlayerSheet, instrumentId: string | null, demo = false): PlayerRecord {
  return { ...fresh(demo), sheet, instrumentId };
}

function fresh(demo: boolean): Pick<InstrumentRecord, 'id' | 'createdAt' | 'updatedAt' | 'demo'> {
  const now = Date.now();
  return { id: crypto.randomUUID(), createdAt: now, updatedAt: now, demo };
}
