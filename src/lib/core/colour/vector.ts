/** Three coordinates of a colour; which space they are in, the function's name says. */
export type Triple = [number, number, number];
export type ReadonlyTriple = readonly [number, number, number];
export type Matrix = readonly [ReadonlyTriple, ReadonlyTriple, ReadonlyTriple];

/** Matrix times column. */
export function multiply(matrix: Matrix, column: ReadonlyTriple): Triple {
	// Places instead of patterns: taking an array apart by pattern walks an iterator, which costs more than the sums.
	const p = matrix[0];
	const q = matrix[1];
	const r = matrix[2];
	const x = column[0];
	const y = column[1];
	const z = column[2];
	return [p[0] * x + p[1] * y + p[2] * z, q[0] * x + q[1] * y + q[2] * z, r[0] * x + r[1] * y + r[2] * z];
}

/** Brings any angle into 0 ≤ h < 360. */
export function turn(degrees: number): number {
	const rest = degrees % 360;
	return rest < 0 ? rest + 360 : rest === 0 ? 0 : rest;
}

/** The smaller angle between two directions, 0–180. */
export function angleBetween(one: number, other: number): number {
	const difference = turn(one - other);
	return difference > 180 ? 360 - difference : difference;
}

/** Brings a channel into 0–1. */
export const clip = (x: number): number => (x < 0 ? 0 : x > 1 ? 1 : x);

/** Adds a multiple of one triple to another, in place: for sums in hot loops. */
export function addScaled(sum: Triple, triple: ReadonlyTriple, by: number): void {
	sum[0] += triple[0] * by;
	sum[1] += triple[1] * by;
	sum[2] += triple[2] * by;
}
