import { pictureWork } from '$lib/client/pictures';
import { linearToHex } from '$lib/core/colour/bytes';
import { meanOfSquare, spotsAlong, type Pixels, type Spot } from '$lib/core/picture/square';
import { plateOf } from '$lib/model/edit';
import { newId } from '$lib/model/ids';
import { measuredOf } from '../measured';
import { changePicture, ordered } from '../picture-edits';
import { type PicturePlate } from '../schema';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';

/** The code of the mean of a square; where all of it is transparent, that of the sheet. */
export const textAt = (pixels: Pixels, spot: Spot, size: number): string =>
	linearToHex(...(meanOfSquare(pixels, spot, size) ?? [1, 1, 1]));

/** What comes along a line, in so many squares. */
export const textsAlong = (pixels: Pixels, from: Spot, to: Spot, count: number, size: number): string[] =>
	spotsAlong(from, to, count).map((spot) => textAt(pixels, spot, size));

/** What has still to be reckoned of a plate; null where all of it is there. */
export function lacks(plate: PicturePlate): 'places' | 'known' | 'shares' | null {
	if (plate.places.length === 0) return 'places';
	if (!plate.known) return 'known';
	return measuredOf(plate) ? null : 'shares';
}

const busy = new Set<string>();

/**
 * Adds to a plate what it lacks, one thing after the other. It may be changed meanwhile: what it lacks then is looked at again, until
 * nothing more comes of it.
 */
export async function reckon(workbench: Workbench, plate: PicturePlate, pixels: Pixels): Promise<void> {
	if (busy.has(plate.id)) return;
	busy.add(plate.id);
	const latest = (): PicturePlate | null => plateOf<PicturePlate>('picture', workbench.decided.plates, plate.id);
	for (let now: PicturePlate | null = plate; now?.picture.id === plate.picture.id;) {
		const current: PicturePlate = now;
		const what = lacks(current);
		const change = what && (await attempted(() => reckoned(current, what, pixels), plate.picture.id));
		if (!change) break;
		workbench.settle(changePicture(plate.id, (each) => (each.picture.id === plate.picture.id ? change(each) : each)));
		now = latest() === current ? null : latest();
	}
	busy.delete(plate.id);
}

/** Of which pictures it was said already that something could not be done with them. */
const said = new Set<string>();

/** What comes of work on a picture; null where it cannot be done, which is said, and of one picture not again and again. */
export async function attempted<T>(work: () => Promise<T>, once?: string): Promise<T | null> {
	try {
		return await work();
	} catch (error) {
		if (once === undefined || !said.has(once))
			notices.say(error instanceof Error ? error.message : 'The picture could not be worked on.');
		if (once !== undefined) said.add(once);
		return null;
	}
}

type Change = (plate: PicturePlate) => PicturePlate;

async function reckoned(
	plate: PicturePlate,
	what: NonNullable<ReturnType<typeof lacks>>,
	pixels: Pixels
): Promise<Change> {
	const { picture, count, emphasis, seed, size, line } = plate;
	if (what === 'known') {
		const { tone, notans } = await pictureWork().about(picture.id);
		const known = {
			tone,
			notans: notans.map(({ values, borders, shares }) => ({
				values: [...values],
				borders: [...borders],
				shares: [...shares]
			}))
		} as NonNullable<PicturePlate['known']>;
		return (now) => ({ ...now, known });
	}
	if (what === 'places') {
		const found = await pictureWork().find(picture.id, { count, emphasis, seed, size, kept: [] });
		const texts = textsAlong(pixels, line.from, line.to, line.texts.length, size);
		const places = found.map((each) => ({ id: newId(), ...each }));
		return (now) =>
			now.places.length > 0 ? now : { ...now, places: ordered(places, now.order), line: { ...now.line, texts } };
	}
	const of = plate.places.map(({ text }) => text);
	const { shares, difference, farthest } = await pictureWork().standFor(picture.id, of);
	return (now) => ({ ...now, measured: { of, shares: [...shares], difference, farthest } });
}
