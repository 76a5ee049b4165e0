import { HARD_TO_TELL } from '$lib/core/scale/readings';
import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { type Scale, type Step } from '$lib/core/scale/scale';
import { METHOD_WORDS, RECIPE_WORDS, SPACING_WORDS } from '$lib/core/scale/words';
import { type ScaleDecision, type ScalesPlate } from '$lib/model/plate';
import { type LinkedColour } from '$lib/model/study';
import { type Drawing, type Shape } from './drawing';
import { linkedOf, scaleOf, textOf, usedParents } from './resolve';
import { layOutScales, PLATE_WIDTH, ROOMY, type RowPlace } from './scales-layout';

const INK = '#1c1c1c';
const SOFT = '#5f5f5f';
const GROUND = '#ffffff';
const GROUND_LINEAR = [1, 1, 1] as const;
const MARGIN = 28;
/** Room that a value needs under its step, so that two do not run into each other. */
const LABEL_ROOM = 19;
const TICK = 5;

const words = (x: number, y: number, text: string, more: Partial<Extract<Shape, { kind: 'words' }>> = {}): Shape => ({
	kind: 'words',
	x,
	y,
	words: text,
	size: 12,
	face: 'sans',
	strong: false,
	anchor: 'start',
	fill: SOFT,
	...more
});

const shortened = (text: string, most: number): string =>
	text.length > most ? `${text.slice(0, most - 1).trimEnd()}…` : text;

/** "madder to white", "#b3392b to woad" */
export function wayOf(decision: ScaleDecision, linked: readonly LinkedColour[]): string {
	const names = usedParents(decision).map(
		(source) => linkedOf(source, linked)?.name.toLowerCase() ?? textOf(source, linked)
	);
	const end = RECIPE_WORDS[decision.recipe].end;
	return [...names, ...(end ? [end] : [])].join(' to ');
}

const mixedHow = ({ method, spacing }: ScaleDecision): string =>
	`mixed ${METHOD_WORDS[method].name}, ${SPACING_WORDS[spacing].name}`;

const countOf = ({ between, inAll }: Scale): string => `${between} between · ${inAll} in all`;

/** What all of these say, or null where they differ. */
function inCommon(texts: readonly string[]): string | null {
	const [first, ...others] = texts;
	return first !== undefined && others.every((text) => text === first) ? first : null;
}

/** A plate of scales as a drawing. With `words` false only the colours are drawn, as a thumbnail shows them. */
export function drawScales(plate: ScalesPlate, linked: readonly LinkedColour[], withWords: boolean): Drawing {
	const scales = plate.scales.map((decision) => scaleOf(decision, linked));
	const layout = layOutScales(
		scales.map(({ inAll }) => inAll),
		withWords
	);
	const mixing = inCommon(plate.scales.map(mixedHow));
	// Rows too low for three lines leave their count to the head of the plate, where it is the same for all.
	const roomy = (layout.rows[0]?.height ?? ROOMY) >= ROOMY;
	const count = roomy ? null : inCommon(scales.map(countOf));
	const shapes: Shape[] = withWords
		? header(plate.title, [count, mixing].filter((note) => note !== null).join(', '))
		: [];
	plate.scales.forEach((decision, i) => {
		const place = layout.rows[i]!;
		const scale = scales[i]!;
		if (withWords) {
			const lines = [wayOf(decision, linked), countOf(scale), mixedHow(decision).replace('mixed ', '')];
			const told = roomy ? lines.slice(0, mixing === null ? 3 : 2) : [lines[count === null ? 1 : 0]!];
			shapes.push(...caption(RECIPE_WORDS[decision.recipe].name, told, place));
		}
		shapes.push(...colours(scale, place, withWords));
	});
	return { title: plate.title, width: PLATE_WIDTH, height: layout.height, ground: GROUND, shapes };
}

const drawn = new WeakMap<Scale, Map<string, Shape[]>>();

