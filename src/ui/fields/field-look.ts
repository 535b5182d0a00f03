/** The look of fields and choices outside the sentence. */
export const FIELD = 'max-w-full rounded-[5px] border border-dove-light bg-field px-2 py-1 text-inherit';

/** The look of one line of a form: the question, and its field. */
export const FIELD_ROW = 'grid items-baseline sm:grid-cols-[150px_minmax(0,1fr)] gap-x-3.5 gap-y-0.5';
