import { joined } from '$lib/core/pattern/join';
import { type Outline, type Point } from '$lib/core/pattern/outline';
import { type Drawing, type Of, type Shape } from './drawing';
import { inPath } from './rounded';

/** Paths of straight lines, as cells have them: `Mx yLx y…z`. */
const ringsOf = (path: string): Outline[] =>
	path
		.split('z')
		.filter((part) => part !== '')
		.map((part) => part.slice(1).split('L').map(pointOf));

function pointOf(text: string): Point {
	const [x, y] = text.split(' ').map(Number);
	return [x!, y!];
}

const pathOf = (rings: readonly Outline[]): string =>
	rings.map((ring) => `M${ring.map(([x, y]) => `${inPath(x)} ${inPath(y)}`).join('L')}z`).join('');

/** Short lines that follow on each other as few long ones; corners on a straight line are left out. */
function chained(path: string): string {
	const ends = new Map<string, string[]>();
	const lines = path.split('M').flatMap((part) => (part === '' ? [] : [part.split('L') as [string, string]]));
	for (const [from, to] of lines) {
		ends.set(from, [...(ends.get(from) ?? []), to]);
		ends.set(to, [...(ends.get(to) ?? []), from]);
	}
	const take = (from: string): string | null => {
		const to = ends.get(from)?.pop();
		if (to === undefined) return null;
		const back = ends.get(to)!;
		back.splice(back.indexOf(from), 1);
		return to;
	};
	const starts = [...ends.keys()].sort((one, other) => (ends.get(other)!.length % 2) - (ends.get(one)!.length % 2));
	return starts
		.flatMap((start) => {
			const found: string[] = [];
			for (let next = take(start); next !== null; next = take(start)) {
				const chain = [start];
				for (let at: string | null = next; at !== null; at = take(at)) chain.push(at);
				found.push(`M${straightened(chain).join('L')}`);
			}
			return found;
		})
		.join('');
}

const ON_LINE = 1e-3;

function straightened(chain: readonly string[]): string[] {
	const kept: string[] = [];
	chain.forEach((point, i) => {
		const [before, next] = [kept.at(-1), chain[i + 1]];
		if (before !== undefined && next !== undefined) {
			const [[ax, ay], [bx, by], [cx, cy]] = [pointOf(before), pointOf(point), pointOf(next)];
			const off =
				Math.abs((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / Math.max(1e-9, Math.hypot(cx - ax, cy - ay));
			const onwards = (bx - ax) * (cx - bx) + (by - ay) * (cy - by) > 0;
			if (off < ON_LINE && onwards) return;
		}
		kept.push(point);
	});
	return kept;
}

/** Cells of one colour that touch as one outline, those that do not as several. */
function joinedMosaic(mosaic: Of<'mosaic'>): Of<'mosaic'> {
	return {
		...mosaic,
		paths: mosaic.paths.map((path) => pathOf(joined(ringsOf(path)))),
		seams: mosaic.seams?.map(chained),
		inner: undefined
	};
}

/** Each cell by itself, its holes with it: holes go the other way round than shapes. */
function cellsOfMosaic(mosaic: Of<'mosaic'>): Shape[] {
	const seams: Of<'mosaic'> = { ...mosaic, paths: [] };
	const cells = mosaic.paths.flatMap((path, i) => {
		const found: string[] = [];
		for (const ring of path.split('z').filter((part) => part !== '')) {
			const isHole = turnOf(ringsOf(ring)[0]!) < 0;
			if (isHole && found.length > 0) found[found.length - 1] += `${ring}z`;
			else found.push(`${ring}z`);
		}
		return found.map((each): Shape => ({ kind: 'area', path: each, fill: mosaic.fills[i]! }));
	});
	return [seams, ...cells];
}

/** Over 0 where corners go clockwise, y down. */
const turnOf = (ring: Outline): number =>
	ring.reduce((sum, [x, y], i) => {
		const [nx, ny] = ring[(i + 1) % ring.length]!;
		return sum + x * ny - nx * y;
	}, 0);

/** A drawing as files have it: designs as few clean outlines, or cell by cell, as each says. It takes its time with thousands of cells. */
export function takenAway(drawing: Drawing): Drawing {
	if (!drawing.shapes.some((shape) => shape.kind === 'mosaic' && shape.taken)) return drawing;
	return {
		...drawing,
		shapes: drawing.shapes.flatMap((shape): Shape[] => {
			if (shape.kind !== 'mosaic' || !shape.taken) return [shape];
			return shape.taken === 'joined' ? [joinedMosaic(shape)] : cellsOfMosaic(shape);
		})
	};
}
