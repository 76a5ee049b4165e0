/** A length to a hundredth of a plate unit: finer than is seen, and written quickly with every turn of a dial. */
export const rounded = (length: number): number => Math.round(length * 100) / 100;

/** A length as paths and files have it: to a thousandth of a plate unit. */
export const inPath = (length: number): string => String(Math.round(length * 1000) / 1000);
