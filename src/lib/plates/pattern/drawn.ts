import { type Outline, type Point } from '$lib/core/pattern/outline';
import { SHIPPED } from './drawings/shipped';
import { type Shipped } from './drawings/shipped-drawing';
import { type DrawingDecision } from './schema';

/** What a plate's drawing is: one that ships, or one that was read in. */
export const drawnRegions = (drawing: DrawingDecision): Shipped =>
	'shipped' in drawing ? SHIPPED[drawing.shipped] : drawing;

/** The rings of a path of straight lines. */
export const ringsOfPath = (path: string): Outline[] =>
	path
		.split('z')
		.filter((part) => part !== '')
		.map((part) =>
			part
				.slice(1)
				.split('L')
				.map((corner): Point => {
					const [x, y] = corner.split(' ').map(Number);
					return [x!, y!];
				})
		);
