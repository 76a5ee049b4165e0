import { describe, expect, it } from 'vitest';
import { HUE_COUNTS } from '$lib/core/scheme/hue-chart';
import { newStudy } from '$lib/study/new-study';
import { studyDocumentSchema, type StudyDocument } from '$lib/study/study';
import { type WheelPlate } from './schema';
import { copyOfPlate, deleteLinked } from '$lib/study/edits';
import { newWheel } from './make';
import { sayUses, usesOf } from '$lib/study/uses';
import { drawPlate } from '$lib/plates/draw-plate';
import { drawingToSvg } from '$lib/drawing/svg';
import { chartOf } from './chart-of';
import { layOutWheel } from './wheel-layout';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { surroundingsOf } from '$lib/plates/kinds';

const start = newStudy('Wheels', '');
const wheel = newWheel(surroundingsOf(start)) as WheelPlate;
const study: StudyDocument = { ...start, plates: [...start.plates, wheel] };
const figures = (plate: WheelPlate) =>
	drawPlate(plate, start.linked, 'full').shapes.filter((shape) => shape.kind === 'area');

describe('a wheel plate', () => {
	it('every cell lies on the sheet and has a place of its own, for all counts of hues and rings', () => {
		for (const hues of HUE_COUNTS)
			for (const [inside, outside] of [
				[0, 0],
				[3, 2],
				[8, 8]
			] as const)
				for (const words of [true, false]) {
					const { spokes } = layOutWheel(
						{ hues, inside: { recipe: 'tints', count: inside }, outside: { recipe: 'shades', count: outside } },
						words
					);
					expect(spokes).toHaveLength(hues);
					const boxes = spokes.flatMap(({ cells }) => cells.map(({ box }) => box));
					expect(boxes).toHaveLength(hues * (inside + 1 + outside));
					for (const { x, y, width, height } of boxes) {
						expect(Math.min(x, y, PLATE_WIDTH - x - width, PLATE_HEIGHT - y - height)).toBeGreaterThan(10);
						expect(Math.min(width, height)).toBeGreaterThan(2);
					}
					expect(new Set(boxes.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`)).size).toBe(boxes.length);
				}
	});

	it('draws each colour of the chart once, and a key of the first spoke beside it', () => {
		const chart = chartOf(wheel, start.linked);
		const drawn = figures(wheel).map(({ fill }) => fill);
		expect([...drawn].sort()).toEqual(chart.flatMap(({ steps }) => steps.map(({ hex }) => hex)).sort());
		const key = drawPlate(wheel, start.linked, 'full').shapes.flatMap((shape) =>
			shape.kind === 'bar' ? [shape.fill] : []
		);
		expect(key).toEqual([...chart[0]!.steps].reverse().map(({ hex }) => hex));
	});

	it('cells that would be lost on the ground of the plate get ticks at the rim or the hole, never a line around them', () => {
		const white: WheelPlate = { ...wheel, lead: { text: '#ffffff' }, outside: { recipe: 'tints', count: 2 } };
		const { shapes } = drawPlate(white, [], 'full');
		expect(shapes.filter((shape) => shape.kind === 'rule')).toHaveLength(12 * 4);
		expect(drawingToSvg(drawPlate(white, [], 'full'))).not.toMatch(/<path[^>]*A[^>]*stroke="#/);
	});

	it('is stored, copied and freed of a deleted linked colour as other plates are, and keeps its looks', () => {
		expect(studyDocumentSchema.safeParse(study).error).toBeUndefined();
		const [madder] = study.linked;
		expect(sayUses(usesOf(madder!.id, study))).toBe('used in 1 scale and 1 wheel on 2 plates');
		const without = deleteLinked(madder!.id)(study);
		expect(studyDocumentSchema.safeParse(without).error).toBeUndefined();
		expect(figures(without.plates[1] as WheelPlate)).toEqual(figures(wheel));
		const copied = { ...study, plates: [...study.plates, copyOfPlate(wheel)] };
		expect(studyDocumentSchema.safeParse(copied).error).toBeUndefined();
	});

	it('refuses what no wheel has: seven hues, nine rings, a lead colour that is not there', () => {
		const refused = (change: object) =>
			studyDocumentSchema.safeParse({ ...study, plates: [{ ...wheel, ...change }] }).success;
		expect(refused({})).toBe(true);
		expect(refused({ hues: 7 })).toBe(false);
		expect(refused({ inside: { recipe: 'tints', count: 9 } })).toBe(false);
		expect(refused({ lead: { linked: 'nosuchcolour' } })).toBe(false);
		expect(refused({ inside: { recipe: 'interval', count: 2 } })).toBe(false);
	});
});
