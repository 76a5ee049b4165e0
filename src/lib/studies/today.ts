/** A calendar day, for a title block. */
export const today = (): string => new Date().toISOString().slice(0, 10);
