/** Does something with files or the storage; a text that it gives is said. */
export type Run = (work: () => Promise<unknown>) => void;
