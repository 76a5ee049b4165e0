/** A length to a hundredth of a plate unit: finer than is seen, and written quickly with every turn of a dial. */
export const rounded = (length: number): number => Math.round(length * 100) / 100;
