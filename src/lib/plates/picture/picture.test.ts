import { differenceCiede2000, formatHex, interpolate } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Box } from '$lib/drawing/box';
import { type Edit } from '$lib/model/edit';
import { emptyStudy } from '$lib/study/new-study';
import { drawLine, drawMarks, halfOfMark } from './draw-marks';
import { drawPicture, seenIn } from './draw-picture';
import { describePicture, sayKey } from './describe';
import { evenGaps, gapsOf, gradationSteps, mostBetween, withStopMoved } from './gradation-of';
import { picture as kind } from './kind';
import { nextShipped, plateOfPicture, plateOfShipped } from './make';
import { measuredOf, notanOf } from './measured';
import { setOrder, setPlaces, shiftPlace, takePicture } from './picture-edits';
import { inBox, layOutPicture, pixelAt, stepBoxes } from './picture-layout';
import { pictureGives, picturePlaces } from './places';
import { MOST_GAP, MOST_STEPS, picturePlateSchema, type PicturePlate } from './schema';
import { SHIPPED } from './shipped';

const cloth = plateOfShipped(SHIPPED[0]!);
const apart = differenceCiede2000();

/** The plate after an edit. */
function after(plate: PicturePlate, edit: Edit): PicturePlate {
	const study = edit({ ...emptyStudy('P', ''), plates: [plate] });
	return study.plates[0] as PicturePlate;
}

describe('the gradation under a picture', () => {
	it('has every place exactly, and between two the steps of an interval (culori 4.0.2, OKLab)', () => {
		const plate = { ...cloth, gaps: [3, 0, 5, 1, 2] };
		const steps = gradationSteps(plate);
		expect(steps).toHaveLength(6 + 11);
		expect(steps.flatMap(({ place, hex }) => (place === null ? [] : [hex]))).toEqual(
			cloth.places.map(({ text }) => text)
		);
		const mix = interpolate([cloth.places[0]!.text, cloth.places[1]!.text], 'oklab');
		[1, 2, 3].forEach((i) => expect(apart(steps[i]!.hex, formatHex(mix(i / 4)))).toBeLessThan(0.6));
		expect(steps[4]!.place).toBe(1);
		expect(steps[5]!.place).toBe(2);
	});

	it('spreads steps evenly, and never more than there is room for', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 16 }), fc.integer({ min: 0, max: 60 }), (places, asked) => {
				const between = Math.min(asked, mostBetween(places));
				const gaps = evenGaps(places - 1, between);
				expect(gaps.reduce((sum, gap) => sum + gap, 0)).toBe(between);
				expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
				expect(between + places).toBeLessThanOrEqual(MOST_STEPS);
			}),
			{ seed: 4 }
		);
	});

	it('a stop that is moved gives to one side what it takes from the other, and stays between its neighbours', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 0, max: MOST_GAP }), { minLength: 5, maxLength: 5 }),
				fc.integer({ min: 0, max: 5 }),
				fc.integer({ min: -40, max: 40 }),
				(gaps, place, by) => {
					const plate = { ...cloth, gaps };
					const moved = withStopMoved(plate, place, by);
					expect(moved.reduce((sum, gap) => sum + gap, 0)).toBe(gaps.reduce((sum, gap) => sum + gap, 0));
					expect(Math.min(...moved)).toBeGreaterThanOrEqual(0);
					expect(Math.max(...moved)).toBeLessThanOrEqual(MOST_GAP);
					// The first and the last stop are the ends.
					if (place === 0 || place === 5) expect(moved).toEqual(gaps);
				}
			),
			{ seed: 5 }
		);
		expect(withStopMoved({ ...cloth, gaps: [2, 2, 2, 2, 2] }, 1, 1)).toEqual([3, 1, 2, 2, 2]);
	});

	it('along a line it is what was measured there, whatever the places are', () => {
		const plate: PicturePlate = { ...cloth, along: 'line', line: { ...cloth.line, texts: ['#102030', '#405060'] } };
		expect(gradationSteps(plate).map(({ hex }) => hex)).toEqual(['#102030', '#405060']);
		expect(kind.colours(plate).map(({ hex }) => hex)).toEqual(['#102030', '#405060']);
	});

	it('more places than gaps go on with the last gap', () => {
		expect(gapsOf({ ...cloth, gaps: [1, 4] })).toEqual([1, 4, 4, 4, 4]);
		expect(gapsOf({ ...cloth, gaps: [] })).toEqual([0, 0, 0, 0, 0]);
	});
});

