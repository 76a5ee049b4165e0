/**
 * How the value goes along a scale. It rises or falls by its ends; all the way, when what it goes back in sum is under 1 L*; otherwise it
 * turns at some steps (numbers from 1). Within 1 L* it is level.
 */
export type Course =
	| { readonly kind: 'level' }
	| { readonly kind: 'rises' | 'falls' }
	| { readonly kind: 'turns'; readonly at: readonly number[] };

/** Values within so many L* of each other look like one. */
const ONE_VALUE = 1;
/** A scale that goes back by less than this in sum goes one way. */
const GOES_BACK = 1;

/** Where values turn, not counting a wavering of less than `ONE_VALUE`: places from 0. */
function turnsOf(values: readonly number[]): number[] {
	const turns: number[] = [];
	let [low, high, heading] = [0, 0, 0];
	values.forEach((value, i) => {
		if (value < values[low]!) low = i;
		if (value > values[high]!) high = i;
		if (heading >= 0 && value < values[high]! - ONE_VALUE) {
			if (heading > 0) turns.push(high);
			[heading, low, high] = [-1, i, i];
		} else if (heading <= 0 && value > values[low]! + ONE_VALUE) {
			if (heading < 0) turns.push(low);
			[heading, low, high] = [1, i, i];
		}
	});
	return turns;
}

/** How values (L*, 0–100) go from the first to the last. */
export function courseOf(values: readonly number[]): Course {
	if (Math.max(...values) - Math.min(...values) <= ONE_VALUE) return { kind: 'level' };
	const climbs = values.slice(1).map((value, i) => value - values[i]!);
	const sum = (sign: number): number => climbs.reduce((all, climb) => all + Math.max(0, sign * climb), 0);
	const [up, down] = [sum(1), sum(-1)];
	if (Math.min(up, down) < GOES_BACK) return { kind: up > down ? 'rises' : 'falls' };
	const at = turnsOf(values).map((place) => place + 1);
	// A scale that wavers in small steps turns nowhere plainly; it is furthest from going one way at its extremes.
	return { kind: 'turns', at: at.length > 0 ? at : extremes(values) };
}

/** The inner steps, from 1, at which values are lowest or highest. */
function extremes(values: readonly number[]): number[] {
	const found = [values.indexOf(Math.min(...values)), values.indexOf(Math.max(...values))];
	return found
		.filter((place) => place > 0 && place < values.length - 1)
		.map((place) => place + 1)
		.sort((a, b) => a - b);
}
