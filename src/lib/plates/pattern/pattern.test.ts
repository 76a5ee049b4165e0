import { describe, expect, it } from 'vitest';
import { areaOf, type Outline } from '$lib/core/pattern/outline';
import { type Of } from '$lib/drawing/drawing';
import { takenAway } from '$lib/drawing/taken-away';
import { drawPlate } from '$lib/plates/draw-plate';
import { plateSchema } from '$lib/plates/plate';
import { followed } from '$lib/study/followed';
import { newStudy } from '$lib/study/new-study';
import { studyDocumentSchema } from '$lib/study/study';
import { surroundingsOf } from '$lib/plates/kinds';
import { type ScalesPlate } from '../scales/schema';
import { readCells, writeCells } from './cells-text';
import { contentOf, exchangedContent, readingsOf } from './design';
import { gridOfPlate } from './field';
import { colourOfSource, emptyPattern, laidPattern } from './make';
import { newPattern, PATTERN_OFFERS } from './offers';
import {
	addColours,
	painted,
	removeColour,
	replaceColour,
	setAccent,
	setColours,
	setContent,
	setField,
	takeClimate
} from './pattern-edits';
import { type PatternPlate } from './schema';
import { spreadOver } from './spread';

const CODES = ['#f5e6c8', '#d9b036', '#b3392b', '#2f5f86'];
const plain = (grid: Partial<PatternPlate['grid']> = {}, cells = ''): PatternPlate => ({
	...emptyPattern(
		CODES.map((text) => colourOfSource({ text })),
		{ kind: 'square', columns: 4, ...grid }
	),
	cells
});
const after = (plate: PatternPlate, edit: ReturnType<typeof setContent>): PatternPlate =>
	edit({ linked: [], plates: [plate] }).plates[0] as PatternPlate;

describe('a design as it is stored', () => {
	it('a letter for each cell comes back as it was; what is no colour of the design is empty', () => {
		const content = [0, 1, null, 3, 25, 26, 51, 52, 59];
		expect(readCells(writeCells(content), 9, 60)).toEqual(content);
		expect(readCells('AZ', 4, 2)).toEqual([0, null, null, null]);
	});

	it('every exercise makes a plate that can be stored, with a title by what is on it', () => {
		const study = surroundingsOf(newStudy('Patterns', ''));
		for (const { key, make, is } of PATTERN_OFFERS) {
			const plate = make(study);
			expect(plateSchema.safeParse(plate).success, key).toBe(true);
			expect(is(plate), key).toBe(true);
			expect(PATTERN_OFFERS.filter((other) => other.is(plate)).length, key).toBe(1);
			expect(readingsOf(plate, study.linked).filled, key).toBe(gridOfPlate(plate).cells.length);
			expect(plate.title).not.toBe('');
		}
	});

	it('climates of another number of colours are refused', () => {
		const plate = { ...plain(), climates: [{ id: 'climate00000', name: 'Fog', colours: [{ text: '#888888' }] }] };
		const study = (climates: PatternPlate['climates']) => ({
			...newStudy('Patterns', ''),
			plates: [{ ...plate, climates }]
		});
		expect(studyDocumentSchema.safeParse(study(plate.climates)).error?.message).toContain('climates of 4 colours');
		const whole = { ...plate.climates[0]!, colours: CODES.map((text) => ({ text })) };
		expect(studyDocumentSchema.safeParse(study([whole])).success).toBe(true);
	});
});

describe('hostile designs', () => {
	it('regions that are no numbers, or none at all, are refused; letters that are no colours are empty cells', () => {
		const drawn = (region: string) => ({
			...plain(),
			drawing: { name: 'Ours', width: 10, height: 10, regions: [region] }
		});
		expect(plateSchema.safeParse(drawn('M0 0L5 0L5 5z')).success).toBe(true);
		for (const region of ['M0 0L5 0z', 'M1.2.3 0L5 5L0 5z', 'M0 0L9999999 0L5 5z', 'M0 0C1 1 2 2 3 3z', ''])
			expect(plateSchema.safeParse(drawn(region)).success, region).toBe(false);
		expect(plateSchema.safeParse({ ...plain(), cells: 'A'.repeat(8001) }).success).toBe(false);
		expect(plateSchema.safeParse({ ...plain(), cells: '<' }).success).toBe(false);
		expect(contentOf(plain({}, 'Z'.repeat(8))).every((own) => own === null)).toBe(true);
	});

	it('a drawing that says it is small and is large is laid out in its place all the same', () => {
		const plate = {
			...plain(),
			drawing: { name: 'Ours', width: 1, height: 1, regions: ['M0 0L900000 0L900000 900000z'] }
		};
		for (const { outline } of gridOfPlate(plate).cells)
			for (const [x, y] of outline) {
				expect(x).toBeGreaterThanOrEqual(27);
				expect(x).toBeLessThanOrEqual(765);
				expect(y).toBeLessThanOrEqual(451);
			}
	});
});

