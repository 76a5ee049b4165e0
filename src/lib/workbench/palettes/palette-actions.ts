import { colourWords } from '$lib/core/colour/hue-words';
import { nameOfScale } from '$lib/drawing/draw-scales';
import { coloursOfExercise } from '$lib/drawing/exercise-colours';
import { scaleOf } from '$lib/drawing/resolve';
import { chartOf } from '$lib/drawing/wheel/chart-of';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { MOST_COLOURS, type Palette, type PaletteColour, type PaletteContent } from '$lib/model/palette';
import { LEAST_PARENTS, MOST_PARENTS, type ScaleDecision } from '$lib/model/scale';
import { MOST_SCALES } from '$lib/model/plate';
import { type Library } from '$lib/palettes/library.svelte';
import { notices } from '$lib/ui/notices.svelte';
import { MOST_GROUNDS } from '$lib/model/grounds-plate';
import { decideGrounds } from '../study/grounds-edits';
import { decideScheme } from '../study/scheme-edits';
import { linkAll } from '../study/link-all';
import { addScale } from '../study/scale-edits';
import { type Workbench } from '../study/workbench.svelte';
import { chosenCell } from '../wheel/chosen-cell';
import { coloursOfSpoke } from '../wheel/wheel-subject';
import { coloursOfRelatives } from '../scheme/scheme-actions';
import { coloursOfScheme } from '../scheme/scheme-subject';

/** Something of a study that can be kept as a palette. */
export interface Keepable {
	/** "This scale" */
	readonly what: string;
	readonly content: () => PaletteContent;
}

const palette = (workbench: Workbench, name: string, colours: readonly PaletteColour[]): PaletteContent => ({
	name: asLine(name),
	maker: workbench.document.titleBlock.maker,
	tags: [],
	colours: [...colours]
});

/** The chosen scale, as a palette of its steps. */
export function paletteOfScale(workbench: Workbench, scale: ScaleDecision): PaletteContent {
	const { linked } = workbench.document;
	const name = nameOfScale(scale, linked);
	const { steps } = scaleOf(scale, linked);
	return palette(
		workbench,
		name,
		steps.map(({ hex, linear }, i) => ({ name: `${i + 1}, ${colourWords(linear)}`, text: hex }))
	);
}

/** All that could be kept as a palette from where one is. */
export function keepables(workbench: Workbench): Keepable[] {
	const { scale, wheelPlate, schemePlate, mixesPlate, groundsPlate, document } = workbench;
	const found: Keepable[] = [];
	if (scale) found.push({ what: 'This scale', content: () => paletteOfScale(workbench, scale) });
	if (wheelPlate) {
		const spoke = chosenCell(workbench, wheelPlate)?.spoke ?? 0;
		const { steps } = chartOf(wheelPlate, document.linked)[spoke]!;
		const colours = () => coloursOfSpoke(wheelPlate, spoke, steps).map(({ name, hex }) => ({ name, text: hex }));
		const name = `Hue ${spoke + 1}, ${wheelPlate.title}`;
		found.push({ what: 'This spoke', content: () => palette(workbench, name, colours()) });
	}
	if (schemePlate) {
		const colours = () => coloursOfScheme(schemePlate, document.linked).map(({ name, hex }) => ({ name, text: hex }));
		found.push({ what: 'This scheme', content: () => palette(workbench, schemePlate.title, colours()) });
		if (workbench.relatives.length > 0)
			found.push({
				what: 'Chosen relatives',
				content: () =>
					palette(
						workbench,
						`Relatives, ${schemePlate.title}`,
						coloursOfRelatives(workbench, schemePlate).slice(0, MOST_COLOURS)
					)
			});
	}
	const exercise = mixesPlate ?? groundsPlate;
	const ofExercise = exercise ? coloursOfExercise(exercise, document.linked) : [];
	if (exercise && ofExercise.length > 0)
		found.push({
			what: exercise.kind === 'mixes' ? 'These mixes' : 'This exercise',
			content: () =>
				palette(
					workbench,
					exercise.title,
					ofExercise.map(({ name, hex }) => ({ name, text: hex }))
				)
		});
	const { linked, titleBlock } = document;
	if (linked.length > 0)
		found.push({
			what: 'Linked colours',
			content: () =>
				palette(
					workbench,
					titleBlock.title,
					linked.map(({ name, text }) => ({ name, text }))
				)
		});
	return found;
}

/** Keeps a palette in the library and says so. */
export async function keepAsPalette(library: Library, content: PaletteContent): Promise<void> {
	const kept = await library.keep(content);
	if (!kept) return;
	const { id, name } = kept;
	notices.say(`Kept as the palette “${name}”.`, { label: 'Undo', run: () => library.remove(id, `“${name}”`) });
}

/** Has the scheme keep to a palette from now on. */
export function keepSchemeTo(workbench: Workbench, { name, colours }: Palette): void {
	const { schemePlate } = workbench;
	if (schemePlate && colours.length > 0)
		workbench.edit('Keep to a palette', decideScheme(schemePlate.id, { keptTo: { name, colours } }));
}

/** Has a plate of grounds look for grounds in a palette. */
export function searchPalette(workbench: Workbench, { name, colours }: Palette): void {
	const { groundsPlate } = workbench;
	if (!groundsPlate) return;
	workbench.edit('Look for grounds in a palette', decideGrounds(groundsPlate.id, { palette: { name, colours } }));
	workbench.beside = 'Readings';
}

/** Lays the figure of a plate of grounds over the colours of a palette. */
export function layOverPalette(workbench: Workbench, { name, colours }: Palette): void {
	const { groundsPlate } = workbench;
	if (!groundsPlate) return;
	const grounds = colours.slice(0, MOST_GROUNDS);
	const palette = { name, colours: grounds };
	const decisions = { exercise: 'rows', row: 'palette', palette, count: grounds.length } as const;
	workbench.edit('Lay the figure over a palette', decideGrounds(groundsPlate.id, decisions));
}

export function linkPalette(workbench: Workbench, { colours }: Palette): void {
	const linked = colours.map((colour) => ({ id: newId(), ...colour }));
	linkAll(workbench, 'Add a palette as linked colours', linked);
}

/** A path through all colours of a palette, as a further row; null says why there can be none. */
export function pathThrough(workbench: Workbench, { colours }: Palette): void {
	const { scalesPlate: plate, scale } = workbench;
	if (!plate || plate.scales.length >= MOST_SCALES) return notices.say('Choose a plate of scales with room for a row.');
	if (colours.length < LEAST_PARENTS) return notices.say('A path takes two colours or more.');
	const parents = colours.slice(0, MOST_PARENTS).map(({ text }) => ({ text }));
	const added: ScaleDecision = {
		id: newId(),
		recipe: 'path',
		parents,
		between: (parents.length - 1) * 2 - 1,
		method: scale?.method ?? 'oklab',
		spacing: 'shares',
		look: scale?.look
	};
	workbench.edit('Add a path through a palette', addScale(plate.id, added, scale?.id ?? null));
	workbench.chooseScale(added.id);
	if (colours.length > MOST_PARENTS) notices.say(`A path takes ${MOST_PARENTS} parents: the first ones were taken.`);
}
