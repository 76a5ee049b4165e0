import { describe, expect, it } from 'vitest';
import { numberToHex } from '$lib/core/colour/code-number';
import { newStudy } from '$lib/study/new-study';
import { type ScalesPlate } from './schema';
import { drawPlate } from '$lib/plates/draw-plate';
import { type Of, type Shape } from '$lib/drawing/drawing';
import { rowIn } from '$lib/drawing/bars';
import { layOutScales } from './layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { drawingToSvg } from '$lib/drawing/svg';
import { seenDrawing, seenHex } from '$lib/drawing/view';
import { scalesPlateOf } from '../../../../tests/support/plates';

const study = newStudy('Drawing', '');
const first = scalesPlateOf(study);
const row = first.scales[0]!;
const plateOf = (counts: readonly number[]): ScalesPlate => ({
	...first,
	scales: counts.map((between, i) => ({ ...row, id: `scale00000${String(i).padStart(2, '0')}`, between }))
});
const bars = (plate: ScalesPlate, detail: 'full' | 'colours' = 'full') =>
	drawPlate(plate, study.linked, detail).shapes.filter((shape) => shape.kind === 'bar');

describe('a scales plate', () => {
	it('touching bars: each begins where the one before it ends, without gap or overlap', () => {
		for (const between of [0, 1, 5, 48]) {
			const row = bars(plateOf([between]));
			expect(row).toHaveLength(between + 2);
			row.slice(1).forEach((bar, i) => expect(bar.x).toBeCloseTo(row[i]!.x + row[i]!.width, 9));
		}
	});

	it('rows line up at both sides and do not run into each other, from 1 to 24 rows', () => {
		for (let rows = 1; rows <= 24; rows++) {
			const { height, rows: places } = layOutScales(
				Array.from({ length: rows }, (_, i) => ({ inAll: 2 + i })),
				true
			);
			const { x: left, width } = places[0]!.band;
			places.forEach((place, i) => {
				const last = place.steps.at(-1)!.box;
				expect(place.steps[0]!.box.x).toBe(left);
				expect(last.x + last.width).toBeCloseTo(left + width, 9);
				expect(place.band.height).toBeGreaterThan(10);
				if (i > 0) expect(place.y).toBeCloseTo(places[i - 1]!.y + places[i - 1]!.height, 9);
			});
			expect(places.at(-1)!.y + places.at(-1)!.height).toBeLessThanOrEqual(height);
		}
	});

	it('values under the steps keep clear of each other, with both ends always there', () => {
		for (const between of [0, 7, 20, 33, 48]) {
			const labels = drawPlate(plateOf([between]), study.linked, 'full').shapes.filter(
				(shape) => shape.kind === 'words' && shape.anchor === 'middle'
			);
			const xs = labels.map((shape) => (shape.kind === 'words' ? shape.x : 0));
			xs.slice(1).forEach((x, i) => expect(x - xs[i]!).toBeGreaterThan(17));
			expect(labels.at(-1)).toMatchObject({ words: '100', strong: true });
			expect(labels[0]).toMatchObject({ words: '42', strong: true });
		}
	});

	it('a step that would be lost on the ground of the plate gets ticks outside its corners, never a line around it', () => {
		const shapes = drawPlate(plateOf([5]), study.linked, 'full').shapes;
		const white = shapes.find((shape) => shape.kind === 'bar' && shape.fill === '#ffffff');
		const ticks = shapes.filter((shape) => shape.kind === 'rule');
		expect(ticks).toHaveLength(6);
		if (white?.kind !== 'bar') throw new Error('no white step');
		for (const tick of ticks) {
			const inside = (y: number) => y > white.y && y < white.y + white.height;
			expect(tick.kind === 'rule' && inside((tick.y1 + tick.y2) / 2) && tick.x1 < white.x + white.width).toBe(false);
		}
	});

	it('a thumbnail shows the same colours in the same order, without words', () => {
		const plate = plateOf([5, 9]);
		expect(bars(plate, 'colours').map(({ fill }) => fill)).toEqual(bars(plate).map(({ fill }) => fill));
		expect(drawPlate(plate, study.linked, 'colours').shapes.some(({ kind }) => kind === 'words')).toBe(false);
	});
});

describe('as SVG', () => {
	it('has only hex colours, because other renderers show others as black', () => {
		const given = { ...study.linked[0]!, text: 'color(display-p3 0 1 0)' };
		const svg = drawingToSvg(drawPlate(plateOf([3]), [given, ...study.linked.slice(1)], 'full'));
		const fills = [...svg.matchAll(/(?:fill|stroke)="([^"]*)"/g)].map(([, value]) => value);
		expect(fills.every((fill) => fill === 'none' || /^#[0-9a-f]{6}$/.test(fill ?? ''))).toBe(true);
	});

	it('takes what people wrote as text', () => {
		const svg = drawingToSvg(drawPlate({ ...plateOf([1]), title: `</text><script>"'&` }, study.linked, 'full'));
		expect(svg).toContain('&lt;/text&gt;&lt;script&gt;&quot;&#39;&amp;');
		expect(svg).not.toContain('<script');
	});

	it('is as wide as the plate', () =>
		expect(drawingToSvg(drawPlate(first, study.linked, 'full'))).toContain(`width="${PLATE_WIDTH}"`));
});

describe('many colours as one shape', () => {
	const of = (shapes: Shape[]) => drawingToSvg({ title: '', width: 90, height: 20, paper: '#ffffff', shapes });

	it('a row is written as bars that touch, a mosaic as its figures', () => {
		const fills = ['#b3392b', '#d9b036', '#2f5f86'];
		expect(of([rowIn({ x: 0, y: 0, width: 90, height: 20 }, fills)])).toBe(
			of(fills.map((fill, i) => ({ kind: 'bar', x: 30 * i, y: 0, width: 30, height: 20, fill })))
		);
		const paths = ['M0 0h9v9z', 'M9 9h9v9z', 'M20 0h9v9z'];
		expect(of([{ kind: 'mosaic', x: 0, y: 0, width: 29, height: 18, paths, fills }])).toBe(
			of(paths.map((path, i) => ({ kind: 'area', path, fill: fills[i]! })))
		);
	});

	it('are seen by value as single colours are', () => {
		const view = { kind: 'value', severity: 1 } as const;
		const fills = ['#b3392b', '#2f5f86'];
		const shapes: Shape[] = [
			rowIn({ x: 0, y: 0, width: 1, height: 1 }, fills),
			{ kind: 'mosaic', x: 0, y: 0, width: 1, height: 1, paths: ['M0 0z', 'M1 1z'], fills }
		];
		const seen = seenDrawing(view, { title: '', width: 1, height: 1, paper: '#ffffff', shapes });
		const [row, mosaic] = seen.shapes as [Of<'row'>, Of<'mosaic'>];
		for (const seenFills of [row.codes.map(numberToHex), mosaic.fills])
			expect(seenFills).toEqual(fills.map((fill) => seenHex(view, fill)));
		expect(seenHex(view, '#b3392b')).toMatch(/^#(..)\1\1$/);
	});
});
