/** One piece of work, done by us and by a reference library, on the same inputs. */
export interface Race {
	readonly work: string;
	readonly reference: string;
	/** How many times faster than the reference it should at least be. */
	readonly goal: number;
	/** Both give something that depends on their results, so that nothing is left out as unused. */
	readonly ours: (round: number) => number;
	readonly theirs: (round: number) => number;
}

export interface Result {
	readonly work: string;
	readonly reference: string;
	readonly goal: number;
	readonly ratio: number;
	readonly spread: readonly [number, number];
}

const ROUNDS = 31;
const WARM = 5;

function timed(work: (round: number) => number, round: number): number {
	const start = performance.now();
	kept += work(round);
	return performance.now() - start;
}

/** Sum of all results: printed at the end, so that no work can be optimised away. */
let kept = 0;
export const keptSum = (): number => kept;

const median = (numbers: readonly number[]): number => [...numbers].sort((a, b) => a - b)[numbers.length >> 1] ?? 0;

/** Runs both in turn, round by round, because the machine's speed drifts; gives the median of the ratios of neighbours. */
export function run({ work, reference, goal, ours, theirs }: Race): Result {
	const ratios: number[] = [];
	for (let round = 0; round < ROUNDS + WARM; round++) {
		const first = round % 2 === 0;
		const a = first ? timed(ours, round) : 0;
		const b = timed(theirs, round);
		const c = first ? a : timed(ours, round);
		if (round >= WARM) ratios.push(b / c);
	}
	const sorted = [...ratios].sort((a, b) => a - b);
	const at = (share: number): number => sorted[Math.floor(share * (sorted.length - 1))] ?? 0;
	return { work, reference, goal, ratio: median(ratios), spread: [at(0.1), at(0.9)] };
}
