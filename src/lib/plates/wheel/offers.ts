import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { type Offer } from '../offer';
import { newWheel } from './make';
import { isDulled, type WheelPlate } from './schema';
import { titleOfWheel } from './title';

const wheelWith = (study: Surroundings, decisions: Partial<WheelPlate>): WheelPlate => {
	const plate = { ...newWheel(study), ...decisions };
	return { ...plate, title: asLine(titleOfWheel(plate, study.linked)) };
};

const rings = ({ inside, outside }: WheelPlate): number => inside.count + outside.count;

/** The exercises of wheels in the order of a course. */
export const WHEEL_OFFERS: readonly Offer<WheelPlate>[] = [
	{
		key: 'values',
		name: 'Wheel of values',
		says: 'A colour in every other hue, each lighter inwards and darker outwards.',
		source: 'Philipp Otto Runge, 1810, for the order of hue and value together',
		make: newWheel,
		is: (plate) => rings(plate) > 0 && !isDulled(plate)
	},
	{
		key: 'hues',
		name: 'Twelve hues',
		says: 'Each hue lies between its neighbours; opposites lie opposite.',
		source: 'Johannes Itten, The Art of Color, 1961, for twelve hues of the painter’s wheel',
		make: (study) =>
			wheelWith(study, { inside: { recipe: 'tints', count: 0 }, outside: { recipe: 'shades', count: 0 } }),
		is: (plate) => rings(plate) === 0
	},
	{
		key: 'dulled',
		name: 'Dulled wheel',
		says: 'Every hue dulled by its opposite, ring by ring towards the middle.',
		source: 'Michel Eugène Chevreul, 1839',
		make: (study) =>
			wheelWith(study, { inside: { recipe: 'dulling', count: 3 }, outside: { recipe: 'shades', count: 0 } }),
		is: isDulled
	}
];
