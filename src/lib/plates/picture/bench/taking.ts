import { pictureWork } from '$lib/client/pictures';
import { type Emphasis } from '$lib/core/picture/group';
import { type Pixels, type Spot } from '$lib/core/picture/square';
import { newId } from '$lib/model/ids';
import { changePicture, decidePicture, ordered, setPlaces } from '../picture-edits';
import { LEAST_COLOURS, MOST_COLOURS, type PicturePlate, type PlaceDecision } from '../schema';
import { notices } from '$lib/ui/notices.svelte';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { attempted, textAt, textsAlong } from './reckon';

/** What is looked for otherwise than before. */
type Otherwise = Partial<Pick<PicturePlate, 'count' | 'emphasis' | 'seed'>>;

/** Looks for the colours anew; places that are locked stay. One edit, when they are found. */
export async function findAgain(
	workbench: Workbench,
	plate: PicturePlate,
	label: string,
	otherwise: Otherwise
): Promise<void> {
	const wanted = { ...plate, ...otherwise };
	const kept = plate.places.filter(({ locked }) => locked);
	const { count, emphasis, seed, size, picture } = wanted;
	if (kept.length > count) {
		notices.say(`${kept.length} places are locked: at least as many colours stay.`);
		return;
	}
	const spots = kept.map(({ x, y, text }) => ({ x, y, text }));
	const found = await attempted(() => pictureWork().find(picture.id, { count, emphasis, seed, size, kept: spots }));
	if (!found) return;
	const places = [...kept, ...found.map((place) => ({ id: newId(), ...place }))];
	const order = plate.order === 'hand' ? 'value' : plate.order;
	const change = changePicture(plate.id, (now) =>
		now.picture.id === picture.id ? { ...now, ...otherwise, order, places: ordered(places, order) } : now
	);
	workbench.edit(label, change);
	if (places.length < count)
		notices.say(
			`The picture has no more than ${places.length} ${emphasis === 'one-hue' ? 'such colours' : 'colours'} to tell apart.`
		);
}

export const takeEmphasis = (workbench: Workbench, plate: PicturePlate, emphasis: Emphasis): Promise<void> =>
	findAgain(workbench, plate, 'Take other colours', { emphasis });

/** Moves a place to a pixel; the order follows, unless it is by hand. */
export function movePlace(
	workbench: Workbench,
	plate: PicturePlate,
	pixels: Pixels,
	id: string,
	spot: Spot,
	what: string | null
): void {
	const x = Math.max(0, Math.min(pixels.width - 1, Math.round(spot.x)));
	const y = Math.max(0, Math.min(pixels.height - 1, Math.round(spot.y)));
	const text = textAt(pixels, { x, y }, plate.size);
	const change = changePicture(plate.id, (now) => {
		const places = now.places.map((place) => (place.id === id ? { ...place, x, y, text } : place));
		return { ...now, places: ordered(places, now.order) };
	});
	workbench.edit('Move a place', change, what);
}

/** Another size of square: every place and the line are measured anew. */
export function setSize(workbench: Workbench, plate: PicturePlate, pixels: Pixels, size: number): void {
	const places = plate.places.map((place) => ({ ...place, text: textAt(pixels, place, size) }));
	const { from, to, texts } = plate.line;
	const line = { ...plate.line, texts: textsAlong(pixels, from, to, texts.length, size) };
	const decided = { size, places: ordered(places, plate.order), line };
	workbench.edit('Change the square', decidePicture(plate.id, decided), `square ${plate.id}`);
}

/** Takes a colour at a pixel, and holds its place. */
export function addPlace(workbench: Workbench, plate: PicturePlate, pixels: Pixels, spot: Spot): void {
	if (plate.places.length >= MOST_COLOURS)
		return notices.say(`No more than ${MOST_COLOURS} colours are taken from a picture.`);
	const place: PlaceDecision = { id: newId(), x: spot.x, y: spot.y, text: textAt(pixels, spot, plate.size) };
	workbench.edit('Add a place', setPlaces(plate.id, [...plate.places, place]));
	workbench.hold({ kind: 'place', id: place.id });
}

/** Takes a place out. */
export function removePlace(workbench: Workbench, plate: PicturePlate, id: string): void {
	if (plate.places.length <= LEAST_COLOURS)
		return notices.say(`At least ${LEAST_COLOURS} colours are taken from a picture.`);
	const at = plate.places.findIndex((place) => place.id === id);
	const next = plate.places[at + 1] ?? plate.places[at - 1]!;
	workbench.edit(
		'Take a place out',
		setPlaces(
			plate.id,
			plate.places.filter((place) => place.id !== id)
		)
	);
	workbench.hold({ kind: 'place', id: next.id });
}

/** The line across the picture otherwise, with what comes along it. */
export function setLine(
	workbench: Workbench,
	plate: PicturePlate,
	pixels: Pixels,
	otherwise: { readonly from?: Spot; readonly to?: Spot; readonly count?: number },
	what: string | null
): void {
	const within = ({ x, y }: Spot): { x: number; y: number } => ({
		x: Math.max(0, Math.min(pixels.width - 1, Math.round(x))),
		y: Math.max(0, Math.min(pixels.height - 1, Math.round(y)))
	});
	const [from, to] = [within(otherwise.from ?? plate.line.from), within(otherwise.to ?? plate.line.to)];
	const texts = textsAlong(pixels, from, to, otherwise.count ?? plate.line.texts.length, plate.size);
	workbench.edit('Move the line', decidePicture(plate.id, { line: { from, to, texts } }), what);
}
