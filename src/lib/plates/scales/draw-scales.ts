import { gradationOf } from '$lib/core/scale/gradation';
import { type Scale } from '$lib/core/scale/scale';
import { HUE_PLACE } from '$lib/core/scale/mixing';
import { endWords, METHOD_WORDS, RECIPE_WORDS, ROUTE_WORDS, SPACING_WORDS } from '$lib/core/scale/words';
import { type ScalesPlate } from './schema';
import { isMixed, type ScaleDecision } from './scale';
import { PLAIN_LOOK } from './look';
import { type LinkedColour } from '$lib/model/linked';
import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { type Patch } from '$lib/drawing/patch';
import { sheetOf } from '$lib/drawing/plate-ground';
import { drawSteps } from './draw-steps';
import { header, wrapped } from '$lib/drawing/head';
import { scaleOf, specOf, usedParents } from './scale-of';
import { nameOf } from '$lib/model/surroundings';
import { layOutScales, ROOMY, type RowPlace, type ScalesLayout } from './layout';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { PAPER, INK, shortened, words } from '$lib/drawing/words';

const MARGIN = 28;

/** "madder to white", "white to black through madder", "madder to the hue of woad" */
export function fromTo(decision: ScaleDecision, linked: readonly LinkedColour[]): string {
	const { recipe, turning = 'held', dulling = 'mixed' } = decision;
	const names = usedParents(decision).map((source) => nameOf(source, { linked }));
	if (recipe === 'value-steps') return `white to black through ${names[0]}`;
	if (recipe === 'hue-steps' && turning !== 'purest' && !decision.pins?.length)
		return `${turning === 'greatest' ? 'the hue of ' : ''}${names[0]} to the hue of ${names[1]}`;
	const end = endWords({ ...decision, dulling });
	if (names.length > 3) return `${names[0]} to ${names.at(-1)}, ${names.length} parents`;
	return [...names, ...(end ? [end] : [])].join(' to ');
}

/** What a row is called: as its maker wrote, or by its recipe. */
export const labelOfRow = ({ label, recipe }: Pick<ScaleDecision, 'label' | 'recipe'>): string =>
	label ?? RECIPE_WORDS[recipe].name;

/** "Tints, madder to white" */
export const nameOfScale = (decision: ScaleDecision, linked: readonly LinkedColour[]): string =>
	`${labelOfRow(decision)}, ${fromTo(decision, linked)}`;

/** What stands under the name of a row: where it goes, and by which recipe, where the name does not say that. */
const saidOf = (decision: ScaleDecision, linked: readonly LinkedColour[]): string =>
	decision.label
		? `${RECIPE_WORDS[decision.recipe].name.toLowerCase()}: ${fromTo(decision, linked)}`
		: fromTo(decision, linked);

/** "mixed in OKLab, equal shares"; hue steps are not mixed but turned. */
function mixedHow(decision: ScaleDecision): string {
	const { method, spacing, route = 'shorter' } = decision;
	const mixing = isMixed(decision) ? `mixed ${METHOD_WORDS[method].name}` : 'turned';
	const round = !isMixed(decision) || (HUE_PLACE[method] >= 0 && route !== 'shorter');
	return `${mixing}${round ? ` ${ROUTE_WORDS[route]}` : ''}, ${SPACING_WORDS[spacing].name}`;
}

const countOf = ({ between, inAll }: Scale): string => `${between} between · ${inAll} in all`;

/** What all of these say, or null where they differ. */
function inCommon(texts: readonly string[]): string | null {
	const [first, ...others] = texts;
	return first !== undefined && others.every((text) => text === first) ? first : null;
}

const laidOut = new WeakMap<readonly ScaleDecision[], Map<boolean, ScalesLayout>>();

/** Where the rows stand: that follows from what was decided and not from any colour, so a turning dial finds it again. */
function layoutOf(decisions: readonly ScaleDecision[], scales: readonly Scale[], withWords: boolean): ScalesLayout {
	const known = laidOut.get(decisions) ?? new Map<boolean, ScalesLayout>();
	laidOut.set(decisions, known);
	const rows = () => decisions.map(({ look }, i) => ({ inAll: scales[i]!.inAll, look }));
	const layout = known.get(withWords) ?? layOutScales(rows(), withWords);
	known.set(withWords, layout);
	return layout;
}

