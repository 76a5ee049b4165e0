import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type PictureRef } from '$lib/model/picture';
import { type PicturePlate } from './schema';
import { SHIPPED, type Shipped } from './shipped';

/** Steps between two places, to begin with. */
const GAP = 2;
const ALONG = 15;

/** A plate of a picture from which nothing has been taken yet: that is done where its pixels are. */
export function plateOfPicture(picture: PictureRef): PicturePlate {
	const { width, height } = picture;
	const y = Math.floor(height / 2);
	return {
		id: newId(),
		kind: 'picture',
		title: asLine(picture.name),
		titledBy: 'machine',
		picture,
		count: 6,
		emphasis: 'spread',
		seed: 1,
		size: Math.max(1, Math.min(13, 2 * Math.floor(Math.min(width, height) / 120) + 1)),
		places: [],
		order: 'value',
		along: 'places',
		gaps: Array.from({ length: 15 }, () => GAP),
		method: 'oklab',
		line: {
			from: { x: Math.floor(width * 0.08), y },
			to: { x: Math.floor(width * 0.92), y },
			texts: Array.from({ length: ALONG }, () => '#808080')
		},
		values: 3,
		large: 'picture'
	};
}

/** A plate of one that ships, with what was taken from it beforehand. */
export function plateOfShipped({ picture, start }: Shipped): PicturePlate {
	const plate = plateOfPicture(picture);
	const places = start.places.map((place) => ({ id: newId(), ...place }));
	return { ...plate, ...start, places, line: { ...plate.line, texts: start.line } };
}

/** The first that ships of which the study has no plate yet. */
export function nextShipped(used: readonly PicturePlate[]): Shipped {
	const free = SHIPPED.find(({ picture }) => !used.some((plate) => plate.picture.id === picture.id));
	return free ?? SHIPPED[0]!;
}
