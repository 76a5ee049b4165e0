import { type Verdict } from '$lib/core/brief/rules';
import { besideLimit } from '$lib/core/say-number';
import { type LinkedColour } from '$lib/model/linked';
import { judgedNow } from './by-eye';
import { matchedAt } from './places';
import { type MatchingPlate } from './schema';

/** The attempt whose farthest region is nearest, among those that set every region; null where there is none. */
export function closestAttempt(plate: MatchingPlate, linked: readonly LinkedColour[]): number | null {
	const found = matchedAt(plate, linked);
	if (!found) return null;
	const { match, at } = found;
	const farthest = at.settings.attempts.flatMap((attempt) => {
		const all = judgedNow(match, at, attempt);
		return all.length < match.count ? [] : [all[0]!.score.difference];
	});
	return farthest.length > 0 ? Math.min(...farthest) : null;
}

/** What a subject is asked to meet: a limit for its closest attempt. */
export function judgeMatching(plate: MatchingPlate, linked: readonly LinkedColour[]): Verdict[] {
	const limit = matchedAt(plate, linked)?.at.settings.limit ?? null;
	if (limit === null) return [];
	const closest = closestAttempt(plate, linked);
	const reason =
		closest === null
			? 'No attempt yet in which every region is set.'
			: `In the closest attempt the farthest region is ${besideLimit(closest, limit, 1)} ΔE00 off; under ${limit} is asked.`;
	return [{ key: 'rule.matched', holds: closest !== null && closest < limit, reason, step: null }];
}
