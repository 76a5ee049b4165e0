/** How far something leans to the first (below 0) or to the second of two. */
export const sayLean = (lean: number, level: string, to: string): string =>
	lean === 0 ? level : `${Math.round(Math.abs(lean) * 100)} % ${to} ${lean < 0 ? 'first' : 'second'}`;
