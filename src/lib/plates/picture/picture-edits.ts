import { inOrder, type Order } from '$lib/core/picture/order';
import { toLinear } from '$lib/core/colour/colour';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { colourOf } from '$lib/model/resolve';
import { type PictureRef } from '$lib/model/picture';
import { asLine } from '$lib/model/line';
import { plateOfPicture, plateOfShipped } from './make';
import { LEAST_COLOURS, MOST_COLOURS, type PicturePlate, type PlaceDecision } from './schema';
import { SHIPPED } from './shipped';

export const changePicture = (plateId: string, change: (plate: PicturePlate) => PicturePlate): Edit =>
	withPlateOf<PicturePlate>('picture', plateId, change);

/** Decides something about a picture plate. */
export const decidePicture = (plateId: string, decisions: Partial<Omit<PicturePlate, 'id' | 'kind'>>): Edit =>
	changePicture(plateId, (plate) => ({ ...plate, ...decisions }));

/** Places in an order. */
export function ordered(places: readonly PlaceDecision[], order: Order): PlaceDecision[] {
	const placed = places.map((place) => ({ ...place, linear: toLinear(colourOf(place.text)), place }));
	return inOrder(placed, order).map(({ place }) => place);
}

/** Other places, in the order of the plate; as many are looked for from then on. */
export const setPlaces = (plateId: string, places: readonly PlaceDecision[]): Edit =>
	changePicture(plateId, (plate) => ({
		...plate,
		places: ordered(places, plate.order),
		count: Math.max(LEAST_COLOURS, Math.min(MOST_COLOURS, places.length))
	}));

/** One place otherwise, where it stands in the order. */
export const setPlace = (plateId: string, id: string, decisions: Partial<Omit<PlaceDecision, 'id'>>): Edit =>
	changePicture(plateId, (plate) => ({
		...plate,
		places: plate.places.map((place) => (place.id === id ? { ...place, ...decisions } : place))
	}));

export const setOrder = (plateId: string, order: Order): Edit =>
	changePicture(plateId, (plate) => ({ ...plate, order, places: ordered(plate.places, order) }));

/** Moves a place up (−1) or down (1) in the order, which is by hand from then on. */
export const shiftPlace = (plateId: string, id: string, by: number): Edit =>
	changePicture(plateId, (plate) => {
		const at = plate.places.findIndex((place) => place.id === id);
		const to = Math.max(0, Math.min(plate.places.length - 1, at + by));
		if (at < 0 || at === to) return plate;
		const places = [...plate.places];
		const [place] = places.splice(at, 1);
		places.splice(to, 0, place!);
		return { ...plate, places, order: 'hand' };
	});

/** Another picture: what was decided about the way colours are taken stays, and they are looked for anew. */
export const takePicture = (plateId: string, picture: PictureRef): Edit =>
	changePicture(plateId, (plate) => {
		const { count, emphasis, order, along, gaps, method, values, large } = plate;
		const shipped = SHIPPED.find((each) => each.picture.id === picture.id);
		const fresh = shipped ? plateOfShipped(shipped) : plateOfPicture(picture);
		const asBefore = fresh.count === count && fresh.emphasis === emphasis;
		return {
			...plate,
			picture,
			title: plate.titledBy === 'machine' ? asLine(picture.name) : plate.title,
			known: fresh.known,
			size: fresh.size,
			places: asBefore ? ordered(fresh.places, order) : [],
			measured: asBefore ? fresh.measured : undefined,
			line: fresh.line,
			...{ count, emphasis, order, along, gaps, method, values, large }
		};
	});
