/** A plate is as wide as this in its own units, and as high, or higher where it is asked to hold more: a sheet of A4 laid across. */
export const PLATE_WIDTH = 792;
export const PLATE_HEIGHT = 560;
