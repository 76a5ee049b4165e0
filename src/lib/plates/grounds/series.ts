/** Series of trials are numbered from 0 to this. */
export const MOST_SERIES = 1_000_000;

/** The series after one; after the last the first again. */
export const nextSeries = (series: number): number => (series + 1) % MOST_SERIES;
