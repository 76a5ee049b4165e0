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
