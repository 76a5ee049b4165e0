import { sideways, upright } from '$lib/drawing/lost';
import { markUnder, type FormPlaces, type StepPlace } from './place';
import { type Box } from '$lib/drawing/box';

/** Ends stand out by their width. */
const END_WIDTH = 1.25;
const LABEL_DROP = 14;
const LOW_DROP = 12;

function edgesOf(count: number, { x, width }: Box): number[] {
	const total = count - 2 + 2 * END_WIDTH;
	const edges = [x];
	let passed = 0;
	for (let i = 0; i < count; i++) {
		passed += i === 0 || i === count - 1 ? END_WIDTH : 1;
		edges.push(x + (width * passed) / total);
	}
	return edges;
}

const evenEdges = (count: number, { x, width }: Box): number[] =>
	Array.from({ length: count + 1 }, (_, i) => x + (width * i) / count);

function placed(box: Box, row: Box, corners: StepPlace['corners']): StepPlace {
	const drop = row.height < 30 ? LOW_DROP : LABEL_DROP;
	return {
		box,
		outline: { kind: 'box' },
		reach: null,
		label: { x: box.x + box.width / 2, y: row.y + row.height + drop, anchor: 'middle' },
		mark: markUnder(box),
		corners
	};
}

const narrowest = (edges: readonly number[]): number => Math.min(...edges.slice(1).map((edge, i) => edge - edges[i]!));

/** Bars that touch, the two ends a little wider. */
export function bars(count: number, row: Box): FormPlaces {
	const edges = edgesOf(count, row);
	const steps = edges.slice(1).map((edge, i) => {
		const box = { x: edges[i]!, y: row.y, width: edge - edges[i]!, height: row.height };
		const outer = i === 0 ? sideways(box, -1) : i === count - 1 ? sideways(box, 1) : [];
		return placed(box, row, [...upright(box), ...outer]);
	});
	return { steps, room: narrowest(edges), column: false };
}

const GAP_SHARE = 0.16;
const WIDEST_GAP = 10;

/** Bars of one width that stand apart. */
export function gaps(count: number, row: Box): FormPlaces {
	const edges = evenEdges(count, { ...row, width: row.width + gapOf(count, row.width) });
	const gap = gapOf(count, row.width);
	const steps = edges.slice(1).map((edge, i) => {
		const box = { x: edges[i]!, y: row.y, width: edge - edges[i]! - gap, height: row.height };
		return placed(box, row, [...upright(box), ...sideways(box, -1), ...sideways(box, 1)]);
	});
	return { steps, room: narrowest(edges), column: false };
}

const gapOf = (count: number, width: number): number => Math.min(WIDEST_GAP, (GAP_SHARE * width) / count);

const LOWEST_BLOCK = 0.28;

/** Blocks on one line, each higher than the one before. */
export function blocks(count: number, row: Box): FormPlaces {
	const edges = evenEdges(count, row);
	const steps = edges.slice(1).map((edge, i) => {
		const share = count < 2 ? 1 : LOWEST_BLOCK + ((1 - LOWEST_BLOCK) * i) / (count - 1);
		const height = row.height * share;
		const box = { x: edges[i]!, y: row.y + row.height - height, width: edge - edges[i]!, height };
		return placed(box, row, [...upright(box), ...(i === count - 1 ? sideways(box, 1) : sideways(box, -1))]);
	});
	return { steps, room: narrowest(edges), column: false };
}

const round = (x: number): string => String(Math.round(x * 1000) / 1000);

/** A square with corners rounded by this radius: half its side makes a circle. */
function rounded({ x, y, width }: Box, radius: number): string {
	const [r, straight] = [round(radius), round(width - 2 * radius)];
	const corner = (dx: number, dy: number): string => `a${r} ${r} 0 0 1 ${round(dx * radius)} ${round(dy * radius)}`;
	return [
		`M${round(x + radius)} ${round(y)}`,
		`h${straight}`,
		corner(1, 1),
		`v${straight}`,
		corner(-1, 1),
		`h-${straight}`,
		corner(-1, -1),
		`v-${straight}`,
		`${corner(1, -1)}z`
	].join('');
}

/** Figures in a row that turn from a square into a circle along the scale. */
export function changing(count: number, row: Box): FormPlaces {
	const cell = row.width / count;
	const side = Math.min(row.height, cell * (1 - GAP_SHARE / 2));
	const steps = Array.from({ length: count }, (_, i): StepPlace => {
		const box = {
			x: row.x + cell * i + (cell - side) / 2,
			y: row.y + (row.height - side) / 2,
			width: side,
			height: side
		};
		const radius = count < 2 ? 0 : (side / 2) * (i / (count - 1));
		const step = placed(box, { ...row, height: (row.height + side) / 2 }, [...upright(box), ...sideways(box, -1)]);
		return { ...step, outline: { kind: 'path', path: rounded(box, radius) } };
	});
	return { steps, room: cell, column: false };
}
