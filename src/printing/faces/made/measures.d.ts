import type { FontMeasures } from '#core/paper';

/** The measures of the faces that the build makes. */
export declare const FACE_MEASURES: FontMeasures;
