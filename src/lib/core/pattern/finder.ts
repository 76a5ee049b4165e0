import { type Grid } from './grid';
import { bounds, within, type Point } from './outline';

/** Cells to a box of the finder, about. */
const IN_A_BOX = 2;

type Find = (point: Point) => number | null;
const made = new WeakMap<Grid, Find>();

/** What finds the cell at a point of a grid, null where there is none: quickly, because it is asked at every move of a pointer. */
export function finderOf(grid: Grid): Find {
	const known = made.get(grid);
	if (known) return known;
	const find = finderIn(grid);
	made.set(grid, find);
	return find;
}

function finderIn({ cells }: Grid): Find {
	const boxes = cells.map(({ outline }) => bounds(outline));
	const left = Math.min(...boxes.map((box) => box.left));
	const top = Math.min(...boxes.map((box) => box.top));
	const width = Math.max(1e-9, Math.max(...boxes.map((box) => box.right)) - left);
	const height = Math.max(1e-9, Math.max(...boxes.map((box) => box.bottom)) - top);
	const across = Math.max(1, Math.ceil(Math.sqrt((cells.length / IN_A_BOX) * (width / height))));
	const down = Math.max(1, Math.ceil(cells.length / IN_A_BOX / across));
	const column = (x: number): number => Math.min(across - 1, Math.max(0, Math.floor(((x - left) / width) * across)));
	const row = (y: number): number => Math.min(down - 1, Math.max(0, Math.floor(((y - top) / height) * down)));
	const lists = Array.from({ length: across * down }, (): number[] => []);
	boxes.forEach((box, cell) => {
		for (let i = row(box.top); i <= row(box.bottom); i++)
			for (let k = column(box.left); k <= column(box.right); k++) lists[i * across + k]!.push(cell);
	});
	return (point) => {
		const [x, y] = point;
		if (!(x >= left && x <= left + width && y >= top && y <= top + height)) return null;
		for (const cell of lists[row(y) * across + column(x)]!) {
			const { outline, holes } = cells[cell]!;
			if (within(outline, point) && !holes.some((hole) => within(hole, point))) return cell;
		}
		return null;
	};
}
