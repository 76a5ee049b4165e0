/** A place, and by how much it misses what is looked for: under 0 before it, over 0 beyond it. */
type Missed = readonly [at: number, miss: number];

interface Search {
	/** A miss smaller than this is none. */
	readonly close: number;
	readonly mostRounds: number;
	/** Where to look first, where more is known than the two ends. */
	readonly first?: number;
}

/**
 * The place between two others at which a rising miss passes 0, by false position with the halved end of the Illinois method (Dowell
 * and Jarratt, BIT 11, 1971): halving alone takes four times as many rounds. It is the last place asked for; the far one, where the two
 * do not enclose it.
 */
export function falsePosition(missAt: (at: number) => number, near: Missed, far: Missed, search: Search): number {
	let [low, under] = near;
	let [high, over] = far;
	let at = high;
	for (let round = 0, side = 0; round < search.mostRounds && over > under; round++) {
		const between = (low * over - high * under) / (over - under);
		at = round === 0 ? (search.first ?? between) : between;
		const miss = missAt(at);
		if (Math.abs(miss) < search.close) break;
		if (miss < 0) {
			[low, under] = [at, miss];
			if (side < 0) over /= 2;
			side = -1;
		} else {
			[high, over] = [at, miss];
			if (side > 0) under /= 2;
			side = 1;
		}
	}
	return at;
}
