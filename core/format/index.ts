export { documentToText, readInstrumentText, readPieceText, readPlayerText } from './document-json.ts';
export type { ReadValue } from './document-json.ts';
export { InstrumentSheet, Piece, PlayerSheet } from './schema.ts';
export { toMusicXml } from './to-musicxml.ts';
export { INSTRUMENT_FORMAT, INSTRUMENT_VERSION, PIECE_FORMAT, PIECE_VERSION, PLAYER_FORMAT, PLAYER_VERSION } from './version.ts';
export { upgraded } from './upgrade.ts';
export type { Upgrade } from './upgrade.ts';
export { CHECK_BAR_MM, PAPERS, sectionMm, STRIP_TOP_MM, tapeSheet } from './tape-sheet.ts';
export type { Paper, PrintedSheet, SheetShape, Tape } from './tape-sheet.ts';
