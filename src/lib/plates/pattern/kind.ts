import { newId } from '$lib/model/ids';
import { copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { patternDecisions } from './decisions';
import { describePattern } from './describe';
import { coloursOfPattern } from './colours-of';
import { drawPattern } from './draw-pattern';
import { drawTile } from './draw-tile';
import { isHeavyPattern } from './field';
import { newPattern, PATTERN_OFFERS } from './offers';
import { setField } from './pattern-edits';
import { patternChecks } from './plate-checks';
import { patternPlaces, type PatternPlace } from './places';
import { patternPlateSchema, type PatternPlate } from './schema';
import { titleOfPattern } from './title';

/** The same plate with ids of its own for its colours, climates and checks. */
const copyParts = (plate: PatternPlate): PatternPlate => ({
	...copyChecks(plate),
	colours: plate.colours.map((colour) => ({ ...colour, id: newId() })),
	climates: plate.climates.map((climate) => ({ ...climate, id: newId() }))
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
	heavy: isHeavyPattern,
	colours: coloursOfPattern,
	listed: true,
	places: patternPlaces,
	checks: patternChecks,
	decisions: patternDecisions,
	piece: { words: 'One repeat', draw: drawTile },
	takeDrawing: (plate, drawing) => setField(plate.id, { grid: plate.grid, drawing })
} satisfies PlateKind<PatternPlate, PatternPlace>;
