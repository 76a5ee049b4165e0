import { newId } from '$lib/model/ids';
import { type PlateKind } from '../kind';
import { describePattern } from './describe';
import { patchesOf } from './design';
import { drawPattern } from './draw-pattern';
import { drawTile } from './draw-tile';
import { judgeDesign } from './judge';
import { newPattern, PATTERN_OFFERS } from './offers';
import { setField } from './pattern-edits';
import { patternPlaces, type PatternPlace } from './places';
import { patternPlateSchema, type PatternPlate } from './schema';
import { titleOfPattern } from './title';
import { nameOfColour } from './words';

/** The same plate with ids of its own for its colours, climates and checks. */
const copyParts = (plate: PatternPlate): PatternPlate => ({
	...plate,
	colours: plate.colours.map((colour) => ({ ...colour, id: newId() })),
	climates: plate.climates.map((climate) => ({ ...climate, id: newId() })),
	checks: plate.checks.map((check) => ({ ...check, id: newId() }))
});

/** A design of cells or regions, filled with colours that follow. */
export const pattern = {
	schema: patternPlateSchema,
	words: {
		uses: (count) => `${count} design${count === 1 ? '' : 's'}`
	},
	mapSources: (plate, change) => ({
		...plate,
		colours: plate.colours.map((colour) => ({ ...colour, source: change(colour.source) })),
		climates: plate.climates.map((climate) => ({ ...climate, colours: climate.colours.map(change) }))
	}),
	title: titleOfPattern,
	part: { name: 'Patterns', says: 'colours at work in one design' },
	offers: PATTERN_OFFERS,
	make: newPattern,
	copyParts,
	partIds: ({ colours, climates, checks }) => [...colours, ...climates, ...checks].map(({ id }) => id),
	contradictions: ({ colours, climates }) =>
		climates
			.filter((climate) => climate.colours.length !== colours.length)
			.map(({ colours: own }) => `climates of ${colours.length} colours, as the design has, not of ${own.length}`),
	draw: (plate, linked, detail) => drawPattern(plate, linked, detail !== 'colours'),
	describe: describePattern,
	slow: true,
	colours: (plate, linked) =>
		patchesOf(plate, linked).map(({ hex }, i) => ({ name: `${i + 1}, ${nameOfColour(plate, i, linked)}`, hex })),
	listed: true,
	places: patternPlaces,
	judge: judgeDesign,
	piece: { words: 'One repeat', draw: drawTile },
	takeDrawing: (plate, drawing) => setField(plate.id, { grid: plate.grid, drawing })
} satisfies PlateKind<PatternPlate, PatternPlace>;
