import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type ColourSource } from '$lib/model/colour-text';
import { type Plate } from '$lib/model/plate';
import { type LinkedColour, type TitleBlock } from '$lib/model/study';
import { insertedAfter, moved, replaced, withPlates, type Edit } from './edit';
import { copyOfScale, withSources } from './scale-edits';
import { sameSource, sourceFor } from './suggest';

export const setTitleBlock =
	(titleBlock: TitleBlock): Edit =>
	(document) => ({ ...document, titleBlock });

export const addPlate = (plate: Plate, after: string | null): Edit =>
	withPlates((plates) => insertedAfter(plates, after, plate));
export const deletePlate = (id: string): Edit => withPlates((plates) => plates.filter((plate) => plate.id !== id));
export const renamePlate = (id: string, title: string): Edit =>
	withPlates((plates) => replaced(plates, id, (plate) => ({ ...plate, title })));
export const movePlate = (id: string, index: number): Edit => withPlates((plates) => moved(plates, id, index));

/** The same plate with ids of its own, its checks with it. */
export function copyOfPlate(plate: Plate): Plate {
	const named = { id: newId(), title: asLine(`${plate.title}, copy`) };
	if (plate.kind !== 'scales') return { ...plate, ...named };
	const scales = plate.scales.map(copyOfScale);
	const newIdOf = new Map(plate.scales.map(({ id }, i) => [id, scales[i]!.id]));
	const checks = plate.checks?.map((check) => ({
		...check,
		id: newId(),
		scale: check.scale && (newIdOf.get(check.scale) ?? null)
	}));
	return { ...plate, ...named, scales, checks };
}

export const addAllLinked =
	(colours: readonly LinkedColour[]): Edit =>
	(document) => ({ ...document, linked: [...document.linked, ...colours] });
export const addLinked = (colour: LinkedColour): Edit => addAllLinked([colour]);
export const changeLinked =
	(id: string, change: Partial<Omit<LinkedColour, 'id'>>): Edit =>
	(document) => ({ ...document, linked: replaced(document.linked, id, (colour) => ({ ...colour, ...change })) });

/** The same plate with each of its colour sources changed as asked. */
function withPlateSources(plate: Plate, change: (source: ColourSource) => ColourSource): Plate {
	if (plate.kind === 'wheel') return { ...plate, lead: change(plate.lead) };
	if (plate.kind === 'scheme')
		return {
			...plate,
			lead: change(plate.lead),
			others: plate.others.map((other) => ({ ...other, fixed: other.fixed && change(other.fixed) }))
		};
	if (plate.kind === 'grounds') {
		const both = ([one, other]: [ColourSource, ColourSource]): [ColourSource, ColourSource] => [
			change(one),
			change(other)
		];
		const contrast = plate.contrast && { ...plate.contrast, twin: plate.contrast.twin && change(plate.contrast.twin) };
		return {
			...plate,
			grounds: both(plate.grounds),
			figures: both(plate.figures),
			contrast,
			scale: plate.scale && withSources(plate.scale, change)
		};
	}
	if (plate.kind === 'mixes')
		return {
			...plate,
			parents: plate.parents.map((parent) => ({ ...parent, colour: change(parent.colour) })),
			guess: plate.guess && change(plate.guess),
			crossings: plate.crossings.map((source) => source && change(source))
		};
	return { ...plate, scales: plate.scales.map((scale) => withSources(scale, change)) };
}

/** Deletes a linked colour; every parent that used it keeps its looks as a colour of its own. */
export const deleteLinked =
	(id: string): Edit =>
	(document) => {
		const colour = document.linked.find((candidate) => candidate.id === id);
		if (!colour) return document;
		const freed = (source: ColourSource): ColourSource =>
			sameSource(source, { linked: id }) ? { text: colour.text } : source;
		return {
			...document,
			linked: document.linked.filter((candidate) => candidate !== colour),
			plates: document.plates.map((plate) => withPlateSources(plate, freed))
		};
	};

/** Makes a linked colour out of one source's own colour; `link` puts it in the source's place. */
export const linkSource =
	(colour: LinkedColour, link: (source: ColourSource) => Edit): Edit =>
	(document) =>
		link(sourceFor(colour))(addLinked(colour)(document));
