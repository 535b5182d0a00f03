/** Folder of the fonts that are made, with a slash at its end. */
export declare const FONTS_FOLDER: string;

/** Every sign that the engraver or this application itself can draw in the music font, as code points. */
export declare function drawnSigns(): readonly number[];

/** Code points of the musical symbols that any text may hold. */
export declare function signsOfText(): readonly number[];

/** Makes the fonts. */
export declare function makeMusicFonts(): Promise<void>;
