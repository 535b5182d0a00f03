/** The title of the part of the bench that shows a given fingering; it stands by itself, so that the rest of its words comes when it is opened. */
export const GIVEN_TITLE = 'This fingering, read and compared with ours';
