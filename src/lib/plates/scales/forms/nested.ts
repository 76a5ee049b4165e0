import { sideways, upright, type FormPlaces, type StepPlace } from './place';
import { type Box } from '$lib/drawing/box';

const LABEL_GAP = 16;
const MARK_REACH = 14;
/** The innermost figure is this share of the outermost at the least, so that it can be seen. */
const INNERMOST = 0.06;

const round = (x: number): string => String(Math.round(x * 1000) / 1000);

function circle({ x, y, width }: Box): string {
	const r = round(width / 2);
	return `M${round(x)} ${round(y + width / 2)}a${r} ${r} 0 1 1 ${round(width)} 0a${r} ${r} 0 1 1 ${round(-width)} 0z`;
}

const CIRCLE_REACH = Array.from({ length: 32 }, (_, i) => {
	const angle = (i / 32) * 2 * Math.PI;
	return [0.5 + 0.5 * Math.cos(angle), 0.5 + 0.5 * Math.sin(angle)] as const;
});

/** Squares or circles in each other, the first step outermost, all about one middle. Labels stand in a column beside them. */
export function nested(count: number, row: Box, round: boolean): FormPlaces {
	const whole = Math.min(row.height, row.width * 0.6);
	const left = row.x + (row.width - whole) / 2;
	const top = row.y + (row.height - whole) / 2;
	const steps = Array.from({ length: count }, (_, i): StepPlace => {
		const side = whole * (1 - (i / count) * (1 - INNERMOST));
		const next = whole * (1 - ((i + 1) / count) * (1 - INNERMOST));
		const inset = (whole - side) / 2;
		const box = { x: left + inset, y: top + inset, width: side, height: side };
		const line = count < 2 ? 0 : i / (count - 1);
		return {
			box,
			outline: round ? { kind: 'path', path: circle(box) } : { kind: 'box' },
			reach: round ? CIRCLE_REACH : null,
			label: { x: left + whole + LABEL_GAP, y: top + 10 + line * (whole - 12), anchor: 'start' },
			mark: { x: left - MARK_REACH, y: box.y + (side - next) / 4 - 1, width: MARK_REACH - 4, height: 2 },
			corners: i === 0 ? [...upright(box), ...sideways(box, -1), ...sideways(box, 1)] : []
		};
	});
	return { steps, room: whole / count, column: true };
}
