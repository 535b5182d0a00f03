import { InstrumentSheet, Piece, PlayerSheet } from '#core/format';
import { Brief } from '#core/plan';

/** The documents that enter the application, by the name they are served under. */
export const SCHEMAS = { brief: Brief, piece: Piece, instrument: InstrumentSheet, player: PlayerSheet } as const;
