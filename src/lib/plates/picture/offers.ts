import { platesOf } from '$lib/model/edit';
import { type Surroundings } from '$lib/model/surroundings';
import { type Offer } from '../offer';
import { nextShipped, plateOfShipped } from './make';
import { type PicturePlate } from './schema';

const platesIn = ({ plates }: Surroundings): PicturePlate[] => platesOf<PicturePlate>('picture', plates);

/** A plate to go on with: the next picture that ships, from which six colours were taken. */
export const newPicture = (study: Surroundings): PicturePlate => plateOfShipped(nextShipped(platesIn(study)));

/** The exercises with pictures in the order of a course. A picture of one's own is brought in their place. */
export const PICTURE_OFFERS: readonly Offer<PicturePlate>[] = [
	{
		key: 'colours',
		name: 'Colours out of a picture',
		says: 'The few colours that make it, each where it was found. Bring one of your own, too.',
		make: newPicture,
		is: ({ large, along }) => large !== 'values' && along === 'places'
	},
	{
		key: 'values',
		name: 'A picture in few values',
		says: 'Light and dark alone, as painters plan them.',
		source: 'Arthur Wesley Dow, Composition, 1899, for notan: light and dark as masses',
		make: (study) => ({ ...newPicture(study), large: 'values' }),
		is: ({ large }) => large === 'values'
	},
	{
		key: 'line',
		name: 'Along a line',
		says: 'Colours as they come on the way across a picture.',
		make: (study) => ({ ...newPicture(study), along: 'line' }),
		is: ({ along }) => along === 'line'
	}
];