/** A plate of scales as a drawing. With `words` false only the colours are drawn, as a thumbnail shows them. */
export function drawScales(plate: ScalesPlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const scales = plate.scales.map((decision) => scaleOf(decision, linked));
	const layout = layoutOf(plate.scales, scales, withWords);
	const ground = sheetOf(plate, linked);
	const mixing = inCommon(plate.scales.map(mixedHow));
	// Rows too low for three lines leave their count to the head of the plate, where it is the same for all.
	const roomy = layout.rows.every(({ height }) => height >= ROOMY);
	const count = roomy ? null : inCommon(scales.map(countOf));
	const shapes: Shape[] = withWords
		? header(plate.title, [count, mixing].filter((note) => note !== null).join(', '))
		: [];
	plate.scales.forEach((decision, i) => {
		const place = layout.rows[i]!;
		const scale = scales[i]!;
		if (withWords) {
			const lines = [saidOf(decision, linked), countOf(scale), mixedHow(decision).replace('mixed ', '')];
			const told = roomy ? lines.slice(0, mixing === null ? 3 : 2) : [lines[count === null ? 1 : 0]!];
			shapes.push(...caption(labelOfRow(decision), told, place));
		}
		shapes.push(...colours(decision, linked, scale, place, withWords, ground));
	});
	return { title: plate.title, width: PLATE_WIDTH, height: layout.height, paper: PAPER, shapes };
}

const drawn = new WeakMap<Scale, Map<string, Shape[]>>();

/** The steps of a row. The same scale at the same place is the very same shapes: a screen can skip them. */
function colours(
	decision: ScaleDecision,
	linked: readonly LinkedColour[],
	scale: Scale,
	place: RowPlace,
	withWords: boolean,
	ground: Patch
): Shape[] {
	const { look = PLAIN_LOOK } = decision;
	const key = `${ground.hex} ${place.y} ${place.height} ${place.band.x} ${withWords} ${Object.values(look).join(' ')}`;
	const known = drawn.get(scale) ?? new Map<string, Shape[]>();
	drawn.set(scale, known);
	const run = look.gradation && !known.has(key) ? gradationOf(specOf(decision, linked)) : [];
	const shapes = known.get(key) ?? drawSteps(scale, place, look, withWords, run, ground.linear);
	known.set(key, shapes);
	return shapes;
}

const CAPTION_LETTERS = 25;
const ROW_GAP = 6;

/** Sizes of a caption's name and of what is told under it. */
interface Lettering {
	readonly size: number;
	readonly small: number;
	readonly lineHeight: number;
}

const LETTERINGS: readonly Lettering[] = [
	{ size: 17, small: 12, lineHeight: 16 },
	{ size: 16, small: 12, lineHeight: 14 },
	{ size: 15, small: 12, lineHeight: 13 },
	{ size: 14, small: 12, lineHeight: 12 }
];

/** The recipe's name and what is told of the row, as a block in the middle of its height. */
function caption(name: string, told: readonly string[], { y, height, band }: RowPlace): Shape[] {
	const roomy = told.length > 1;
	const all = told.flatMap((line) => wrapped(line, CAPTION_LETTERS));
	const heightOf = ({ size, lineHeight }: Lettering): number => size + all.length * lineHeight;
	// Smaller letters before fewer: a name that is cut off says nothing of what was mixed.
	const fitting = (roomy ? LETTERINGS : LETTERINGS.slice(1)).find((each) => heightOf(each) <= height - ROW_GAP);
	const { size, small, lineHeight } = fitting ?? LETTERINGS.at(-1)!;
	const lines = fitting ? all : told.map((line) => shortened(line, CAPTION_LETTERS - 1));
	const middle = band.y + band.height / 2;
	const top = Math.max(y + ROW_GAP / 2, middle - (size + lines.length * lineHeight) / 2 + (roomy ? 0 : 2));
	return [
		words(MARGIN, top + size * 0.82, name, { face: 'serif', size, fill: INK }),
		...lines.map((line, i) => words(MARGIN, top + size + (i + 0.75) * lineHeight, line, { size: small }))
	];
}
