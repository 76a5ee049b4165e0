import { newId } from '$lib/model/ids';
import { type PlateKind } from '../kind';
import { describePicture, wordsOfText } from './describe';
import { drawPicture } from './draw-picture';
import { gradationSteps } from './gradation-of';
import { plateOfPicture } from './make';
import { newPicture, PICTURE_OFFERS } from './offers';
import { pictureGives, picturePlaces, type PicturePlace } from './places';
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
	copyParts: (plate) => ({ ...plate, places: plate.places.map((place) => ({ ...place, id: newId() })) }),
	partIds: ({ places }) => places.map(({ id }) => id),
	draw: (plate, linked, detail) => drawPicture(plate, linked, detail !== 'colours'),
	describe: describePicture,
	slow: true,
	colours: (plate) =>
		plate.along === 'line'
			? gradationSteps(plate).map(({ hex }, i) => ({ name: `${i + 1} along the line, ${wordsOfText(hex)}`, hex }))
			: plate.places.map(({ text }, i) => ({ name: `${i + 1}, ${wordsOfText(text)}`, hex: text })),
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
