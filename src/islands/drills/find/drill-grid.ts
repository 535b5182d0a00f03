/** The grid in which drills stand as cards. */
export const DRILL_GRID = 'mt-1 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 sm:grid-cols-2 lg:grid-cols-3';
