/** The words by which something is put in today’s session or in the week. */
export const PUT_IN_WORDS = { session: 'Put it in today’s session', week: 'Put it in the week' } as const;
