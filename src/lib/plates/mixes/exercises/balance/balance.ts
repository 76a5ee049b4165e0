import { areasInBalance } from '$lib/core/ground/balance';
import { holds, look } from '$lib/core/remark';
import { isGrey } from '$lib/core/colour/hueless';
import { besideLimit } from '$lib/core/say-number';
import { decided } from '../../../decision';
import { type MixExercise } from '../../exercise';
import { placesOfBar } from '../../parent-bar';
import { namedParents, parentName, parentsOf } from '../../parents';
import { drawBalance } from './draw-balance';
import { balanceSchema, type Balance, type MadeBalance } from './schema';

/** Between these shares of its area in balance a colour is in balance (our choice). */
const [LEAST, MOST] = [0.9, 1.1] as const;

/** Areas in which light hues and dark ones hold each other in balance. */
export const balance: MixExercise<Balance, MadeBalance> = {
	name: 'balance',
	schema: balanceSchema,
	words: {
		name: 'Areas in balance',
		says: 'Light hues need less area than dark ones to hold each other in balance.',
		source: 'Goethe’s light values, after Johannes Itten, 1961'
	},
	heading: 'areas in balance',
	decides: { laid: decided('laid', 'how the areas are laid') },
	parts: true,
	begin: () => ({ name: 'balance', laid: 'bars' }),
	make: (common, _, linked) => {
		const parents = parentsOf(common, linked);
		return { parents, shares: areasInBalance(parents.map(({ linear }) => linear)) };
	},
	draw: ({ common, settings, made, linked }, detail) =>
		drawBalance(common, settings, made, linked, detail !== 'question'),
	places: ({ parents }) => placesOfBar(parents.map(({ parts }) => parts)),
	// Areas are set by their seams; no colour of them follows from others.
	seen: () => null,
	colours: ({ common, linked }) => namedParents(common, linked),
	reveals: (settings) => [
		{ settings, asks: true, says: 'the areas as they were set' },
		{ settings, says: 'and in balance' }
	],
	remarks: ({ common, made: { parents, shares }, linked }) => {
		const whole = common.parents.reduce((sum, { parts }) => sum + parts, 0);
		return shares.map((share, i) => {
			const ratio = common.parents[i]!.parts / whole / share;
			const name = parentName(common, i, linked);
			if (isGrey(parents[i]!.linear))
				return look('balance.grey', `${name} is a grey, of which these numbers say nothing.`);
			return ratio > LEAST && ratio < MOST
				? holds('balance.in', `${name} is in balance.`)
				: look(
						'balance.out',
						`${name} has ${besideLimit(ratio, ratio < 1 ? LEAST : MOST, 1)} times its share in balance.`
					);
		});
	}
};
