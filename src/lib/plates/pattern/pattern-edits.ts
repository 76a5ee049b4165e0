import { finderOf } from '$lib/core/pattern/finder';
import { alikeBy } from '$lib/core/pattern/symmetry';
import { type ColourSource } from '$lib/model/colour-text';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { newId } from '$lib/model/ids';
import { sameSource } from '$lib/model/sources';
import { writeCells } from './cells-text';
import { contentOf } from './design';
import { gridOfPlate } from './field';
import { laidOn } from './laying';
import { MOST_COLOURS, type Climate, type PatternColour, type PatternPlate } from './schema';
import { type Laying } from './words';

export const changePattern = (plateId: string, change: (plate: PatternPlate) => PatternPlate): Edit =>
	withPlateOf<PatternPlate>('pattern', plateId, change);

/** Decides something about a pattern that does not move its cells. */
export const decidePattern = (
	plateId: string,
	decisions: Partial<Omit<PatternPlate, 'id' | 'kind' | 'grid' | 'drawing' | 'colours'>>
): Edit => changePattern(plateId, (plate) => ({ ...plate, ...decisions }));

type Content = readonly (number | null)[];

/** Gives these cells a colour by its number, or takes it away (null), on a content that is given. */
export function painted(content: Content, cells: readonly number[], colour: number | null): (number | null)[] {
	const next = [...content];
	for (const cell of cells) next[cell] = colour;
	return next;
}

/** Another content of the cells. */
export const setContent = (plateId: string, content: Content): Edit => {
	const cells = writeCells(content);
	return changePattern(plateId, (plate) => (plate.cells === cells ? plate : { ...plate, cells }));
};

/** Gives all cells that are the same by the plate's symmetry the colour of the first of them that has one. */
export const repeatContent = (plateId: string): Edit =>
	changePattern(plateId, (plate) => {
		const content = contentOf(plate);
		const next = alikeBy(gridOfPlate(plate), plate.symmetry).map((alike) => {
			const first = alike.find((cell) => (content[cell] ?? null) !== null);
			return first === undefined ? null : content[first]!;
		});
		return { ...plate, cells: writeCells(next) };
	});

/** Gives every cell of one colour another one, or none. */
export const replaceColour = (plateId: string, from: number | null, to: number | null): Edit =>
	changePattern(plateId, (plate) => ({
		...plate,
		cells: writeCells(contentOf(plate).map((own) => (own === from ? to : own)))
	}));

/** Lays the colours by rule. */
export const layDesign =
	(plateId: string, laying: Laying, decisions: Partial<Pick<PatternPlate, 'boxes' | 'seed'>> = {}): Edit =>
	(study) =>
		changePattern(plateId, (plate) => {
			const decided = { ...plate, ...decisions };
			return { ...decided, cells: writeCells(laidOn(decided, laying, study.linked)) };
		})(study);

/** Another grid, or another drawing: each cell takes what was at its middle. */
export const setField = (
	plateId: string,
	field: Pick<PatternPlate, 'grid'> & Partial<Pick<PatternPlate, 'drawing'>>
): Edit =>
	changePattern(plateId, (plate) => {
		const next: PatternPlate = { ...plate, drawing: undefined, ...field };
		const content = contentOf(plate);
		const find = finderOf(gridOfPlate(plate));
		const cells = gridOfPlate(next).cells.map(({ middle }) => {
			const there = find(middle);
			return there === null ? null : (content[there] ?? null);
		});
		return { ...next, cells: writeCells(cells) };
	});

/** The colours with some added behind them, those that are there already left out; as many as there is room for. */
export function withColours(plate: PatternPlate, sources: readonly ColourSource[], accent = false): PatternPlate {
	const fresh = sources
		.filter((source) => !plate.colours.some((colour) => sameSource(colour.source, source)))
		.slice(0, MOST_COLOURS - plate.colours.length)
		.map((source): PatternColour => ({ id: newId(), source, ...(accent ? { accent: true as const } : {}) }));
	return {
		...plate,
		colours: [...plate.colours, ...fresh],
		climates: plate.climates.map((climate) => ({
			...climate,
			colours: [...climate.colours, ...fresh.map(({ source }) => source)]
		}))
	};
}

export const addColours = (plateId: string, sources: readonly ColourSource[]): Edit =>
	changePattern(plateId, (plate) => withColours(plate, sources));

/** A colour out of the list; its cells are empty then. The last one stays. */
export const removeColour = (plateId: string, id: string): Edit =>
	changePattern(plateId, (plate) => {
		const at = plate.colours.findIndex((colour) => colour.id === id);
		if (at < 0 || plate.colours.length === 1) return plate;
		const content = contentOf(plate).map((own) => (own === null || own === at ? null : own > at ? own - 1 : own));
		const without = <T>(list: readonly T[]): T[] => list.filter((_, i) => i !== at);
		return {
			...plate,
			colours: without(plate.colours),
			climates: plate.climates.map((climate) => ({ ...climate, colours: without(climate.colours) })),
			cells: writeCells(content)
		};
	});

/** Other colours for the design: as many as there are, the cells stay. Climate 0 is the design's own. */
export const setColours = (plateId: string, climate: string | null, sources: ReadonlyMap<string, ColourSource>): Edit =>
	changePattern(plateId, (plate) => {
		if (climate === null)
			return {
				...plate,
				colours: plate.colours.map((colour) => {
					const source = sources.get(colour.id);
					return source ? { ...colour, source } : colour;
				})
			};
		return {
			...plate,
			climates: plate.climates.map((each) =>
				each.id === climate
					? { ...each, colours: each.colours.map((source, i) => sources.get(plate.colours[i]!.id) ?? source) }
					: each
			)
		};
	});

export const setAccent = (plateId: string, id: string, accent: boolean): Edit =>
	changePattern(plateId, (plate) => ({
		...plate,
		colours: plate.colours.map((colour) =>
			colour.id === id ? { id, source: colour.source, ...(accent ? { accent: true as const } : {}) } : colour
		)
	}));

export const addClimates = (plateId: string, added: readonly Climate[]): Edit =>
	changePattern(plateId, (plate) => ({ ...plate, climates: [...plate.climates, ...added] }));

export const removeClimate = (plateId: string, id: string): Edit =>
	changePattern(plateId, (plate) => ({ ...plate, climates: plate.climates.filter((climate) => climate.id !== id) }));

export const nameClimate = (plateId: string, id: string, name: string): Edit =>
	changePattern(plateId, (plate) => ({
		...plate,
		climates: plate.climates.map((climate) => (climate.id === id ? { ...climate, name } : climate))
	}));

/** A climate becomes the design's own colours, and those take its place. */
export const takeClimate = (plateId: string, id: string): Edit =>
	changePattern(plateId, (plate) => {
		const taken = plate.climates.find((climate) => climate.id === id);
		if (!taken) return plate;
		return {
			...plate,
			colours: plate.colours.map((colour, i) => ({ ...colour, source: taken.colours[i]! })),
			climates: plate.climates.map((climate) =>
				climate === taken
					? { ...climate, name: 'As it was', colours: plate.colours.map(({ source }) => source) }
					: climate
			)
		};
	});
