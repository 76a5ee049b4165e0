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

/** Depths at which a line is looked at, and how far one is from the next. */
const STEPS = 560;
const STEP = (NEAR - FAR) / STEPS;
const NUDGE = 1e-3;
const depthOf = (i: number): number => -NEAR + STEP * i;

/** What is seen along one upright line of the picture: at each height of it the depth there, and how the cloth rises away from the viewer. */
class Line {
	private readonly heights = new Float64Array(STEPS + 1);
	/** The depths that are seen, by their numbers, from the bottom up: what lies behind something higher is not among them. */
	private readonly seen: number[] = [];
	private at = 0;

	constructor(private readonly x: number) {
		let highest = -Infinity;
		for (let i = 0; i <= STEPS; i++) {
			this.heights[i] = height(x, depthOf(i));
			if (this.up(i) <= highest) continue;
			highest = this.up(i);
			this.seen.push(i);
		}
	}

	/** How high in the picture a depth stands. */
	private up(i: number): number {
		return TABLE + this.heights[i]! * RISE + depthOf(i) * DEPTH;
	}

	/** The normal of what is seen at a height; null over the cloth. Heights that follow each other are found at once. */
	normalAt(y: number): Triple | null {
		const { seen, heights } = this;
		if (y > this.up(seen.at(-1)!)) return null;
		while (this.at > 0 && this.up(seen[this.at - 1]!) >= y) this.at--;
		while (this.up(seen[this.at]!) < y) this.at++;
		const [after, before] = [seen[this.at]!, seen[Math.max(0, this.at - 1)]!];
		const share = after === before ? 0 : (y - this.up(before)) / (this.up(after) - this.up(before));
		const place = before + Math.max(0, share) * (after - before);
		const near = Math.max(1, Math.min(STEPS - 2, Math.floor(place)));
		const slope = (i: number): number => (heights[i + 1]! - heights[i - 1]!) / (2 * STEP);
		const away = slope(near) + (place - near) * (slope(near + 1) - slope(near));
		const depth = depthOf(place);
		const across = (height(this.x + NUDGE, depth) - height(this.x - NUDGE, depth)) / (2 * NUDGE);
		// Depth runs away from the viewer; seen from above it is turned up into the picture.
		const [nx, ny, nz] = unit([-across, 1, away]);
		return [nx, ny * RISE - nz * DEPTH, ny * DEPTH + nz * RISE];
	}
}

/** A cloth over an upturned bowl. Asked line by line it is quickest: what is seen along the last line is kept. */
export function cloth(): Surface {
	let line = new Line(0);
	let at = 0;
	return (x, y) => {
		if (x !== at) [at, line] = [x, new Line(x)];
		return line.normalAt(y);
	};
}
