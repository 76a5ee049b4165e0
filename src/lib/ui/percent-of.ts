/** A length as CSS percent of a whole, to a thousandth: for what stands over a drawing of any size on screen. */
export const percentOf = (length: number, whole: number): string => `${Math.round((1e5 * length) / whole) / 1e3}%`;
