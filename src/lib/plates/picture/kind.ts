import { newId } from '$lib/model/ids';
import { checkIds, copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { pictureDecisions } from './decisions';
import { coloursOfPicture } from './colours-of';
import { describePicture } from './describe';
import { drawPicture } from './draw-picture';
import { plateOfPicture } from './make';
import { newPicture, PICTURE_OFFERS } from './offers';
import { pictureGives, picturePlaces, type PicturePlace } from './places';
import { pictureChecks } from './plate-checks';
import { picturePlateSchema, type PicturePlate } from './schema';
import { placesOfPictures } from './measured-places';
import { titleOfPicture } from './title';

/** A picture, and the colours that are taken from it. */
export const picture = {
	schema: picturePlateSchema,
	words: {
		uses: (count) => `${count} picture${count === 1 ? '' : 's'}`,
		empty: 'Click a place in the picture: its colour comes into the mixer.'
	},
	mapSources: (plate) => plate,
	title: titleOfPicture,
	part: { name: 'Pictures', says: 'colours out of them, and what they would be without the rest' },
	offers: PICTURE_OFFERS,
	make: newPicture,
	copyParts: (plate) => ({ ...copyChecks(plate), places: plate.places.map((place) => ({ ...place, id: newId() })) }),
	partIds: (plate) => [...plate.places.map(({ id }) => id), ...checkIds(plate)],
	draw: (plate, linked, detail) => drawPicture(plate, linked, detail !== 'colours'),
	describe: describePicture,
	slow: true,
	colours: coloursOfPicture,
	checks: pictureChecks,
	decisions: pictureDecisions,
	listed: true,
	places: picturePlaces,
	gives: pictureGives,
	pictures: {
		of: (plate) => [plate.picture],
		map: (plate, change) => ({ ...plate, picture: change(plate.picture) }),
		begin: plateOfPicture,
		places: placesOfPictures
	}
} satisfies PlateKind<PicturePlate, PicturePlace>;
