export { pieceToText, readPieceText } from './piece-json.ts';
export type { ReadValue } from './piece-json.ts';
export { Piece } from './schema.ts';
export { toMusicXml } from './to-musicxml.ts';
export { PIECE_FORMAT, PIECE_VERSION } from './version.ts';
export { upgraded } from './upgrade.ts';
export type { Upgrade } from './upgrade.ts';
