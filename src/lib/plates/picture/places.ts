import { type Following, type Gives, type Places } from '../kind';
import { wordsOfText } from './describe';
import { gradationSteps } from './gradation-of';
import { measuredOf } from './measured';
import { type PicturePlate } from './schema';
import { perCent } from './words';

/** What can be held of a picture: a place, a step of the gradation, or any pixel with its colour. */
export type PicturePlace =
	| { readonly kind: 'place'; readonly id: string }
	| { readonly kind: 'step'; readonly step: number }
	| { readonly kind: 'pixel'; readonly x: number; readonly y: number; readonly text: string };

const indexOf = ({ places }: PicturePlate, id: string): number => places.findIndex((place) => place.id === id);

/** "13 × 13 pixels", or "one pixel". */
const saySquare = (size: number): string => (size === 1 ? 'one pixel' : `the mean of ${size} × ${size} pixels`);

function followingPlace(plate: PicturePlate, id: string): Following<PicturePlace> | null {
	const i = indexOf(plate, id);
	const place = plate.places[i];
	if (!place) return null;
	const measured = measuredOf(plate);
	const share = measured ? `, ${perCent(measured.shares[i]!)} of the picture` : '';
	return {
		name: wordsOfText(place.text),
		note: `place ${i + 1} of ${plate.places.length}${share}; ${saySquare(plate.size)}`,
		text: place.text,
		follows: 'Drag its mark, or go by arrow keys; with Shift by ten pixels.',
		parents: []
	};
}

function followingStep(plate: PicturePlate, step: number): Following<PicturePlace> | null {
	const steps = gradationSteps(plate);
	const found = steps[step];
	if (!found) return null;
	const onLine = plate.along === 'line';
	const before = steps.slice(0, step + 1).findLast(({ place }) => place !== null)?.place ?? null;
	const after = steps.slice(step).find(({ place }) => place !== null)?.place ?? null;
	const parents = [...new Set([before, after])].flatMap((place) =>
		place === null
			? []
			: [{ name: `place ${place + 1}`, place: { kind: 'place', id: plate.places[place]!.id } as const }]
	);
	return {
		name: wordsOfText(found.hex),
		note: `step ${step + 1} of ${steps.length} ${onLine ? 'along the line' : 'of the gradation'}`,
		text: found.hex,
		follows: onLine
			? 'It is what the picture shows at its place on the line. Move the ends of the line.'
			: 'It lies between two places. Move those, or the stops under the gradation.',
		parents
	};
}

/** Nothing of a picture is set by hand: its colours are what it shows. */
export const picturePlaces: Places<PicturePlate, PicturePlace> = {
	first: ({ places }, left) => {
		const at = left?.kind === 'step' ? places.length - 1 : 0;
		const place = places[at];
		return place ? { kind: 'place', id: place.id } : null;
	},
	has: (plate, place) => {
		if (place.kind === 'place') return indexOf(plate, place.id) >= 0;
		if (place.kind === 'step') return place.step < gradationSteps(plate).length;
		return place.x < plate.picture.width && place.y < plate.picture.height;
	},
	settable: () => null,
	following: (plate, place) => {
		if (place.kind === 'place') return followingPlace(plate, place.id);
		if (place.kind === 'step') return followingStep(plate, place.step);
		return {
			name: wordsOfText(place.text),
			note: `pixel ${place.x}, ${place.y}`,
			text: place.text,
			follows: 'It is what the picture shows at this one pixel.',
			parents: []
		};
	}
};

const giving = (plate: PicturePlate, i: number) => {
	const { id, text } = plate.places[i]!;
	return { place: id, name: `place ${i + 1}, ${wordsOfText(text)}`, hex: text };
};

/** Its places, by ids that outlive their order. */
export const pictureGives: Gives<PicturePlate, PicturePlace> = {
	rows: (plate) =>
		plate.places.length > 0 ? [{ name: 'Places', colours: plate.places.map((_, i) => giving(plate, i)) }] : [],
	at: (plate, place) => {
		const i = indexOf(plate, place);
		return i < 0 ? null : giving(plate, i);
	},
	held: (plate, place) => (indexOf(plate, place) < 0 ? null : { kind: 'place', id: place }),
	begun: (_plate, place) => (place.kind === 'place' ? place.id : null)
};
