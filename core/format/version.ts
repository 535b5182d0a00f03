/** What the files of this application call themselves. */
export const PIECE_FORMAT = 'dove-path/piece';

/** The version of piece documents written today. */
export const PIECE_VERSION = 1;
