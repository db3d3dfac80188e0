/** What an agent is just now. `returning`: free by the rules, on the way back after a catch that sends them back. */
export const ME = { free: 0, hunter: 1, held: 2, escort: 3, safe: 4, out: 5, across: 6, returning: 7 } as const;
