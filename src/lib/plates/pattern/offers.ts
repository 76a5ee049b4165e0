import { type ColourSource } from '$lib/model/colour-text';
import { type Surroundings } from '$lib/model/surroundings';
import { type Offer } from '../offer';
import { colourOfSource, coloursForDesign, emptyPattern, farOff, laidPattern, rowsBeside, valuesOf } from './make';
import { type DrawingDecision, type PatternColour, type PatternPlate } from './schema';
import { sixClimates } from './spread';

/** A row, with a colour of the study that stands far off from it as an accent, where there is one. */
function withAccent(study: Surroundings, row: readonly ColourSource[]): PatternColour[] {
	const accent = farOff(study, row);
	const colours = row.map((source) => colourOfSource(source));
	return accent ? [...colours, colourOfSource(accent, true)] : colours;
}

/** The colours to go on with. */
const coloursOf = (study: Surroundings): PatternColour[] => withAccent(study, coloursForDesign(study));

/** A design to go on with: a row of the study used in full. */
export const newPattern = (study: Surroundings): PatternPlate =>
	laidPattern(emptyPattern(coloursOf(study), { kind: 'triangle-level', columns: 14 }), 'wave', study);

function solids(study: Surroundings): PatternPlate {
	const [first] = study.colours;
	const colours = withAccent(study, valuesOf(study, first));
	return laidPattern(emptyPattern(colours, { columns: 16 }), 'boxes', study);
}

function climates(study: Surroundings): PatternPlate {
	const plate = laidPattern(emptyPattern(coloursOf(study), { columns: 12 }), 'boxes', study);
	const others = rowsBeside(plate, study);
	const shown: PatternPlate = { ...plate, shows: 'climates', climates: sixClimates(plate, others, study.linked) };
	return laidPattern(shown, null, study);
}

/** A drawing whose regions have the colours of the study, neighbours unlike. */
const drawingInColours = (drawing: DrawingDecision, study: Surroundings): PatternPlate =>
	laidPattern({ ...emptyPattern(coloursOf(study)), drawing }, 'random', study);

/** On this grid boxes stand upright. */
const isUpright = ({ grid, drawing }: PatternPlate): boolean => !drawing && grid.kind === 'triangle-upright';

/** The exercises with patterns in the order of a course. */
export const PATTERN_OFFERS: readonly Offer<PatternPlate>[] = [
	{
		key: 'in-use',
		name: 'A row in use',
		says: 'Every step of a row in one design: variety that is held together.',
		make: newPattern,
		is: (plate) => plate.shows === 'design' && !plate.drawing && !isUpright(plate) && plate.grid.kind !== 'bands'
	},
	{
		key: 'solids',
		name: 'Solids on a triangular grid',
		says: 'Light, middle and dark of one colour make boxes stand; a far-off one is the accent.',
		make: solids,
		is: (plate) => plate.shows === 'design' && isUpright(plate)
	},
	{
		key: 'bands',
		name: 'Stripes and bands',
		says: 'Bands of set widths that cross, as warp and weft do.',
		make: (study) => laidPattern(emptyPattern(coloursOf(study), { kind: 'bands', stretched: true }), 'random', study),
		is: (plate) => plate.shows === 'design' && !plate.drawing && plate.grid.kind === 'bands'
	},
	{
		key: 'drawing',
		name: 'A drawing in your colours',
		says: 'Regions in place of cells. Read in a drawing of your own, or take one that is here.',
		make: (study) => drawingInColours({ shipped: 'leaves' }, study),
		is: (plate) => plate.shows === 'design' && plate.drawing !== undefined
	},
	{
		key: 'climates',
		name: 'One design, six climates',
		says: 'The same cells in other colours: small means, large effects.',
		source: 'Johannes Itten, The Art of Color, 1961, for one composition in several colour climates (from memory)',
		make: climates,
		is: ({ shows }) => shows === 'climates'
	}
];
