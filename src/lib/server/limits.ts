/** The largest document of a study, in bytes of JSON. */
export const MOST_OF_DOCUMENT = 2_000_000;
/** The largest body that is taken in: a document with what a request adds to it. */
export const MOST_BYTES = 2_100_000;
/** What is said of a larger one. */
export const TOO_LARGE = 'A study may take 2 megabytes.';
/** The one route that takes more: a picture is brought to it. */
export const PICTURE_ROUTE = '/api/images';
export const PICTURE_TOO_LARGE = 'A picture may take 40 megabytes.';
