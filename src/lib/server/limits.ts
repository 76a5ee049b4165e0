/** The largest document of a study, in bytes of JSON. */
export const MOST_OF_DOCUMENT = 2_000_000;
/** The largest body that is taken in: a document with what a request adds to it. */
export const MOST_BYTES = 2_100_000;
/** What is said of a larger one. */
export const TOO_LARGE = 'A study may take 2 megabytes.';
/** A hand-in with the drawings and pictures that it carries. */
export const HAND_IN_ROUTE = '/api/hand-ins';
export const MOST_OF_HAND_IN = 20_000_000;
export const HAND_IN_TOO_LARGE = 'A hand-in may take 20 megabytes.';
/** Another route that takes more: a picture is brought to it. */
export const PICTURE_ROUTE = '/api/images';
export const PICTURE_TOO_LARGE = 'A picture may take 40 megabytes.';
