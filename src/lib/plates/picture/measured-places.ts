import { type PlateBase } from '$lib/model/plate-base';
import { type PlaceInPicture } from '$lib/model/picture';
import { plateOfShipped } from './make';
import { type PicturePlate } from './schema';
import { SHIPPED } from './shipped';

/** The places of plates of pictures, each as it was measured; of the first picture that ships, where there are none. */
export function placesOfPictures(plates: readonly PlateBase[]): PlaceInPicture[] {
	const found = (plates as readonly PicturePlate[]).flatMap(({ picture, places, size }) =>
		places.map(({ x, y, text }) => ({ picture, x, y, size, text }))
	);
	return found.length > 0 ? found : placesOfPictures([plateOfShipped(SHIPPED[0]!)]);
}
