/** A calendar day, for a title block. */
export const today = (): string => new Date().toISOString().slice(0, 10);

/** This moment, an ISO date and time in UTC. */
export const now = (): string => new Date().toISOString();
