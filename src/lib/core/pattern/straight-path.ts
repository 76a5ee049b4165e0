import { type Outline, type Point } from './outline';

function cornerOf(text: string): Point {
	const [x, y] = text.split(' ').map(Number);
	return [x!, y!];
}

/** The rings of a path of straight lines as ours are written: `Mx yLx y…z`, one after the other. */
export const ringsOfPath = (path: string): Outline[] =>
	path
		.split('z')
		.filter((part) => part !== '')
		.map((part) => part.slice(1).split('L').map(cornerOf));
