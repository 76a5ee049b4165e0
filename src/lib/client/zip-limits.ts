/** The largest zip of a study that is opened, in bytes. */
export const MOST_OF_ZIP = 400_000_000;
