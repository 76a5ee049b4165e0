/** The largest body that is taken in, in bytes, and what is said of it. */
export const MOST_BYTES = 2_000_000;
export const TOO_LARGE = 'A study may take 2 megabytes.';
