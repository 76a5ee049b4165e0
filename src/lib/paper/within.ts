import svgpath from 'svgpath';
import { type Box } from '$lib/drawing/box';
import { type Drawing, type Shape } from '$lib/drawing/drawing';

/** A shape at another place and size: `scale` times as large, moved by so much. */
function moved(shape: Shape, scale: number, dx: number, dy: number): Shape {
	const x = (at: number): number => dx + scale * at;
	const y = (at: number): number => dy + scale * at;
	const path = (text: string): string => svgpath(text).scale(scale).translate(dx, dy).round(3).toString();
	switch (shape.kind) {
		case 'area':
			return { ...shape, path: path(shape.path) };
		case 'rule':
			return { ...shape, x1: x(shape.x1), y1: y(shape.y1), x2: x(shape.x2), y2: y(shape.y2) };
		case 'words':
			return { ...shape, x: x(shape.x), y: y(shape.y), size: scale * shape.size };
		case 'bar':
		case 'row':
		case 'gradient':
		case 'image':
		case 'raster':
		case 'mosaic': {
			const box = { x: x(shape.x), y: y(shape.y), width: scale * shape.width, height: scale * shape.height };
			if (shape.kind !== 'mosaic') return { ...shape, ...box };
			return {
				...shape,
				...box,
				paths: shape.paths.map(path),
				...(shape.seams ? { seams: shape.seams.map(path) } : {})
			};
		}
	}
}

/** A drawing small within another one: as large as fits into a box, at its top, in the middle across; on its own paper. */
export function within({ width, height, paper, shapes }: Drawing, box: Box): Shape[] {
	const scale = Math.min(box.width / width, box.height / height);
	const dx = box.x + (box.width - scale * width) / 2;
	const sheet: Shape = { kind: 'bar', x: dx, y: box.y, width: scale * width, height: scale * height, fill: paper };
	return [sheet, ...shapes.map((shape) => moved(shape, scale, dx, box.y))];
}
