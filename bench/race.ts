/** One piece of work, done by us and by a reference library, on the same inputs. */
export interface Race {
	readonly work: string;
	readonly reference: string;
	/** How many times faster than the reference it should at least be. */
	readonly goal: number;
	/** Both give something that depends on their results, so that nothing is left out as unused. */
	readonly ours: () => number;
	readonly theirs: () => number;
}

export interface Result {
	readonly work: string;
	readonly reference: string;
	readonly goal: number;
	readonly ratio: number;
	readonly spread: readonly [number, number];
}

const ROUNDS = 31;
/** Work that takes this many milliseconds or more is raced in fewer rounds. */
const LONG = 200;
const FEW_ROUNDS = 9;

/** One timing takes at least this many milliseconds, well over what the clock and the collector of garbage blur. */
const LEAST = 12;

function timed(work: () => number, times: number): number {
	const start = performance.now();
	for (let i = 0; i < times; i++) kept += work();
	return (performance.now() - start) / times;
}

/** How often a piece of work has to be done for a timing, once it runs warm. */
function timesFor(work: () => number): number {
	for (let i = 0, spent = 0; i < 20 && spent < LONG; i++) spent += timed(work, 1);
	return Math.max(1, Math.ceil(LEAST / timed(work, 3)));
}

/** Sum of all results: printed at the end, so that no work can be optimised away. */
let kept = 0;
export const keptSum = (): number => kept;

const median = (numbers: readonly number[]): number => [...numbers].sort((a, b) => a - b)[numbers.length >> 1] ?? 0;

/** Runs both in turn, round by round, because the machine's speed drifts; gives the median of the ratios of neighbours. */
export function run({ work, reference: library, goal, ours, theirs }: Race): Result {
	const ratios: number[] = [];
	const times = { ours: timesFor(ours), theirs: timesFor(theirs) };
	const rounds = timed(theirs, 1) < LONG ? ROUNDS : FEW_ROUNDS;
	for (let round = 0; round < rounds; round++) {
		const before = round % 2 === 0 ? timed(ours, times.ours) : null;
		const reference = timed(theirs, times.theirs);
		ratios.push(reference / (before ?? timed(ours, times.ours)));
	}
	const sorted = [...ratios].sort((a, b) => a - b);
	const at = (share: number): number => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
	return { work, reference: library, goal, ratio: median(ratios), spread: [at(0.1), at(0.9)] };
}
