/**
 * How much CIEDE2000 turns the hue term for blues: 2·sin(60°·exp(−((h̄ − 275°)/25°)²)), twice the sine of the published
 * 2Δθ, as a function of the cosine of h̄ − 275°. As that function is smooth, a table with slopes gives it within 1e-9
 * without reckoning an angle, an exponential or a sine.
 */

/** From 112.5° away on, where it is under 1e-8, it counts as nought. */
export const COS_ROTATION_END = -0.3826834323650897;

const PARTS = 2048;
const WIDTH = (1 - COS_ROTATION_END) / PARTS;
const SIXTY_DEGREES = Math.PI / 3;
/** Units of 25° in a radian. */
const UNITS = 180 / Math.PI / 25;

/** Value and slope times width, in turn, at each of the places. */
const TABLE = new Float64Array(2 * (PARTS + 2));
for (let i = 0; i < PARTS + 2; i++) {
	const angle = Math.acos(Math.min(1, COS_ROTATION_END + i * WIDTH));
	const turn = SIXTY_DEGREES * Math.exp(-((UNITS * angle) ** 2));
	const angleOverSine = angle === 0 ? 1 : angle / Math.sin(angle);
	TABLE[2 * i] = 2 * Math.sin(turn);
	TABLE[2 * i + 1] = 2 * Math.cos(turn) * turn * 2 * UNITS * UNITS * angleOverSine * WIDTH;
}

/** The rotation at a cosine between `COS_ROTATION_END` and 1, by cubic interpolation. */
export function hueRotation(cosine: number): number {
	const place = (cosine - COS_ROTATION_END) / WIDTH;
	const i = place | 0;
	const s = place - i;
	const v0 = TABLE[2 * i]!;
	const d0 = TABLE[2 * i + 1]!;
	const v1 = TABLE[2 * i + 2]!;
	const d1 = TABLE[2 * i + 3]!;
	const rise = v1 - v0;
	return v0 + s * (d0 + s * (3 * rise - 2 * d0 - d1 + s * (d0 + d1 - 2 * rise)));
}
