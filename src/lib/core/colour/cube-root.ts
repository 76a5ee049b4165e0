const PARTS = 2048;
/** Under this the table is too coarse for what follows. */
const LEAST = 0.008;
const ROOTS = Float64Array.from({ length: PARTS + 2 }, (_, i) => Math.cbrt(i / PARTS));

/**
 * The cube root. From 0.008 to 1, where nearly all light of a screen's colours lies, from a table and one step of
 * Halley's method, within 1e-12 of its size and in half the time of `Math.cbrt`; that one everywhere else.
 */
export function cubeRoot(x: number): number {
	if (!(x >= LEAST && x <= 1)) return Math.cbrt(x);
	const place = x * PARTS;
	const i = place | 0;
	const low = ROOTS[i]!;
	const guess = low + (ROOTS[i + 1]! - low) * (place - i);
	const cube = guess * guess * guess;
	return (guess * (cube + x + x)) / (cube + cube + x);
}
