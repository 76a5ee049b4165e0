import { type Box } from './box';

interface Size {
	readonly width: number;
	readonly height: number;
}

/** Between drawings that share a sheet, as a share of its width. */
const GAP = 0.02;

/**
 * Where drawings stand on one sheet, each whole and as large as fits: one fills it; several stand in rows of equal cells, as many
 * rows as columns where they fill them. In whole pixels of the sheet.
 */
export function onOneSheet(drawings: readonly Size[], sheet: Size): Box[] {
	const columns = Math.ceil(Math.sqrt(drawings.length));
	const rows = Math.ceil(drawings.length / columns);
	const gap = drawings.length > 1 ? Math.round(GAP * sheet.width) : 0;
	const cell = {
		width: (sheet.width - gap * (columns + 1)) / columns,
		height: (sheet.height - gap * (rows + 1)) / rows
	};
	return drawings.map(({ width, height }, i) => {
		const scale = Math.min(cell.width / width, cell.height / height);
		const left = gap + (i % columns) * (cell.width + gap) + (cell.width - scale * width) / 2;
		const top = gap + Math.floor(i / columns) * (cell.height + gap) + (cell.height - scale * height) / 2;
		const [x, y] = [Math.round(left), Math.round(top)];
		return { x, y, width: Math.round(left + scale * width) - x, height: Math.round(top + scale * height) - y };
	});
}
