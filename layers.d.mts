/** The rooms of the core from the ground up. */
export const CORE_ROOMS: readonly string[];
