import { type Triple } from '../../colour/vector';
import { dot, unit, type Surface } from './surface';

const BALL = { y: -0.34, radius: 0.82 } as const;

/** A sphere, cut by the lower edge of the picture. */
export const sphere: Surface = (x, y) => {
	const [across, up] = [x / BALL.radius, (y - BALL.y) / BALL.radius];
	const left = 1 - across * across - up * up;
	return left <= 0 ? null : [across, up, Math.sqrt(left)];
};

/** Half the width of the cone a unit beneath its tip. */
const CONE = { tip: 0.86, slope: 0.4 } as const;
const LEAN = Math.hypot(1, CONE.slope);

/** An upright cone, seen level. */
export const cone: Surface = (x, y) => {
	const half = (CONE.tip - y) * CONE.slope;
	if (half <= 0 || Math.abs(x) >= half) return null;
	const across = x / half;
	return [across / LEAN, CONE.slope / LEAN, Math.sqrt(1 - across * across) / LEAN];
};

/** How a box is turned about its upright axis, and tipped towards the viewer; radians. */
const [TURN, TIP] = [0.52, 0.44];
const tipped = ([x, y, z]: Readonly<Triple>): Triple => [
	x,
	y * Math.cos(TIP) - z * Math.sin(TIP),
	y * Math.sin(TIP) + z * Math.cos(TIP)
];
const BOX = { middle: [0, -0.52] as const, half: [0.56, 0.66, 0.56] as const };
/** The three faces that are seen, and how far each is from the middle. */
const FACES = (
	[
		[[-Math.sin(TURN), 0, Math.cos(TURN)], BOX.half[0]],
		[[0, 1, 0], BOX.half[1]],
		[[Math.cos(TURN), 0, Math.sin(TURN)], BOX.half[2]]
	] as const
).map(([normal, from]) => ({ normal: tipped(normal), from }));
/** How sharp its edges are: the higher, the sharper. */
const SHARP = 11;

/** A box with its edges taken off a little, so that a lamp finds something to shine on there. */
export const box: Surface = (x, y) => {
	const [across, up] = [x - BOX.middle[0], y - BOX.middle[1]];
	const depths = FACES.map(({ normal: [nx, ny, nz], from }) => (from - nx * across - ny * up) / nz);
	const nearest = Math.min(...depths);
	// Behind the three faces at the back there is nothing of it.
	if (FACES.some(({ normal, from }) => dot(normal, [across, up, nearest]) < -from)) return null;
	const sum: Triple = [0, 0, 0];
	FACES.forEach(({ normal }, i) => {
		const weight = Math.exp(-SHARP * (depths[i]! - nearest) * normal[2]);
		for (let axis = 0; axis < 3; axis++) sum[axis]! += weight * normal[axis]!;
	});
	return unit(sum);
};
