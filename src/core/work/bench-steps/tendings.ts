/** What is done with pieces on the days after. */
export const TENDINGS = ['turn', 'paint', 'ice', 'wrap'] as const;
export type Tending = (typeof TENDINGS)[number];
