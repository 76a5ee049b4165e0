import svgpath from 'svgpath';
import { flatArc, flatCubic, flatQuadratic } from '$lib/core/pattern/flatten';
import { type Outline, type Point } from '$lib/core/pattern/outline';
import { type FoundShape } from './shapes';

/** A part of a path as corners, and whether it closes. */
interface Ring {
	readonly outline: Outline;
	readonly closed: boolean;
}

const CLOSE = 1e-6;

/** A path with every transform about it carried out. */
function plainPath({ path, transforms }: FoundShape) {
	const read = svgpath(path);
	for (const transform of transforms) read.transform(transform);
	return read.unshort().abs();
}

/** The corners of everything that the path of a shape goes through, its bends by the points that draw them: for how large it is. */
export function reachOf(shape: FoundShape): Point[] {
	const points: Point[] = [];
	plainPath(shape)
		.unarc()
		.iterate(([letter, ...numbers], _i, x, y) => {
			points.push([x, y]);
			const values = numbers as number[];
			if (letter === 'H') points.push([values[0]!, y]);
			else if (letter === 'V') points.push([x, values[0]!]);
			else for (let k = 0; k + 1 < values.length; k += 2) points.push([values[k]!, values[k + 1]!]);
		});
	return points.filter(([x, y]) => Number.isFinite(x) && Number.isFinite(y));
}

/** The parts of a shape as corners after a last transform, bends no farther off than a tolerance. */
export function ringsOf(shape: FoundShape, last: string, tolerance: number): Ring[] {
	const rings: Ring[] = [];
	let corners: Point[] = [];
	const end = (closes: boolean) => {
		const [first, final] = [corners[0], corners.at(-1)];
		if (first && final && corners.length > 1) {
			const meets = Math.hypot(first[0] - final[0], first[1] - final[1]) <= CLOSE;
			rings.push({ outline: meets ? corners.slice(0, -1) : corners, closed: closes || meets });
		}
		corners = [];
	};
	plainPath({ ...shape, transforms: [...shape.transforms, last] }).iterate(([letter, ...given], _i, x, y) => {
		const v = given as number[];
		const from: Point = [x, y];
		if (letter === 'M') {
			end(false);
			corners = [[v[0]!, v[1]!]];
			return;
		}
		if (letter === 'Z' || letter === 'z') return end(true);
		// After a part was closed the next begins where that began.
		if (corners.length === 0) corners = [from];
		if (letter === 'L') corners.push([v[0]!, v[1]!]);
		else if (letter === 'H') corners.push([v[0]!, y]);
		else if (letter === 'V') corners.push([x, v[0]!]);
		else if (letter === 'Q') corners.push(...flatQuadratic(from, [v[0]!, v[1]!], [v[2]!, v[3]!], tolerance));
		else if (letter === 'A') {
			const arc = { rx: v[0]!, ry: v[1]!, turn: v[2]!, large: v[3] === 1, clockwise: v[4] === 1 };
			corners.push(...flatArc(from, arc, [v[5]!, v[6]!], tolerance));
		} else if (letter === 'C')
			corners.push(...flatCubic(from, [v[0]!, v[1]!], [v[2]!, v[3]!], [v[4]!, v[5]!], tolerance));
	});
	end(false);
	return rings.filter(({ outline }) => outline.every(([x, y]) => Number.isFinite(x) && Number.isFinite(y)));
}