describe('changing a design', () => {
	it('cells are filled, emptied and replaced; the rest stays', () => {
		const plate = plain({}, 'AABB');
		expect(after(plate, setContent(plate.id, painted(contentOf(plate), [1, 2], 3))).cells.slice(0, 4)).toBe('ADDB');
		expect(after(plate, setContent(plate.id, painted(contentOf(plate), [0], null))).cells.slice(0, 4)).toBe('.ABB');
		expect(after(plate, replaceColour(plate.id, 1, 2)).cells.slice(0, 4)).toBe('AACC');
		expect(after(plate, replaceColour(plate.id, null, 0)).cells.slice(0, 6)).toBe('AABBAA');
	});

	it('on another grid each cell takes what was at its middle', () => {
		const plate = plain({ columns: 2, stretched: true }, 'AB');
		const finer = after(plate, setField(plate.id, { grid: { ...plate.grid, columns: 4 } }));
		expect(finer.cells.slice(0, 8)).toBe('AABBAABB');
		const drawn = after(finer, setField(plate.id, { grid: plate.grid, drawing: { shipped: 'leaves' } }));
		const grid = gridOfPlate(drawn);
		contentOf(drawn).forEach((own, cell) => {
			if (own !== null) expect(own).toBe(grid.cells[cell]!.middle[0] < 396 ? 0 : 1);
		});
		const back = after(drawn, setField(plate.id, { grid: finer.grid }));
		expect(back.drawing).toBeUndefined();
	});

	it('a colour that is taken out leaves its cells empty, here and in every climate', () => {
		const plate: PatternPlate = {
			...plain({}, 'ABCD'),
			climates: [{ id: 'climate00000', name: 'Fog', colours: CODES.map((text) => ({ text })) }]
		};
		const less = after(plate, removeColour(plate.id, plate.colours[1]!.id));
		expect(less.cells.slice(0, 4)).toBe('A.BC');
		expect(less.colours).toHaveLength(3);
		expect(less.climates[0]!.colours).toEqual(['#f5e6c8', '#b3392b', '#2f5f86'].map((text) => ({ text })));
		const more = after(less, addColours(plate.id, [{ text: '#123456' }, { text: '#b3392b' }]));
		expect(more.colours).toHaveLength(4);
		expect(more.climates[0]!.colours).toHaveLength(4);
	});

	it('a climate that is taken changes places with the design’s own colours', () => {
		const fog = CODES.map((_, i) => ({ text: `#${String(i + 5).repeat(6)}` }));
		const plate: PatternPlate = { ...plain(), climates: [{ id: 'climate00000', name: 'Fog', colours: fog }] };
		const taken = after(plate, takeClimate(plate.id, 'climate00000'));
		expect(taken.colours.map(({ source }) => source)).toEqual(fog);
		expect(taken.climates[0]!.colours).toEqual(CODES.map((text) => ({ text })));
	});

	it('rows are laid by share of the way over all but the accents', () => {
		const plate = after(plain(), setAccent(plain().id, 'none', true));
		const accented = {
			...plate,
			colours: plate.colours.map((colour, i) => (i === 3 ? { ...colour, accent: true as const } : colour))
		};
		const row = ['#000000', '#444444', '#888888', '#cccccc', '#ffffff'].map((text) => ({ text }));
		expect(spreadOver(accented, row).map((source) => ('text' in source ? source.text : ''))).toEqual([
			'#000000',
			'#888888',
			'#ffffff',
			'#2f5f86'
		]);
	});
});

describe('a design follows', () => {
	/** A study with a row of seven steps, and a design that uses it. */
	function followingStudy() {
		const study = newStudy('Patterns', '');
		const scales = study.plates[0] as ScalesPlate;
		const row = {
			...scales.scales[0]!,
			recipe: 'interval' as const,
			between: 5,
			parents: [{ text: '#d9b036' }, { text: '#1c2a44' }]
		};
		const plates = [{ ...scales, scales: [row] }];
		const pattern = newPattern(surroundingsOf({ linked: [], plates }));
		return { study: { linked: [], plates: [...plates, pattern] }, pattern };
	}
	const withBetween = (study: ReturnType<typeof followingStudy>['study'], between: number) => ({
		...study,
		plates: study.plates.map((plate) =>
			plate.kind === 'scales'
				? { ...plate, scales: (plate as ScalesPlate).scales.map((row) => ({ ...row, between })) }
				: plate
		)
	});
	const textsOf = (plate: unknown): string[] =>
		(plate as PatternPlate).colours.map(({ source }) => ('text' in source ? source.text : ''));

	it('the steps of a row when its parents are turned', () => {
		const { study, pattern } = followingStudy();
		expect(pattern.colours).toHaveLength(7);
		const turned = {
			...study,
			plates: study.plates.map((plate) =>
				plate.kind === 'scales'
					? {
							...plate,
							scales: (plate as ScalesPlate).scales.map((row) => ({
								...row,
								parents: [{ text: '#ffffff' }, { text: '#000000' }]
							}))
						}
					: plate
			)
		};
		const now = followed(turned).study.plates[1];
		expect(textsOf(now)[0]).toBe('#ffffff');
		expect(textsOf(now)[6]).toBe('#000000');
		expect((now as PatternPlate).cells).toBe(pattern.cells);
	});

	it('by the nearest share when there are fewer steps: the first and the last stay the first and the last', () => {
		const { study } = followingStudy();
		const texts = textsOf(followed(withBetween(study, 3)).study.plates[1]);
		const steps = [...new Set(texts)];
		expect(steps).toHaveLength(5);
		// Shares 0 to 6 sixths by the nearest of 0 to 4 quarters.
		expect(texts.map((text) => steps.indexOf(text))).toEqual([0, 1, 1, 2, 3, 3, 4]);
	});

	it('nothing any more where that is wanted', () => {
		const { study, pattern } = followingStudy();
		const free = new Map(
			pattern.colours.map(({ id, source }) => [id, { text: 'text' in source ? source.text : '' }] as const)
		);
		const freed = setColours(pattern.id, null, free)(study);
		expect(textsOf(followed(withBetween(freed as typeof study, 0)).study.plates[1])).toEqual(textsOf(pattern));
	});
});

