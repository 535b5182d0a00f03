/** A function that does something with files or the storage; a text that it returns is shown. */
export type Run = (work: () => Promise<unknown>) => void;