/** The steps of a row and their values. The same scale at the same place is the very same shapes: a screen can skip them. */
function colours(scale: Scale, place: RowPlace, withWords: boolean): Shape[] {
	const key = `${place.bandY} ${place.bandHeight} ${place.edges[0]} ${withWords}`;
	const known = drawn.get(scale) ?? new Map<string, Shape[]>();
	drawn.set(scale, known);
	const shapes = known.get(key) ?? [...band(scale, place), ...(withWords ? values(scale, place) : [])];
	known.set(key, shapes);
	return shapes;
}

function header(title: string, note: string): Shape[] {
	const room = 720 - note.length * 5.7;
	const size = Math.max(12, Math.min(25, room / (title.length * 0.47)));
	const shapes = [words(MARGIN, 42, title, { face: 'serif', size, fill: INK })];
	if (note !== '' && title.length * size * 0.47 < room + 60)
		shapes.push(words(PLATE_WIDTH - 26, 42, note, { anchor: 'end' }));
	return shapes;
}

/** The recipe's name and what is told of the row, as a block in the middle of its height. */
function caption(name: string, lines: readonly string[], { bandY, bandHeight }: RowPlace): Shape[] {
	const roomy = lines.length > 1;
	const [size, small, lineHeight] = roomy ? [17, 12, 16] : [15, 11, 12];
	const top = bandY + (bandHeight - size - lines.length * lineHeight) / 2 + (roomy ? 0 : 2);
	return [
		words(MARGIN, top + size * 0.82, name, { face: 'serif', size, fill: INK }),
		...lines.map((line, i) => words(MARGIN, top + size + (i + 0.75) * lineHeight, shortened(line, 24), { size: small }))
	];
}

function band(scale: Scale, place: RowPlace): Shape[] {
	const { edges, bandY: y, bandHeight: height } = place;
	const bars = scale.steps.map(({ hex }, i): Shape => ({
		kind: 'bar',
		x: edges[i]!,
		y,
		width: edges[i + 1]! - edges[i]!,
		height,
		fill: hex
	}));
	return [...bars, ...scale.steps.flatMap((step, i) => (vanishes(step) ? ticks(place, i) : []))];
}

const vanishes = ({ linear }: Step): boolean => differenceOfLinear(linear, GROUND_LINEAR) < HARD_TO_TELL;

/** Small ticks outside the corners of a step that would be lost on the ground: never a line around it. */
function ticks({ edges, bandY, bandHeight }: RowPlace, index: number): Shape[] {
	const bottom = bandY + bandHeight;
	const rule = (x1: number, y1: number, x2: number, y2: number): Shape => ({
		kind: 'rule',
		x1,
		y1,
		x2,
		y2,
		stroke: SOFT
	});
	const across = [edges[index]!, edges[index + 1]!].flatMap((x) => [
		rule(x, bandY - TICK - 1, x, bandY - 1),
		rule(x, bottom + 1, x, bottom + TICK + 1)
	]);
	const outer = index === 0 ? edges[0]! - 1 : index === edges.length - 2 ? edges.at(-1)! + 1 : null;
	if (outer === null) return across;
	const reach = index === 0 ? -TICK : TICK;
	return [...across, rule(outer, bandY, outer + reach, bandY), rule(outer, bottom, outer + reach, bottom)];
}

function values(scale: Scale, { edges, bandY, bandHeight }: RowPlace): Shape[] {
	const last = scale.inAll - 1;
	const narrowest = Math.min(...edges.slice(1).map((edge, i) => edge - edges[i]!));
	const every = Math.max(1, Math.ceil(LABEL_ROOM / narrowest));
	return scale.steps.flatMap((step, i) => {
		const end = i === 0 || i === last;
		if (!end && (i % every !== 0 || last - i < every)) return [];
		const middle = (edges[i]! + edges[i + 1]!) / 2;
		const more = { anchor: 'middle', size: 11, strong: end, fill: end ? INK : SOFT } as const;
		return [words(middle, bandY + bandHeight + (bandHeight < 30 ? 12 : 14), step.value.toFixed(0), more)];
	});
}
