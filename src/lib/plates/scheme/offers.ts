import { type Offer } from '../offer';
import { newScheme } from './make';
import { type SchemePlate } from './schema';

/** The exercises of schemes in the order of a course. */
export const SCHEME_OFFERS: readonly Offer<SchemePlate>[] = [
	{
		key: 'scheme',
		name: 'A scheme',
		says: 'A lead colour and its company, and how they look at work.',
		make: newScheme,
		is: ({ inUse }) => inUse
	},
	{
		key: 'relatives',
		name: 'Relatives',
		says: 'Lighter, warmer, quieter: what is near of kin to each colour.',
		make: (study) => ({ ...newScheme(study), inUse: false }),
		is: ({ relatives, inUse }) => relatives.shown && !inUse
	}
];