const overlap = (one: Box, other: Box): boolean =>
	one.x < other.x + other.width - 1e-6 &&
	other.x < one.x + one.width - 1e-6 &&
	one.y < other.y + other.height - 1e-6 &&
	other.y < one.y + one.height - 1e-6;

describe('how it is laid out', () => {
	it.each([
		[1440, 960],
		[960, 1440],
		[1000, 1000],
		[3000, 600],
		[400, 5000],
		[6000, 40],
		[1, 1]
	])('%i × %i: the three have the shape of the picture, stand on the sheet, and none over another', (width, height) => {
		const plate = plateOfPicture({ id: 'abcdef', name: 'P', width, height });
		const { main, others, shares, gradation } = layOutPicture(plate);
		const boxes = [main, ...others, shares, gradation];
		for (const box of [main, ...others]) expect(box.width / box.height).toBeCloseTo(width / height, 6);
		boxes.forEach((box, i) => {
			expect(box.x).toBeGreaterThanOrEqual(28 - 1e-6);
			expect(box.x + box.width).toBeLessThanOrEqual(792 - 28 + 1e-6);
			expect(box.y).toBeGreaterThanOrEqual(54);
			expect(box.y + box.height).toBeLessThanOrEqual(560);
			for (const other of boxes.slice(i + 1)) expect(overlap(box, other)).toBe(false);
		});
		expect(main.width * main.height).toBeGreaterThanOrEqual(others[0].width * others[0].height - 1e-6);
	});

	it('a pixel is found again where it is drawn', () => {
		const { main } = layOutPicture(cloth);
		for (const spot of [
			{ x: 0, y: 0 },
			{ x: 1439, y: 959 },
			{ x: 700, y: 31 }
		]) {
			const [x, y] = inBox(cloth, main, spot);
			expect(pixelAt(cloth, (x - main.x) / main.width, (y - main.y) / main.height)).toEqual(spot);
		}
		expect(pixelAt(cloth, -1, 2)).toEqual({ x: 0, y: 959 });
	});

	it('steps fill the bar from end to end', () => {
		const boxes = stepBoxes(cloth);
		const { gradation } = layOutPicture(cloth);
		expect(boxes).toHaveLength(16);
		expect(boxes[0]!.x).toBeCloseTo(gradation.x, 9);
		expect(boxes.at(-1)!.x + boxes.at(-1)!.width).toBeCloseTo(gradation.x + gradation.width, 9);
	});
});

describe('the marks', () => {
	it('stand away from the square whose colour they mark, whatever its size', () => {
		for (const size of [1, 13, 101]) {
			const plate = { ...cloth, size, places: cloth.places.slice(0, 1) };
			const { main } = layOutPicture(plate);
			const [x, y] = inBox(plate, main, plate.places[0]!);
			const square = ((size / 1440) * main.width) / 2;
			expect(halfOfMark(plate, main)).toBeGreaterThan(square);
			for (const shape of drawMarks(plate, main)) {
				if (shape.kind !== 'area') continue;
				// Every corner of the angles lies outside the square.
				let [px, py] = [0, 0];
				for (const [, command, text] of shape.path.matchAll(/([Mhvz])([^Mhvz]*)/g)) {
					const numbers = (text ?? '').trim().split(' ').map(Number);
					if (command === 'M') [px, py] = [numbers[0]!, numbers[1]!];
					if (command === 'h') px += numbers[0]!;
					if (command === 'v') py += numbers[0]!;
					expect(Math.max(Math.abs(px - x), Math.abs(py - y))).toBeGreaterThan(square);
				}
			}
		}
	});

	it('have the number of each place, and a nail where it is locked; the line has two ends', () => {
		const { main } = layOutPicture(cloth);
		const plate = {
			...cloth,
			places: cloth.places.map((place, i) => (i === 1 ? { ...place, locked: true as const } : place))
		};
		const numbers = drawMarks(plate, main).flatMap((shape) => (shape.kind === 'words' ? [shape.words] : []));
		expect(numbers).toEqual(['1', '2', '3', '4', '5', '6']);
		expect(drawMarks(plate, main)).toHaveLength(drawMarks(cloth, main).length + 1);
		expect(drawLine(cloth, main)).toHaveLength(2);
	});
});

