import { type Element } from './tree';

/** A length as a number of user units; per cents and other units are read as if they were none. */
export const lengthOf = (text: string | undefined, otherwise = 0): number => {
	const number = Number.parseFloat(text ?? '');
	return Number.isFinite(number) ? number : otherwise;
};

function rectangle({ attributes }: Element): string {
	const [x, y, width, height] = [attributes.x, attributes.y, attributes.width, attributes.height].map((each) =>
		lengthOf(each)
	) as [number, number, number, number];
	if (!(width > 0) || !(height > 0)) return '';
	const [first, second] = [attributes.rx, attributes.ry].map((each) => lengthOf(each, NaN)) as [number, number];
	const rx = Math.min(width / 2, Math.max(0, Number.isNaN(first) ? second || 0 : first));
	const ry = Math.min(height / 2, Math.max(0, Number.isNaN(second) ? first || 0 : second));
	if (rx === 0 || ry === 0) return `M${x} ${y}h${width}v${height}h${-width}z`;
	const arc = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
	return [
		`M${x + rx} ${y}h${width - 2 * rx}${arc(rx, ry)}v${height - 2 * ry}${arc(-rx, ry)}`,
		`h${2 * rx - width}${arc(-rx, -ry)}v${2 * ry - height}${arc(rx, -ry)}z`
	].join('');
}

function ellipse(cx: number, cy: number, rx: number, ry: number): string {
	if (!(rx > 0) || !(ry > 0)) return '';
	return `M${cx - rx} ${cy}a${rx} ${ry} 0 0 1 ${2 * rx} 0a${rx} ${ry} 0 0 1 ${-2 * rx} 0z`;
}

function polygon(points: string, closes: boolean): string {
	const numbers = points
		.split(/[\s,]+/)
		.filter((each) => each !== '')
		.map(Number);
	const whole = numbers.findIndex((each) => !Number.isFinite(each));
	const read = numbers.slice(0, (whole < 0 ? numbers.length : whole) & ~1);
	if (read.length < 6) return '';
	const pairs = Array.from({ length: read.length / 2 }, (_, i) => `${read[2 * i]!} ${read[2 * i + 1]!}`);
	return `M${pairs.join('L')}${closes ? 'z' : ''}`;
}

/** What an element draws as path data; null where it is no shape, empty where it draws nothing. */
export function pathOf(element: Element): string | null {
	const { name, attributes } = element;
	const number = (key: string): number => lengthOf(attributes[key]);
	switch (name) {
		case 'path':
			return attributes.d ?? '';
		case 'rect':
			return rectangle(element);
		case 'circle':
			return ellipse(number('cx'), number('cy'), number('r'), number('r'));
		case 'ellipse':
			return ellipse(number('cx'), number('cy'), number('rx'), number('ry'));
		case 'polygon':
			return polygon(attributes.points ?? '', true);
		case 'polyline':
			return polygon(attributes.points ?? '', false);
		case 'line':
			return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`;
		default:
			return null;
	}
}