describe('a design as it is drawn and taken away', () => {
	const rings = (path: string): Outline[] =>
		path
			.split('z')
			.filter(Boolean)
			.map((part) =>
				part
					.slice(1)
					.split('L')
					.map((corner) => corner.split(' ').map(Number) as unknown as readonly [number, number])
			);
	const signed = (path: string): number =>
		rings(path).reduce((sum, ring) => {
			const turn = ring.reduce(
				(own, [x, y], i) => own + x * ring[(i + 1) % ring.length]![1] - ring[(i + 1) % ring.length]![0] * y,
				0
			);
			return sum + Math.sign(turn) * areaOf(ring);
		}, 0);
	const laid = laidPattern(
		{
			...emptyPattern(CODES.map((text) => colourOfSource({ text }))),
			grid: { ...plain().grid, kind: 'triangle-level', columns: 12 }
		},
		'random',
		{ linked: [] }
	);
	const areasIn = (plate: PatternPlate) =>
		takenAway(drawPlate(plate, [], 'full')).shapes.filter((shape): shape is Of<'area'> => shape.kind === 'area');

	it('joined, each colour is one outline of just its area, over the same colours that reach under their neighbours', () => {
		const areas = areasIn(laid);
		expect(areas).toHaveLength(8);
		const grid = gridOfPlate(laid);
		const content = contentOf(laid);
		areas.slice(4).forEach(({ path, fill }) => {
			const colour = CODES.indexOf(fill);
			const real = grid.cells.reduce((sum, { area }, cell) => sum + (content[cell] === colour ? area : 0), 0);
			expect(signed(path) / real).toBeCloseTo(1, 4);
		});
		// What lies beneath is larger, but for the last, which reaches under none.
		areas.slice(0, 4).forEach(({ path }, i) => {
			const own = signed(areas[4 + i]!.path);
			if (i < 3) expect(signed(path)).toBeGreaterThan(own * 1.2);
			else expect(signed(path)).toBeCloseTo(own, 0);
		});
	});

	it('as cells, each is a shape of its own', () => {
		const cells = gridOfPlate(laid).cells.length;
		expect(areasIn({ ...laid, taken: 'cells' })).toHaveLength(4 + cells);
	});

	it('what is drawn on screen has lines under every border of two cells, and nothing for the grid', () => {
		const [mosaic] = drawPlate(laid, [], 'full').shapes.filter(
			(shape): shape is Of<'mosaic'> => shape.kind === 'mosaic'
		);
		const borders = gridOfPlate(laid).neighbours.reduce((sum, beside) => sum + beside.length, 0) / 2;
		expect(mosaic!.seams!.join('').split('M').length - 1).toBe(borders);
	});

	it('several climates have the same cells in other colours; exchanged, the largest share is the smallest', () => {
		const plate: PatternPlate = {
			...plain({ columns: 8 }, 'AAAAAAABBBBCCD.'),
			shows: 'climates',
			climates: [
				{ id: 'climate00000', name: 'Fog', colours: CODES.map((_, i) => ({ text: `#${String(i + 5).repeat(6)}` })) }
			]
		};
		const mosaics = drawPlate(plate, [], 'full').shapes.filter(
			(shape): shape is Of<'mosaic'> => shape.kind === 'mosaic'
		);
		expect(mosaics.map(({ fills }) => fills)).toEqual([CODES, ['#555555', '#666666', '#777777', '#888888']]);
		expect(writeCells(exchangedContent(plate)).slice(0, 15)).toBe('DDDDDDDCCCCBBA.');
	});
});