describe('what is said', () => {
	it('shares and what it is off are only said of the colours that they were reckoned of', () => {
		expect(measuredOf(cloth)!.shares).toHaveLength(6);
		const moved = {
			...cloth,
			places: cloth.places.map((place, i) => (i === 0 ? { ...place, text: '#123456' } : place))
		};
		expect(measuredOf(moved)).toBeNull();
		const words = drawPicture(moved, [], true).shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.words] : []));
		expect(words.join()).not.toMatch(/%|ΔE00/);
		expect(describePicture(moved)).not.toMatch(/%|ΔE00/);
		expect(describePicture(cloth)).toMatch(/In these colours alone it is \d+\.\d ΔE00 off in the mean\./);
	});

	it('the key is named where it is one, and the half of the picture that decides it is said', () => {
		const known = (values: [number, number, number, number, number]): PicturePlate => ({
			...cloth,
			known: { ...cloth.known!, tone: { ...cloth.known!.tone, values } }
		});
		expect(sayKey(known([50, 66, 80, 90, 99]))).toBe('high: half of it lies from 66 to 90');
		expect(sayKey(known([1, 10, 20, 39, 80]))).toBe('low: half of it lies from 10 to 39');
		expect(sayKey(known([1, 10, 20, 41, 80]))).toBe('neither high nor low: half of it lies from 10 to 41');
	});

	it('a thumbnail has the picture and its colours, and no words', () => {
		const { shapes } = drawPicture(cloth, [], false);
		expect(shapes.map(({ kind: each }) => each)).toEqual(['image', ...cloth.places.map(() => 'bar')]);
	});

	it('a plate from which nothing has been taken yet can be drawn and described', () => {
		const plate = plateOfPicture({ id: 'abcdef', name: 'Fresh', width: 300, height: 200 });
		expect(picturePlateSchema.safeParse(plate).success).toBe(true);
		expect(describePicture(plate)).toContain('no colours');
		expect(seenIn(plate, 'colours')).toEqual({ as: 'itself' });
		expect(seenIn(plate, 'values')).toEqual({ as: 'itself' });
		expect(drawPicture(plate, [], true).shapes.length).toBeGreaterThan(3);
		expect(picturePlaces.first(plate, null)).toBeNull();
	});

	it('values are as many as were chosen', () => {
		for (const values of [2, 3, 4, 5]) expect(notanOf({ ...cloth, values })!.values).toHaveLength(values);
	});
});

describe('edits', () => {
	it('a place goes up and down by hand, and another order takes that back', () => {
		const [first, second] = cloth.places;
		const byHand = after(cloth, shiftPlace(cloth.id, first!.id, 1));
		expect([byHand.order, byHand.places[0]!.id, byHand.places[1]!.id]).toEqual(['hand', second!.id, first!.id]);
		expect(after(byHand, setOrder(cloth.id, 'value')).places).toEqual(cloth.places);
		expect(after(cloth, shiftPlace(cloth.id, first!.id, -1))).toEqual(cloth);
	});

	it('as many are looked for as there are places, within what can be', () => {
		expect(after(cloth, setPlaces(cloth.id, cloth.places.slice(0, 3))).count).toBe(3);
		expect(after(cloth, setPlaces(cloth.id, cloth.places.slice(0, 1))).count).toBe(2);
	});

	it('another picture keeps how colours are taken, and its title only where somebody wrote it', () => {
		const [, marsh] = SHIPPED;
		const taken = after({ ...cloth, method: 'paint', values: 5 }, takePicture(cloth.id, marsh!.picture));
		expect([taken.title, taken.method, taken.values]).toEqual([marsh!.picture.name, 'paint', 5]);
		expect(taken.places.map(({ text }) => text)).toEqual(marsh!.start.places.map(({ text }) => text));
		const own = after(
			{ ...cloth, title: 'Mine', titledBy: undefined, count: 4 },
			takePicture(cloth.id, marsh!.picture)
		);
		// Other than was reckoned beforehand: it is looked for anew.
		expect([own.title, own.places.length, own.measured]).toEqual(['Mine', 0, undefined]);
	});

	it('a place is followed by its id, whatever its number; one that is gone is followed no more', () => {
		const [first] = cloth.places;
		const byHand = after(cloth, shiftPlace(cloth.id, first!.id, 4));
		expect(pictureGives.at(byHand, first!.id, [])).toMatchObject({
			hex: first!.text,
			name: expect.stringMatching(/^place 5, /)
		});
		expect(pictureGives.at(after(cloth, setPlaces(cloth.id, cloth.places.slice(1))), first!.id, [])).toBeNull();
	});

	it('the next that ships is one that the study has not', () => {
		expect(nextShipped([]).picture.id).toBe(SHIPPED[0]!.picture.id);
		expect(nextShipped([cloth]).picture.id).toBe(SHIPPED[1]!.picture.id);
		expect(nextShipped(SHIPPED.map(plateOfShipped)).picture.id).toBe(SHIPPED[0]!.picture.id);
	});
});
