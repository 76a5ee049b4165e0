import { describe, expect, it } from 'vitest';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { newStudy } from '$lib/study/new-study';
import { fieldsOf, inEveryExercise, withField } from '../../../tests/support/extremes';
import { drawPlate } from './draw-plate';
import { KIND_NAMES } from './kinds';
import { newPlate } from './new-plate';

const COUNTS: Readonly<Record<string, number>> = { m: 2, l: 2, h: 1, v: 1, c: 6, q: 4, a: 7, z: 0 };

/** A box that holds a path (SVG 1.1, 8.3): its points, those of its curves, and for arcs as far round as their radius. */
function boxOfPath(path: string): Box {
	const xs: number[] = [];
	const ys: number[] = [];
	let [x, y] = [0, 0];
	const reach = (px: number, py: number, by = 0): void => {
		xs.push(px - by, px + by);
		ys.push(py - by, py + by);
	};
	for (const [, command = '', text = ''] of path.matchAll(/([a-z])([^a-z]*)/gi)) {
		const numbers = (text.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
		const kind = command.toLowerCase();
		const [fx, fy] = command === kind ? [x, y] : [0, 0];
		const count = COUNTS[kind]!;
		for (let i = 0; count > 0 && i + count <= numbers.length; i += count) {
			const part = numbers.slice(i, i + count);
			const [bx, by] = command === kind ? [x, y] : [fx, fy];
			if (kind === 'h') x = bx + part[0]!;
			else if (kind === 'v') y = by + part[0]!;
			else {
				for (let at = 0; kind !== 'a' && at < count - 2; at += 2) reach(bx + part[at]!, by + part[at + 1]!);
				if (kind === 'a') reach(x, y, part[0]);
				[x, y] = [bx + part[count - 2]!, by + part[count - 1]!];
			}
			reach(x, y);
		}
	}
	const [left, top] = [Math.min(...xs), Math.min(...ys)];
	return { x: left, y: top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}

/** What a shape covers, drawn in a little, so that shapes that touch do not overlap. Words and rules cover nothing. */
function covered(shape: Shape): Box | null {
	if (shape.kind === 'words' || shape.kind === 'rule') return null;
	const { x, y, width, height } = shape.kind === 'area' ? boxOfPath(shape.path) : shape;
	return { x: x + 0.5, y: y + 0.5, width: width - 1, height: height - 1 };
}

const overlap = (one: Box, other: Box): boolean =>
	one.x < other.x + other.width &&
	other.x < one.x + one.width &&
	one.y < other.y + other.height &&
	other.y < one.y + one.height;

const isPainted = ({ kind }: Shape): boolean => kind === 'row' || kind === 'mosaic' || kind === 'image';

/** Painted shapes that come after an element which they would cover: the screen paints them under all elements. */
const buried = (shapes: readonly Shape[]): string[] =>
	shapes.flatMap((shape, i) => {
		const box = isPainted(shape) ? covered(shape) : null;
		if (!box) return [];
		const under = shapes.slice(0, i).find((other) => {
			const its = isPainted(other) ? null : covered(other);
			return its !== null && overlap(box, its);
		});
		return under ? [`${shape.kind} ${i} over ${JSON.stringify(under).slice(0, 80)}`] : [];
	});

describe('the order of shapes', () => {
	it('a box is known for the paths that drawings have', () => {
		expect(boxOfPath('M10 20h30v5h-30z')).toEqual({ x: 10, y: 20, width: 30, height: 5 });
		expect(boxOfPath('M0 0L5 -5')).toEqual({ x: 0, y: -5, width: 5, height: 5 });
		expect(
			buried([
				{ kind: 'bar', x: 0, y: 0, width: 9, height: 9, fill: '#000000' },
				{ kind: 'row', x: 4, y: 4, width: 9, height: 9, codes: [0] }
			])
		).toHaveLength(1);
	});

	it.each(KIND_NAMES)(
		'of %s: what is painted comes before the elements that lie over it, in every exercise and at both ends of every field',
		(kind) => {
			const study = newStudy('Order', '');
			const bases = inEveryExercise(newPlate(kind, study)).map(({ plate }) => plate);
			const plates = bases.flatMap((base) => [
				base,
				...fieldsOf(base).flatMap(({ path, ends }) => ends.flatMap((end) => withField(base, path, end) ?? []))
			]);
			expect(plates.length).toBeGreaterThan(bases.length);
			const found = plates.flatMap((each) =>
				(['full', 'colours'] as const).flatMap((detail) => buried(drawPlate(each, study.linked, detail).shapes))
			);
			expect(found).toEqual([]);
		}
	);
});
