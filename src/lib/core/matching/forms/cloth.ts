import { type Triple } from '../../colour/vector';
import { unit, type Surface } from './surface';

/** From how far above the cloth is seen, in radians. */
const SEEN_FROM = 0.42;
const [RISE, DEPTH] = [Math.cos(SEEN_FROM), Math.sin(SEEN_FROM)];
/** The level of the table in the picture, and the far and the near end of what is seen of it. */
const TABLE = -0.86;
const [FAR, NEAR] = [-1.5, 2.2];

const smooth = (from: number, to: number, at: number): number => {
	const t = Math.max(0, Math.min(1, (at - from) / (to - from)));
	return t * t * (3 - 2 * t);
};

/** How high the cloth stands over the table: over an upturned bowl in the middle, in folds that grow outwards and downwards. */
function height(x: number, depth: number): number {
	const [across, away] = [x - 0.04, depth + 0.1];
	const from = Math.hypot(across, away);
	const turn = Math.atan2(across, away);
	const bowl = 1.12 * (1 - smooth(0.22, 1.05, from));
	const folds = 0.5 + 0.5 * Math.cos(7 * turn + 1.3 * Math.sin(2 * turn + 0.6) + 0.7 * from);
	const falling = smooth(0.24, 0.62, from) * (1 - 0.55 * smooth(0.9, 1.9, from));
	return bowl + 0.26 * folds * falling + 0.03 * Math.cos(5 * across + 3 * away) * smooth(0.9, 1.5, from);
}

const STEPS = 900;
const NUDGE = 1e-3;

function normalAt(x: number, depth: number): Triple {
	const across = (height(x + NUDGE, depth) - height(x - NUDGE, depth)) / (2 * NUDGE);
	const away = (height(x, depth + NUDGE) - height(x, depth - NUDGE)) / (2 * NUDGE);
	// Depth runs away from the viewer; seen from above it is turned up into the picture.
	const [nx, ny, nz] = unit([-across, 1, away]);
	return [nx, ny * RISE - nz * DEPTH, ny * DEPTH + nz * RISE];
}

/** What is seen along one upright line of the picture, from the bottom up: the depth at each height, where the cloth is. */
function alongLine(x: number): (y: number) => number | null {
	const tops: { readonly y: number; readonly depth: number }[] = [];
	let highest = -Infinity;
	for (let i = 0; i <= STEPS; i++) {
		const depth = -NEAR + ((NEAR - FAR) * i) / STEPS;
		const y = TABLE + height(x, depth) * RISE + depth * DEPTH;
		if (y <= highest) continue;
		highest = y;
		tops.push({ y, depth });
	}
	let at = 0;
	return (y) => {
		if (y > highest) return null;
		while (at > 0 && tops[at - 1]!.y >= y) at--;
		while (tops[at]!.y < y) at++;
		const [after, before] = [tops[at]!, tops[Math.max(0, at - 1)]!];
		const share = after.y > before.y ? (y - before.y) / (after.y - before.y) : 0;
		return before.depth + Math.max(0, share) * (after.depth - before.depth);
	};
}

/** A cloth over an upturned bowl. Asked line by line it is quickest: what is seen along the last line is kept. */
export function cloth(): Surface {
	let line = NaN;
	let seen = alongLine(0);
	return (x, y) => {
		if (x !== line) {
			line = x;
			seen = alongLine(x);
		}
		const depth = seen(y);
		return depth === null ? null : normalAt(x, depth);
	};
}
