const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });

/** A moment as people read it: "25 November 2026", the same on the server and in every browser. */
export const sayDay = (moment: string): string => DAY.format(new Date(moment));
