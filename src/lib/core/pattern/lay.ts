import { seeded } from '../seeded';
import { cellAt, type Grid } from './grid';
import { areaOf, type Point } from './outline';

/** How a row of colours is laid over a grid by rule. */
export const RULES = ['across', 'down', 'from-middle', 'round', 'random'] as const;
export type Rule = (typeof RULES)[number];

/** The middle of all cells together. */
function centre({ cells }: Grid): Point {
	const sum = cells.reduce(([x, y], { middle }) => [x + middle[0], y + middle[1]] as const, [0, 0] as Point);
	return [sum[0] / cells.length, sum[1] / cells.length];
}

/** Where a cell stands by a rule, as a number that rises along it. */
function alongOf(grid: Grid, rule: Exclude<Rule, 'random'>): number[] {
	const [cx, cy] = centre(grid);
	return grid.cells.map(({ middle: [x, y] }) => {
		if (rule === 'across') return x;
		if (rule === 'down') return y;
		if (rule === 'from-middle') return Math.hypot(x - cx, y - cy);
		// Clockwise from the top.
		return (Math.atan2(x - cx, cy - y) + 2 * Math.PI) % (2 * Math.PI);
	});
}

/** Cells that stand as far along as each other, but for the rounding of the reckoning. */
const SAME = 1e-6;

/**
 * Lays so many colours over a grid: for each cell the number of its colour. Cells that stand equally far along get the same, and every
 * colour is used where there are as many places along the way. By random with a seed no two neighbours are alike, as far as that goes.
 */
export function layByRule(grid: Grid, count: number, rule: Rule, seed = 1): number[] {
	if (rule === 'random') return layAtRandom(grid, count, seed);
	const along = alongOf(grid, rule);
	const places = [...along]
		.sort((one, other) => one - other)
		.filter((at, i, all) => i === 0 || at - all[i - 1]! > SAME);
	const placeOf = (at: number): number => {
		let [low, high] = [0, places.length - 1];
		while (low < high) {
			const middle = (low + high + 1) >> 1;
			if (places[middle]! <= at + SAME) low = middle;
			else high = middle - 1;
		}
		return low;
	};
	return along.map((at) => Math.min(count - 1, Math.floor((placeOf(at) / places.length) * count)));
}

function layAtRandom({ cells, neighbours }: Grid, count: number, seed: number): number[] {
	const next = seeded(seed);
	const laid: number[] = [];
	cells.forEach((_, i) => {
		const beside = neighbours[i]!.filter((other) => other < i).map((other) => laid[other]!);
		const free = Array.from({ length: count }, (_, colour) => colour).filter((colour) => !beside.includes(colour));
		const choice = free.length > 0 ? free : [laid[i - 1] ?? 0];
		laid.push(choice[Math.floor(next() * choice.length)]!);
	});
	return laid;
}

/** The cells that a straight line from the middle of one to the middle of another passes, in its order. */
export function cellsAlong(grid: Grid, from: number, to: number): number[] {
	const [[x, y], [tx, ty]] = [grid.cells[from]!.middle, grid.cells[to]!.middle];
	const least = Math.sqrt(Math.min(...grid.cells.map(({ outline }) => areaOf(outline))));
	const steps = Math.max(1, Math.ceil((8 * Math.hypot(tx - x, ty - y)) / least));
	const found: number[] = [];
	for (let i = 0; i <= steps; i++) {
		const cell = cellAt(grid, [x + ((tx - x) * i) / steps, y + ((ty - y) * i) / steps]);
		if (cell !== null && !found.includes(cell)) found.push(cell);
	}
	return found;
}

/** The cells that hang together with one and have the same content, itself among them. */
export function sameAround<T>({ neighbours }: Grid, content: readonly T[], from: number): number[] {
	const found = new Set([from]);
	for (const cell of found)
		for (const other of neighbours[cell]!) if (content[other] === content[from]) found.add(other);
	return [...found].sort((one, other) => one - other);
}

/** The share of the area that each content covers, 0–1, of what is filled; null content is none. */
export function sharesOf<T>({ cells }: Grid, content: readonly (T | null)[]): Map<T, number> {
	const areas = new Map<T, number>();
	let whole = 0;
	cells.forEach(({ outline }, i) => {
		const own = content[i] ?? null;
		if (own === null) return;
		const area = areaOf(outline);
		areas.set(own, (areas.get(own) ?? 0) + area);
		whole += area;
	});
	return new Map([...areas].map(([own, area]) => [own, area / whole]));
}
