/** What the files of this application call themselves. */
export const PIECE_FORMAT = 'dove-path/piece';
export const INSTRUMENT_FORMAT = 'dove-path/instrument';
export const PLAYER_FORMAT = 'dove-path/player';

/** The version of the documents written today. */
export const PIECE_VERSION = 1;
export const INSTRUMENT_VERSION = 1;
export const PLAYER_VERSION = 1;
