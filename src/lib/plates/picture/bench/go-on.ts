import { addPlate } from '$lib/model/edit-plates';
import { newId } from '$lib/model/ids';
import { type ColourSource } from '$lib/model/colour-text';
import { plateOfScales } from '$lib/plates/scales/make';
import { MOST_PARENTS } from '$lib/plates/scales/scale';
import { linkAll } from '$lib/workbench/study/link-all';
import { hasRoomForPlate } from '$lib/workbench/study/room';
import { openPlate } from '$lib/workbench/index/plate-actions';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { wordsOfText } from '../describe';
import { gradationSteps } from '../gradation-of';
import { type PicturePlate } from '../schema';

/** Makes every colour that was taken a linked colour of the study: a copy, which no longer follows the picture. */
export function linkPlaces(workbench: Workbench, { places }: PicturePlate): void {
	const colours = places.map(({ text }) => ({
		id: newId(),
		name: wordsOfText(text),
		text,
		namedBy: 'machine' as const
	}));
	linkAll(workbench, 'Make the colours of a picture linked', colours);
}

/** A new plate with a scale through the places, which follows them. */
export function scaleThroughPlaces(workbench: Workbench, plate: PicturePlate): void {
	if (!hasRoomForPlate(workbench.document)) return;
	if (plate.places.length > MOST_PARENTS)
		return notices.say(`A scale goes through ${MOST_PARENTS} colours at most. Take some places out first.`);
	const parents = plate.places.map(({ id, text }): ColourSource => ({ text, follows: { plate: plate.id, place: id } }));
	const steps = gradationSteps({ ...plate, along: 'places' });
	const last = steps.length - 1;
	const stops = steps.flatMap(({ place }, i) => (place === null ? [] : [i / last]));
	const added = plateOfScales(`Through ${plate.title}`, [
		{
			id: newId(),
			recipe: 'path',
			parents,
			between: Math.max(0, steps.length - 2),
			method: plate.method,
			spacing: 'shares',
			places: stops.slice(1, -1)
		}
	]);
	workbench.edit('Make a scale of a picture', addPlate(added, plate.id));
	openPlate(workbench, added.id);
}
