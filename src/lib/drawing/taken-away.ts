import { joined } from '$lib/core/pattern/join';
import { turnOf, type Outline } from '$lib/core/pattern/outline';
import { ringsOfPath } from '$lib/core/pattern/straight-path';
import { figuresOf } from './bars';
import { type Drawing, type Of, type Shape } from './drawing';
import { inPath } from './rounded';

const pathOf = (rings: readonly Outline[]): string =>
	rings.map((ring) => `M${ring.map(([x, y]) => `${inPath(x)} ${inPath(y)}`).join('L')}z`).join('');

interface Cell {
	/** The number of its area. */
	readonly area: number;
	readonly path: string;
}

/** The cells of which areas are made, each with its holes. */
function cellsOf({ paths }: Of<'mosaic'>): Cell[] {
	return paths.flatMap((path, area) => {
		const found: string[] = [];
		for (const ring of path.split('z').filter((part) => part !== '')) {
			const isHole = found.length > 0 && turnOf(ringsOfPath(ring)[0]!) < 0;
			if (isHole) found[found.length - 1] += `${ring}z`;
			else found.push(`${ring}z`);
		}
		return found.map((each) => ({ area, path: each }));
	});
}

/** The edges of a cell by the texts of their ends, whichever way they run. */
const edgesOf = (path: string): string[] =>
	path
		.split('z')
		.filter((part) => part !== '')
		.flatMap((ring) => {
			const corners = ring.slice(1).split('L');
			return corners.map((corner, i) => {
				const next = corners[(i + 1) % corners.length]!;
				return corner < next ? `${corner}|${next}` : `${next}|${corner}`;
			});
		});

/** For each area its own cells with those of later areas that touch them: what is painted later comes over them. */
function reaching(cells: readonly Cell[], count: number): string[] {
	const byEdge = new Map<string, number[]>();
	cells.forEach(({ path }, i) => {
		for (const edge of edgesOf(path)) byEdge.set(edge, [...(byEdge.get(edge) ?? []), i]);
	});
	const under = Array.from({ length: count }, () => new Set<number>());
	cells.forEach(({ area }, i) => under[area]!.add(i));
	for (const pair of byEdge.values())
		for (const one of pair)
			for (const other of pair) if (cells[one]!.area < cells[other]!.area) under[cells[one]!.area]!.add(other);
	return under.map((own) => [...own].map((i) => cells[i]!.path).join(''));
}

const joinedPath = (path: string): string => pathOf(joined(ringsOfPath(path)));

/**
 * A design as files have it: on top its outlines, joined or cell by cell, each just as large as it is; beneath them the same colours, each
 * reaching under its neighbours, so that no ground shows between two at any size.
 */
function taken(mosaic: Of<'mosaic'>): Shape[] {
	const { fills, taken: how } = mosaic;
	const cells = cellsOf(mosaic);
	const beneath = reaching(cells, fills.length).map(joinedPath);
	if (how === 'cells')
		return [
			...figuresOf({ ...mosaic, paths: beneath }),
			...cells.map(({ area, path }): Shape => ({ kind: 'area', path, fill: fills[area]! }))
		];
	return [
		...figuresOf({ ...mosaic, paths: beneath }),
		...figuresOf({ ...mosaic, paths: mosaic.paths.map(joinedPath) })
	];
}

/** A drawing as files have it, its designs in clean outlines. It takes its time with thousands of cells. */
export function takenAway(drawing: Drawing): Drawing {
	if (!drawing.shapes.some((shape) => shape.kind === 'mosaic' && shape.taken)) return drawing;
	return {
		...drawing,
		shapes: drawing.shapes.flatMap((shape): Shape[] =>
			shape.kind === 'mosaic' && shape.taken ? taken(shape) : [shape]
		)
	};
}
