/** A text that was asked for stands in it under this one. */
export const GIVEN_FILE = 'given';
/** What is made stands in the folder of the work under this name. */
export const MADE_FILE = 'made';
