const DEGREES = 180 / Math.PI;
const PARTS = 64;
/** Arc tangents of 0, 1/64, … 1 in degrees. */
const ARC = Float64Array.from({ length: PARTS + 1 }, (_, i) => Math.atan(i / PARTS) * DEGREES);

/** Arc tangent in degrees of a slope 0–1: from the nearest known one, and three terms of the series for the rest. */
function arc(slope: number): number {
	const part = (slope * PARTS + 0.5) | 0;
	const known = part / PARTS;
	const rest = (slope - known) / (1 + slope * known);
	const square = rest * rest;
	return ARC[part]! + DEGREES * rest * (1 - square * (1 / 3 - square * (0.2 - square / 7)));
}

/**
 * The hue of two opponent coordinates as an angle, 0 ≤ h < 360 degrees; 0 where both are 0. As `Math.atan2`, within
 * 1e-12 degrees, at a quarter of its cost: hues are the dearest part of showing a colour in polar coordinates.
 */
export function hueAngle(a: number, b: number): number {
	const across = Math.abs(a);
	const up = Math.abs(b);
	if (across === 0 && up === 0) return 0;
	let angle = up <= across ? arc(up / across) : 90 - arc(across / up);
	if (a < 0) angle = 180 - angle;
	if (b >= 0) return angle;
	const turned = 360 - angle;
	return turned < 360 ? turned : 0;
}
