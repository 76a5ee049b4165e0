import { besideLimit } from '$lib/core/say-number';
import { type LinkedColour } from '$lib/model/linked';
import { checkKey, decision } from '../decision';
import { type KindChecks } from '../checks';
import { closestAttempt } from './closest-attempt';
import { LIMITS } from './match-state';
import { matchOf, setMatch, type AnyMatched } from './matching-edits';
import { type MatchingPlate } from './schema';

/** There is one check, which needs no id of its own. */
const LIMIT = 'limit';

const asks = (limit: number): string => `An attempt under ${limit} ΔE00 in every region`;

const setLimit = (plateId: string, limit: number | null) => setMatch(plateId, (state) => ({ ...state, limit }));

/** The limit of a subject that is matched; null where none is asked, or it is another kind of work. */
const limitOf = (plate: MatchingPlate): number | null =>
	matchOf(plate) ? (plate.exercise as unknown as AnyMatched).limit : null;

function judged(plate: MatchingPlate, linked: readonly LinkedColour[]) {
	const limit = limitOf(plate);
	if (limit === null) return [];
	const closest = closestAttempt(plate, linked);
	const figure = closest === null ? undefined : besideLimit(closest, limit, 1);
	const reason =
		closest === null
			? 'No attempt yet in which every region is set.'
			: `In the closest attempt the farthest region is ${figure} ΔE00 off; under ${limit} is asked.`;
	const { least, most } = LIMITS;
	return [
		{
			id: LIMIT,
			holds: closest !== null && closest < limit,
			key: 'rule.matched' as const,
			reason,
			step: null,
			...(figure ? { figure } : {}),
			asks: asks(limit),
			of: null,
			at: null,
			limits: [
				{ name: 'ΔE00, under', value: limit, least, most, step: 0.5, set: (to: number) => setLimit(plate.id, to) }
			],
			remove: setLimit(plate.id, null)
		}
	];
}

/** What a subject is asked to meet: a limit for its closest attempt. */
export const matchingChecks: KindChecks<MatchingPlate> = {
	most: 1,
	offered: (plate) =>
		matchOf(plate)
			? [
					{
						about: 'Attempts',
						checks: [
							{
								name: 'A close attempt',
								says: `In one attempt every region is set, and none is as far as ${LIMITS.usual} ΔE00 off.`,
								asks: asks(LIMITS.usual),
								add: () => setLimit(plate.id, LIMITS.usual)
							}
						]
					}
				]
			: [],
	carry: (plate, from) =>
		matchOf(plate)
			? { ...plate, exercise: { ...plate.exercise, limit: limitOf(from) } as MatchingPlate['exercise'] }
			: plate,
	decisions: (plate) => {
		const limit = limitOf(plate);
		return limit === null ? [] : [decision(checkKey(LIMIT), `the check “${asks(limit)}”`, limit)];
	},
	judged
};
